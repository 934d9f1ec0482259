package nodyes.core.nod;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.joda.money.Money;

/**
 * A value that a label's words can put in; the shop's script writes it in the reader's language.
 */
public sealed interface TextValue {
  /** A number. */
  record Plain(BigDecimal value) implements TextValue {}

  /** A whole number of percent. */
  record Percent(int value) implements TextValue {}

  /** An amount of money. */
  record Amount(Money value) implements TextValue {}

  /** A day of the shop. */
  record Day(LocalDate value) implements TextValue {}

  /** A name of the shop's, as it is. */
  record Text(String value) implements TextValue {}

  /** A country (ISO 3166-1 alpha-2). */
  record Country(String code) implements TextValue {}

  /** The same as names and values, for whoever writes it out: {@code percent}, {@code amount}. */
  default Map<String, Object> parts() {
    return switch (this) {
      case Plain(var number) -> Map.of("number", number);
      case Percent(int percent) -> Map.of("percent", percent);
      case Amount(var amount) ->
          Map.of("amount", amount.getAmount(), "currency", amount.getCurrencyUnit().getCode());
      case Day(var day) -> Map.of("day", day.toString());
      case Text(String text) -> Map.of("text", text);
      case Country(String code) -> Map.of("country", code);
    };
  }

  /** The names of the values. */
  enum Name {
    /** How far the price lies under the prior one. */
    PERCENT_OFF("percentOff"),
    /** The same in money. */
    AMOUNT_OFF("amountOff"),
    /** What it costs. */
    PRICE("price"),
    /** What it cost before. */
    PRIOR_PRICE("priorPrice"),
    /** Its place by units sold. */
    RANK("rank"),
    /** Its own category. */
    CATEGORY("category"),
    /** Units sold in the window. */
    UNITS_SOLD("unitsSold"),
    /** Pieces in stock. */
    STOCK("stock"),
    /** The mean of its reviews. */
    RATING("rating"),
    /** How many reviews it has. */
    REVIEWS("reviews"),
    /** The shopper's country. */
    COUNTRY("country"),
    /** Days until the price or the label ends, today counted. */
    DAYS_LEFT("daysLeft"),
    /** The day from which it can be had again. */
    BACK_ON("backOn");

    private final String wireName;

    Name(String wireName) {
      this.wireName = wireName;
    }

    /** As the owner writes it, in braces. */
    public String wireName() {
      return wireName;
    }

    /** The value of that name, if there is one. */
    public static Optional<Name> parse(String text) {
      return Arrays.stream(values()).filter(name -> name.wireName.equals(text)).findFirst();
    }

    /** All of them, as the owner writes them. */
    public static List<String> all() {
      return Arrays.stream(values()).map(Name::wireName).toList();
    }
  }
}
