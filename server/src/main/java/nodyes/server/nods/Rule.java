package nodyes.server.nods;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A condition as the back office writes it; each kind takes some of the parts.
 *
 * @param kind which condition
 * @param parts of a group
 * @param names categories, tags, countries or languages
 * @param count a least number of reviews
 * @param stars a least mean
 * @param least a lowest price, in the shop's currency
 * @param most a highest price
 * @param from a date and time, or a time, on the shop's clock
 * @param to the same, excluded
 * @param days weekdays
 */
public record Rule(
    Kind kind,
    @Nullable List<Rule> parts,
    @Nullable List<String> names,
    @Nullable Long count,
    @Nullable BigDecimal stars,
    @Nullable BigDecimal least,
    @Nullable BigDecimal most,
    @Nullable String from,
    @Nullable String to,
    @Nullable List<DayOfWeek> days) {
  /** Which condition. */
  public enum Kind {
    /** All of the parts. */
    ALL_OF,
    /** Any of the parts. */
    ANY_OF,
    /** At least {@code count} published reviews. */
    REVIEWS_AT_LEAST,
    /** A mean of at least {@code stars} from at least {@code count} reviews. */
    RATING_AT_LEAST,
    /** In one of the categories {@code names}. */
    IN_CATEGORY,
    /** With one of the tags {@code names}. */
    HAS_TAG,
    /** A price from {@code least} to {@code most}. */
    PRICE_BETWEEN,
    /** The shopper is in one of the countries {@code names}. */
    COUNTRY_IN,
    /** The shopper reads one of the languages {@code names}. */
    LANGUAGE_IN,
    /** From {@code from} to {@code to}. */
    BETWEEN,
    /** On {@code days} from the time {@code from} to the time {@code to}. */
    DAILY
  }

  static Rule group(Kind kind, List<Rule> parts) {
    return new Rule(kind, parts, null, null, null, null, null, null, null, null);
  }

  static Rule named(Kind kind, List<String> names) {
    return new Rule(kind, null, names, null, null, null, null, null, null, null);
  }
}
