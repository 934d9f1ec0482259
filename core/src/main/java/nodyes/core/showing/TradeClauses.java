package nodyes.core.showing;

import static nodyes.core.common.English.counted;

import java.text.NumberFormat;
import java.util.Locale;
import nodyes.core.audience.Figure;
import nodyes.core.audience.Finding;
import nodyes.core.sales.Standing;
import org.joda.money.Money;

/** Clauses on prices and sales. */
final class TradeClauses {
  private TradeClauses() {}

  static String drop(Finding finding, String figure, String wanted) {
    if (finding.figure() instanceof Figure.NoDrop none) {
      return noDrop(none) + BecauseSentence.orWanted(finding.met(), wanted);
    }
    if (!(finding.figure() instanceof Figure.Reduced reduced)) {
      return "the price lies "
          + figure
          + " under the one before"
          + BecauseSentence.orWanted(finding.met(), wanted);
    }
    String so =
        money(reduced.price())
            + " is "
            + reduced.percent()
            + "% under "
            + money(reduced.prior())
            + (reduced.daysBefore() > 0
                ? ", the lowest price of the " + reduced.daysBefore() + " days before the drop"
                : ", your price of reference");
    return finding.met() ? so : so + "; the rule wants " + wanted;
  }

  static String noDrop(Figure.NoDrop none) {
    return switch (none.why()) {
      case NOT_LOWER -> "the price is no lower than in the days before";
      case SOLD_OUT -> "what is reduced is sold out";
      case UNDER_ONE_PERCENT -> "the price is less than 1% lower than in the days before";
      case LONG_AGO ->
          "the price has been as low since "
              + none.began().map(BecauseSentence.DAY::format).orElse("long ago")
              + ", too long to be told as a drop";
    };
  }

  static String stock(Finding finding, String figure, String wanted) {
    return finding.figure() instanceof Figure.Names
        ? "it is made to order, so its stock says nothing"
        : "the stock is " + figure + BecauseSentence.orWanted(finding.met(), wanted);
  }

  static String backOn(boolean met, String day) {
    return met
        ? "it can be had again from " + day + " on"
        : "the day from which it could be had again, " + day + ", is over";
  }

  static String sold(Finding finding, boolean met) {
    String so =
        finding.figure() instanceof Figure.Sold sold
            ? units(sold) + (sold.units() == 1 ? " was sold" : " were sold") + in(sold.days())
            : "nothing was sold";
    return met || !(finding.wanted() instanceof Figure.Sold want)
        ? so
        : so
            + "; the rule wants "
            + String.format(Locale.ENGLISH, "%,d", want.units())
            + " or more";
  }

  private static String in(int days) {
    return days == 1 ? " today" : " in " + days + " days";
  }

  /** As English writes it: €25.00. */
  static String money(Money money) {
    NumberFormat format = NumberFormat.getCurrencyInstance(Locale.ENGLISH);
    format.setCurrency(money.getCurrencyUnit().toCurrency());
    int digits = money.getCurrencyUnit().getDecimalPlaces();
    format.setMinimumFractionDigits(digits);
    format.setMaximumFractionDigits(digits);
    return format.format(money.getAmount());
  }

  static String units(Figure.Sold sold) {
    return counted(sold.units(), "unit");
  }

  /** As '5th of 9 in planters: 41 units in 30 days; 4th has 44'. */
  static String rank(Finding finding, boolean met) {
    if (!(finding.figure() instanceof Figure.Rank rank)) {
      return "its sales rank is not known";
    }
    String so = "it is " + place(rank);
    return met || !(finding.wanted() instanceof Figure.FirstOf first)
        ? so
        : so
            + "; the rule takes "
            + (first.places() == 1 ? "the first" : "the first " + first.places());
  }

  static String place(Figure.Rank rank) {
    Standing standing = rank.standing();
    String above =
        standing
            .next()
            .map(units -> "; the next above it sold " + String.format(Locale.ENGLISH, "%,d", units))
            .orElse("");
    return ordinal(standing.rank())
        + " of "
        + standing.of()
        + (rank.group().isEmpty() ? " in the shop" : " in " + rank.group())
        + ": "
        + counted(standing.units(), "unit")
        + in(rank.days())
        + above;
  }

  /** As English writes it: 1st, 2nd, 3rd, 4th, 11th, 21st. */
  static String ordinal(int number) {
    int lastTwo = number % 100;
    String suffix =
        lastTwo >= 11 && lastTwo <= 13
            ? "th"
            : switch (number % 10) {
              case 1 -> "st";
              case 2 -> "nd";
              case 3 -> "rd";
              default -> "th";
            };
    return number + suffix;
  }

  /** When a countdown runs. */
  static String countdown(Finding finding, String wanted) {
    return switch (finding.figure()) {
      case Figure.Phase.WITHIN -> "its countdown runs " + wanted;
      case Figure.Phase.BEFORE -> "its countdown starts later: it runs " + wanted;
      case Figure.Phase.OUTSIDE -> "it lies between two countdowns: the next runs " + wanted;
      default ->
          finding.met()
              ? "its countdown ran " + wanted + ", and what you say after it still stands"
              : "its countdown is over: it ran " + wanted;
    };
  }

  static String visitors(Figure.Visitors visitors) {
    if (!visitors.isAnyCounted()) {
      return "no visit to its page was counted in the last 7 days";
    }
    String people = visitors.number() == 0 ? "nobody" : counted(visitors.number(), "visitor");
    return people
        + " looked at it in the last "
        + switch (visitors.window()) {
          case NOW -> "5 minutes";
          case HOUR -> "hour";
          case DAY -> "24 hours";
          case WEEK -> "7 days";
        };
  }
}
