package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Map;
import nodyes.core.nod.BrandKit;
import nodyes.core.nod.ColorPair;
import nodyes.core.nod.ResolvedStyle;
import nodyes.core.nod.Style;
import nodyes.core.nod.StyleProperty;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What all nods share: the brand kit of the draft. */
@RestController
@Tag(name = "kit")
@RequestMapping("/api/v1/layout/kit")
class KitApi {
  private final Nods nods;
  private final NodSettingsMapper faces;

  KitApi(Nods nods, NodSettingsMapper faces) {
    this.nods = nods;
    this.faces = faces;
  }

  /** A pair, and how its words read on its ground. */
  record PairView(String name, String ground, String words, NodSettingsView.Contrast contrast) {}

  record KitView(
      Map<String, String> values,
      List<PairView> pairs,
      NodSettingsView.@Nullable Contrast contrast) {}

  record KitSet(Map<String, String> values, List<ColorPair> pairs) {}

  /** The kit as it is now, and the step that made it so. */
  record KitSaved(KitView kit, DraftChange step) {}

  @GetMapping
  KitView kit() {
    return view(nods.written().kit());
  }

  @PutMapping
  KitSaved set(@RequestBody KitSet set, Authentication who) {
    BrandKit kit = faces.kit(set.values(), set.pairs());
    DraftChange step =
        nods.change(() -> text("steps.kit"), who.getName(), draft -> draft.with(kit));
    return new KitSaved(view(kit), step);
  }

  private static KitView view(BrandKit kit) {
    return new KitView(
        NodSettingsMapper.names(kit.values()),
        kit.pairs().stream()
            .map(
                pair ->
                    new PairView(
                        pair.name(),
                        pair.ground(),
                        pair.words(),
                        NodSettingsMapper.contrast(
                                new ResolvedStyle(
                                    Map.of(
                                        StyleProperty.GROUND,
                                        pair.ground(),
                                        StyleProperty.INK,
                                        pair.words()),
                                    Map.of(),
                                    true,
                                    java.util.Optional.empty()))
                            .orElseThrow()))
            .toList(),
        NodSettingsMapper.contrast(ResolvedStyle.of(kit, Style.DEFAULT)).orElse(null));
  }
}
