package nodyes.server.pages;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import nodyes.core.nod.PageKind;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The shop's live pages, looked at from here. */
@RestController
@Tag(name = "page-check")
@RequestMapping("/api/v1/page/check")
class PageCheckApi {
  private final PageCheck check;
  private final LivePages pages;

  PageCheckApi(PageCheck check, LivePages pages) {
    this.check = check;
    this.pages = pages;
  }

  record AllChecked(List<PageCheck.Checked> pages) {}

  @GetMapping
  PageCheck.Checked one(
      @RequestParam String kind,
      @RequestParam(required = false) @Nullable String of,
      HttpServletRequest request) {
    PageKind page =
        PageKind.parse(kind).orElseThrow(() -> ApiProblem.value("kind", text("pages.noSuchKind")));
    return check.one(page, of, office(request));
  }

  /** What the live pages lack for the nods of the draft. */
  @GetMapping("/lacking")
  LivePages.PagesLack lacking() {
    return pages.look();
  }

  @GetMapping("/all")
  AllChecked all(HttpServletRequest request) {
    return new AllChecked(check.all(office(request)));
  }

  private static String office(HttpServletRequest request) {
    return ServletUriComponentsBuilder.fromContextPath(request).build().toUriString();
  }
}
