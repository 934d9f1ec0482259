package nodyes.server.nods;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Spot;
import nodyes.server.web.Refusal;
import org.jsoup.select.QueryParser;
import org.jsoup.select.Selector;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Places that the owner pointed at. */
@RestController
@Tag(name = "spots")
@RequestMapping("/api/v1/arrangement/spots")
class SpotsApi {
  private final Nods nods;

  SpotsApi(Nods nods) {
    this.nods = nods;
  }

  record SpotChange(
      PageKind page,
      @NotBlank(message = "give a CSS selector")
          @Size(max = 400, message = "at most 400 characters")
          String selector,
      PointedSpot.Side side) {}

  @PutMapping("/{name}")
  Step point(@PathVariable String name, @Valid @RequestBody SpotChange change, Authentication who) {
    Spot spot = NodsApi.spot(name);
    if (Spot.STANDARD.contains(spot)) {
      throw Refusal.value("name", "is the name of a standard spot; choose another");
    }
    try {
      QueryParser.parse(change.selector());
    } catch (Selector.SelectorParseException e) {
      throw Refusal.value("selector", "is no CSS selector that can be read");
    }
    return nods.change(
        "Pointed at " + spot.name(),
        who.getName(),
        draft ->
            draft.with(
                new PointedSpot(spot.name(), change.page(), change.selector(), change.side())));
  }

  @DeleteMapping("/{name}")
  Step forget(@PathVariable String name, Authentication who) {
    Draft draft = nods.written();
    if (draft.spots().stream().noneMatch(spot -> spot.name().equals(name))) {
      throw Refusal.notFound("There is no such spot.");
    }
    if (draft.nods().stream().anyMatch(nod -> nod.placement().spot().name().equals(name))) {
      throw Refusal.unusable("Nods stand in this spot. Move them first.");
    }
    return nods.change("Forgot " + name, who.getName(), now -> now.without(name));
  }
}
