package nodyes.core.nod;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nodyes.core.common.Slug;

/**
 * Who looks at which page when.
 *
 * @param page the kind of page
 * @param products the products on it in page order, none twice; one on a product page
 * @param variant the chosen variant's SKU, if one is chosen
 * @param country the shopper's country (ISO 3166-1 alpha-2), if known
 * @param language the shopper's language
 * @param screen the width the page is drawn for, where the viewer says it; what a page holds does
 *     not depend on it, the shop's script fits it
 * @param moment when
 * @param orderedAt when the order was placed that a confirmation is of
 */
public record Viewpoint(
    PageKind page,
    List<Slug> products,
    Optional<String> variant,
    Optional<String> country,
    Locale language,
    Optional<Screen> screen,
    Instant moment,
    Optional<Instant> orderedAt) {
  /** A look at what is not ordered yet. */
  public Viewpoint(
      PageKind page,
      List<Slug> products,
      Optional<String> variant,
      Optional<String> country,
      Locale language,
      Optional<Screen> screen,
      Instant moment) {
    this(page, products, variant, country, language, screen, moment, Optional.empty());
  }

  /** Someone of whom nothing is known, who looks at a product on a kind of page. */
  public static Viewpoint anyone(PageKind page, Slug product, Instant moment) {
    return new Viewpoint(
        page,
        List.of(product),
        Optional.empty(),
        Optional.empty(),
        Locale.ENGLISH,
        Optional.empty(),
        moment);
  }

  /** The first kind of page that a nod is for; a product page where it is for none. */
  public static PageKind firstPage(Placement placement) {
    return placement.pages().stream().sorted().findFirst().orElse(PageKind.PRODUCT);
  }

  /** A width of screen. */
  public enum Screen {
    /** A laptop or larger. */
    WIDE,
    /** A phone. */
    NARROW
  }

  /** Keeps the products as they are given, unchangeable. */
  public Viewpoint {
    products = List.copyOf(products);
  }

  /** The same look at one product alone. */
  public Viewpoint of(Slug product) {
    return new Viewpoint(
        page, List.of(product), variant, country, language, screen, moment, orderedAt);
  }

  /** The same look at another moment. */
  public Viewpoint at(Instant other) {
    return new Viewpoint(page, products, variant, country, language, screen, other, orderedAt);
  }

  /** The same look with another variant chosen, or none. */
  public Viewpoint choosing(Optional<String> sku) {
    return new Viewpoint(page, products, sku, country, language, screen, moment, orderedAt);
  }

  /** The same look on a screen. */
  public Viewpoint on(Optional<Screen> other) {
    return new Viewpoint(page, products, variant, country, language, other, moment, orderedAt);
  }

  /** The same look from another country. */
  public Viewpoint from(Optional<String> other) {
    return new Viewpoint(page, products, variant, other, language, screen, moment, orderedAt);
  }

  /** The same look of an order that was placed then. */
  public Viewpoint ordered(Optional<Instant> at) {
    return new Viewpoint(page, products, variant, country, language, screen, moment, at);
  }
}
