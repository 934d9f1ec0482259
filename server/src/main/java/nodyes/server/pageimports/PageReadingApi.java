package nodyes.server.pageimports;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import nodyes.core.pagereading.ReviewPart;
import nodyes.server.shop.Shop;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Shows how the reviews of a page are read that marks up none. */
@RestController
@Tag(name = "bring in")
@RequestMapping("/api/v1/page-readings/{id}")
class PageReadingApi {
  private final PageReadings readings;
  private final PageImports imports;
  private final Shop shop;

  PageReadingApi(PageReadings readings, PageImports imports, Shop shop) {
    this.readings = readings;
    this.imports = imports;
    this.shop = shop;
  }

  /**
   * What someone points at.
   *
   * @param part which part of a review it is; missing for a review itself
   */
  record PointedElement(@Nullable ReviewPart part, int element) {}

  /** Whether something that is built like a review is none. */
  record LeftOut(boolean isLeftOut) {}

  /**
   * How many reviews are brought in.
   *
   * @param most the first so many; missing for all
   */
  record HowMany(
      @Nullable
          @Min(value = 1, message = "{problems.unusableValue}")
          @Max(value = PageImports.MOST_REVIEWS, message = "{problems.numberTooLarge}")
          Integer most) {}

  @GetMapping
  PageReadingView reading(@PathVariable long id) {
    return view(readings.get(id));
  }

  @PostMapping("/points")
  PageReadingView point(@PathVariable long id, @RequestBody PointedElement pointed) {
    return view(
        pointed.part() == null
            ? readings.pointAtReview(id, pointed.element())
            : readings.pointAt(id, pointed.part(), pointed.element()));
  }

  @DeleteMapping("/parts/{part}")
  PageReadingView without(@PathVariable long id, @PathVariable ReviewPart part) {
    return view(readings.without(id, part));
  }

  @PutMapping("/rows/{element}")
  PageReadingView leave(
      @PathVariable long id, @PathVariable int element, @RequestBody LeftOut row) {
    return view(readings.leave(id, element, row.isLeftOut()));
  }

  @PostMapping("/import")
  @ResponseStatus(HttpStatus.ACCEPTED)
  PageImport bringIn(
      @PathVariable long id, @Valid @RequestBody HowMany howMany, Authentication who) {
    return imports.begin(
        readings.get(id),
        howMany.most() == null ? PageImports.MOST_REVIEWS : howMany.most(),
        who.getName());
  }

  private PageReadingView view(PageReading reading) {
    return PageReadingView.of(reading, shop.settings().zone());
  }
}
