package nodyes.server.pages;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/** Reads a viewpoint from an address's parameters. */
public final class Viewpoints {
  private static final int MOST_PRODUCTS = 100;

  private Viewpoints() {}

  /**
   * A viewpoint; slugs that are none are passed over, as unknown products are.
   *
   * @param kind the kind of page
   * @param products slugs parted by commas
   */
  public static Viewpoint of(
      String kind,
      @Nullable String products,
      @Nullable String variant,
      @Nullable String country,
      @Nullable String language,
      Instant moment) {
    PageKind page =
        PageKind.parse(kind)
            .orElseThrow(
                () ->
                    new Refusal(
                        HttpStatus.BAD_REQUEST,
                        "kind is one of product, listing, basket and home."));
    return new Viewpoint(
        page,
        slugs(products),
        given(variant),
        given(country).map(code -> code.toUpperCase(Locale.ROOT)),
        Locale.forLanguageTag(given(language).orElse("en")),
        Optional.empty(),
        moment);
  }

  private static List<Slug> slugs(@Nullable String products) {
    if (products == null) {
      return List.of();
    }
    List<Slug> slugs =
        Arrays.stream(products.split(","))
            .map(String::strip)
            .map(Slug::parse)
            .flatMap(Optional::stream)
            .distinct()
            .toList();
    if (slugs.size() > MOST_PRODUCTS) {
      throw new Refusal(HttpStatus.BAD_REQUEST, "A page asks for at most 100 products.");
    }
    return slugs;
  }

  private static Optional<String> given(@Nullable String value) {
    return Optional.ofNullable(value).map(String::strip).filter(text -> !text.isEmpty());
  }
}
