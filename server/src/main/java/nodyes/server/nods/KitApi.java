package nodyes.server.nods;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Map;
import nodyes.core.nod.BrandKit;
import nodyes.core.nod.ColourPair;
import nodyes.core.nod.Dressed;
import nodyes.core.nod.Look;
import nodyes.core.nod.LookValue;
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
@RequestMapping("/api/v1/arrangement/kit")
class KitApi {
  private final Nods nods;
  private final NodFaces faces;

  KitApi(Nods nods, NodFaces faces) {
    this.nods = nods;
    this.faces = faces;
  }

  /** A pair, and how its words read on its ground. */
  record PairView(String name, String ground, String words, NodFace.Contrast contrast) {}

  record KitView(
      Map<String, String> values, List<PairView> pairs, NodFace.@Nullable Contrast contrast) {}

  record KitSet(Map<String, String> values, List<ColourPair> pairs) {}

  /** The kit as it is now, and the step that made it so. */
  record KitSaved(KitView kit, Step step) {}

  @GetMapping
  KitView kit() {
    return view(nods.written().kit());
  }

  @PutMapping
  KitSaved set(@RequestBody KitSet set, Authentication who) {
    BrandKit kit = faces.kit(set.values(), set.pairs());
    Step step = nods.change("The brand kit", who.getName(), draft -> draft.with(kit));
    return new KitSaved(view(kit), step);
  }

  private static KitView view(BrandKit kit) {
    return new KitView(
        NodFaces.names(kit.values()),
        kit.pairs().stream()
            .map(
                pair ->
                    new PairView(
                        pair.name(),
                        pair.ground(),
                        pair.words(),
                        NodFaces.contrast(
                                new Dressed(
                                    Map.of(
                                        LookValue.GROUND,
                                        pair.ground(),
                                        LookValue.INK,
                                        pair.words()),
                                    Map.of(),
                                    true,
                                    java.util.Optional.empty()))
                            .orElseThrow()))
            .toList(),
        NodFaces.contrast(Dressed.of(kit, Look.DEFAULT)).orElse(null));
  }
}
