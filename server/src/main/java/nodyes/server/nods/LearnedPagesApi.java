package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import nodyes.core.recognition.AddressPattern;
import nodyes.core.recognition.LearnedPages;
import nodyes.core.recognition.LearnedPages.Landmark;
import nodyes.server.web.ApiProblem;
import org.jsoup.select.QueryParser;
import org.jsoup.select.Selector;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the owner showed of the shop's pages: a part of the draft, and of each version. */
@RestController
@Tag(name = "learned-pages")
@RequestMapping("/api/v1/layout/pages")
class LearnedPagesApi {
  private static final int MOST_PATTERNS = 20;
  private static final int MOST_LEFT_OUT = 50;

  private final Nods nods;

  LearnedPagesApi(Nods nods) {
    this.nods = nods;
  }

  /**
   * What was shown.
   *
   * @param products further ways in which products are addressed
   * @param landmarks CSS selectors of what was pointed at
   * @param leftOut CSS selectors of what is no card
   */
  record Learned(List<String> products, Map<Landmark, String> landmarks, List<String> leftOut) {}

  record Pointed(
      @NotBlank(message = "{spots.enterSelector}") @Size(max = 400, message = "{spots.selector400}")
          String selector) {}

  record ProductPattern(@NotBlank(message = "{shop.productPath}") String pattern) {}

  @GetMapping
  Learned get() {
    LearnedPages pages = nods.written().pages();
    return new Learned(
        pages.products().stream().map(AddressPattern::template).toList(),
        pages.landmarks(),
        pages.leftOut());
  }

  @PutMapping("/landmarks/{landmark}")
  DraftChange point(
      @PathVariable Landmark landmark, @Valid @RequestBody Pointed pointed, Authentication who) {
    String selector = selector(pointed);
    return nods.change(
        () -> text("steps.landmark", "landmark", landmark.name()),
        who.getName(),
        draft -> draft.with(draft.pages().with(landmark, selector)));
  }

  private static String selector(Pointed pointed) {
    try {
      QueryParser.parse(pointed.selector());
    } catch (Selector.SelectorParseException | IllegalArgumentException e) {
      throw ApiProblem.value("selector", text("spots.notASelector"));
    }
    return pointed.selector().strip();
  }

  @DeleteMapping("/landmarks/{landmark}")
  DraftChange forget(@PathVariable Landmark landmark, Authentication who) {
    if (!nods.written().pages().landmarks().containsKey(landmark)) {
      throw ApiProblem.notFound(text("spots.noSuch"));
    }
    return nods.change(
        () -> text("steps.landmarkGone", "landmark", landmark.name()),
        who.getName(),
        draft -> draft.with(draft.pages().without(landmark)));
  }

  @PostMapping("/products")
  DraftChange add(@Valid @RequestBody ProductPattern wanted, Authentication who) {
    AddressPattern pattern = pattern(wanted.pattern());
    if (nods.written().pages().products().size() >= MOST_PATTERNS) {
      throw ApiProblem.value("pattern", text("spots.manyPatterns", "count", MOST_PATTERNS));
    }
    return nods.change(
        () -> text("steps.address", "pattern", pattern.template()),
        who.getName(),
        draft -> draft.with(draft.pages().with(pattern)));
  }

  @DeleteMapping("/products")
  DraftChange remove(@RequestParam String pattern, Authentication who) {
    AddressPattern gone = pattern(pattern);
    if (!nods.written().pages().products().contains(gone)) {
      throw ApiProblem.notFound(text("spots.noSuch"));
    }
    return nods.change(
        () -> text("steps.addressGone", "pattern", gone.template()),
        who.getName(),
        draft -> draft.with(draft.pages().without(gone)));
  }

  @PostMapping("/left-out")
  DraftChange leaveOut(@Valid @RequestBody Pointed pointed, Authentication who) {
    String selector = selector(pointed);
    if (nods.written().pages().leftOut().size() >= MOST_LEFT_OUT) {
      throw ApiProblem.value("selector", text("spots.manyLeftOut", "count", MOST_LEFT_OUT));
    }
    return nods.change(
        () -> text("steps.cardLeftOut", "selector", selector),
        who.getName(),
        draft -> draft.with(draft.pages().leavingOut(selector)));
  }

  @DeleteMapping("/left-out")
  DraftChange takeIn(@RequestParam String selector, Authentication who) {
    if (!nods.written().pages().leftOut().contains(selector)) {
      throw ApiProblem.notFound(text("spots.noSuch"));
    }
    return nods.change(
        () -> text("steps.cardTakenIn", "selector", selector),
        who.getName(),
        draft -> draft.with(draft.pages().takingIn(selector)));
  }

  /** One that names no product would take every page for one. */
  private static AddressPattern pattern(String template) {
    return AddressPattern.parse(template.strip())
        .filter(one -> one.template().contains("{product}"))
        .orElseThrow(() -> ApiProblem.value("pattern", text("shop.productPath")));
  }
}
