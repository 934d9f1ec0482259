package nodyes.server.catalogue;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.joda.money.Money;

/**
 * A product as it is given.
 *
 * @param described what it is called
 * @param categories each as the titles from the top down; the first is its own
 * @param notes what was made of values that could not be taken as they are
 * @param isBySku whether it is named by the SKU of its one variant alone
 * @param given the terms that it carries; what it does not carry stays as it was
 */
record NewProduct(
    String slug,
    Described described,
    Optional<Instant> firstPublished,
    List<List<String>> categories,
    List<String> tags,
    List<NewVariant> variants,
    List<Note> notes,
    boolean isBySku,
    Set<String> given) {
  /** What a product is called and looks like; a title that is not given is empty. */
  record Described(String title, String description, String picture, Optional<String> brand) {}

  /**
   * A variant as it is given.
   *
   * @param reference a price of reference of the owner's
   * @param availableFrom the day from which it can be had again
   * @param given the terms that it carries; what it does not carry stays as it was
   */
  record NewVariant(
      String sku,
      String title,
      String gtin,
      Optional<Money> price,
      Optional<Money> reference,
      Optional<Long> stock,
      Optional<LocalDate> availableFrom,
      boolean madeToOrder,
      List<Priced> history,
      Set<String> given) {}

  /** A price and since when it is in force. */
  record Priced(Instant from, Money price) {}

  /** What was made of a value. */
  record Note(String field, String value, String reason) {}
}
