package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Spot;
import nodyes.server.web.ApiProblem;
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
@RequestMapping("/api/v1/layout/spots")
class SpotsApi {
  private final Nods nods;

  SpotsApi(Nods nods) {
    this.nods = nods;
  }

  record SpotChange(
      PageKind page,
      @NotBlank(message = "{spots.enterSelector}") @Size(max = 400, message = "{spots.selector400}")
          String selector,
      CustomSpot.Side side) {}

  @PutMapping("/{name}")
  DraftChange point(
      @PathVariable String name, @Valid @RequestBody SpotChange change, Authentication who) {
    Spot spot = NodsApi.spot(name);
    if (Spot.STANDARD.contains(spot)) {
      throw ApiProblem.value("name", text("spots.standardName"));
    }
    try {
      QueryParser.parse(change.selector());
    } catch (Selector.SelectorParseException e) {
      throw ApiProblem.value("selector", text("spots.notASelector"));
    }
    return nods.change(
        () -> text("steps.spot", "name", spot.name()),
        who.getName(),
        draft ->
            draft.with(
                new CustomSpot(spot.name(), change.page(), change.selector(), change.side())));
  }

  @DeleteMapping("/{name}")
  DraftChange forget(@PathVariable String name, Authentication who) {
    Draft draft = nods.written();
    if (draft.spots().stream().noneMatch(spot -> spot.name().equals(name))) {
      throw ApiProblem.notFound(text("spots.noSuch"));
    }
    if (draft.nods().stream().anyMatch(nod -> nod.placement().spot().name().equals(name))) {
      throw ApiProblem.unusable(text("spots.inUse"));
    }
    return nods.change(
        () -> text("steps.spotGone", "name", name), who.getName(), now -> now.without(name));
  }
}
