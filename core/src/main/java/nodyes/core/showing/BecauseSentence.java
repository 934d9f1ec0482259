package nodyes.core.showing;

import static java.util.stream.Collectors.joining;
import static nodyes.core.common.English.counted;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import nodyes.core.audience.FactName;
import nodyes.core.audience.Figure;
import nodyes.core.audience.Finding;

/** The evidence as sentences for the owner, in English, times in the shop's zone. */
public final class BecauseSentence {
  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("EEE d MMM yyyy, HH:mm", Locale.ENGLISH);
  static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.ENGLISH);
  private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");

  /** Words of the owner's own, shown to all, rest on nothing else. */
  private static final String UNASKED = "you put it here, and nothing more is asked of it";

  private BecauseSentence() {}

  /** One sentence: why it shows, or the first thing that keeps it from showing. */
  public static String of(Verdict verdict, ZoneId zone) {
    List<Finding> findings = verdict.because().findings();
    return switch (verdict) {
      case Verdict.Shown _ -> {
        String so =
            findings.stream()
                .filter(Finding::met)
                .map(finding -> clause(finding, zone))
                .distinct()
                .collect(joining(", and "));
        yield "Shows because " + (so.isEmpty() ? UNASKED : so) + ".";
      }
      case Verdict.Withheld _ ->
          "Not here: "
              + verdict.because().missing().stream()
                  .map(finding -> clause(finding, zone))
                  .distinct()
                  .collect(joining("; "))
              + ".";
    };
  }

  /** One finding as a clause without a full stop. */
  public static String clause(Finding finding, ZoneId zone) {
    String wanted = text(finding.wanted(), zone);
    String figure = text(finding.figure(), zone);
    return finding.standing() == Finding.Standing.UNKNOWN
        ? unknown(finding.fact(), wanted)
        : known(finding, figure, wanted);
  }

  private static String unknown(FactName fact, String wanted) {
    return switch (fact) {
      case PRODUCT -> "the catalogue holds no product named " + wanted;
      case MEAN_RATING -> "there is no mean rating yet; the rule wants " + wanted + " or more";
      case VALUE -> "the value “" + spoken(wanted) + "” of your words is not known here";
      case STOCK -> "the stock is not known, which is not the same as none";
      case COUNTDOWN ->
          "no rise is planned that ends the reduced price of all that is reduced, so there is nothing"
              + " to count down to";
      case DELIVERY ->
          "the shop’s own country is not set in Delivery, and the shopper’s is unknown";
      case BACK_ON -> "the day from which it can be had again is not known";
      case LAST_ORDER -> "no order of it is known " + wanted.replace("for at most", "of the last");
      case QUOTES -> "which of its reviews are picked is not looked at here";
      case SALES_RANK, UNITS_SOLD -> "it is in no category, or nothing is known of what was sold";
      default -> "the " + fact.words() + " is not known; the rule wants " + wanted;
    };
  }

  private static String known(Finding finding, String figure, String wanted) {
    boolean met = finding.met();
    return switch (finding.fact()) {
      case REVIEWS, BOUGHT, QUOTES, SHOP_REVIEWS, MEAN_RATING ->
          ReviewClauses.of(finding, figure, wanted);
      case CATEGORY, TAG, PRICE, COUNTRY, LANGUAGE, BRAND, PRODUCT ->
          "the " + finding.fact().words() + " is " + figure + orWanted(met, wanted);
      case PERIOD -> period(finding.figure(), wanted);
      case VISITORS -> visitors(finding, figure, wanted);
      case COUNTDOWN -> TradeClauses.countdown(finding, wanted);
      case DELIVERY -> DeliveryClauses.of(finding.figure());
      case TIME_OF_DAY -> (met ? "the time lies " : "the time lies outside ") + wanted;
      case SWITCH -> "you switched it off";
      case PAGE_KIND -> "it is for " + wanted + ", and this is " + figure;
      case SCREEN -> "it is for " + wanted + " screens alone, and this is a " + figure + " one";
      case CONDITIONS -> "a group asks for any of its conditions and has none";
      case PERCENT_OFF -> TradeClauses.drop(finding, figure, wanted);
      case PRIOR_PRICE -> "the prior price is " + figure;
      case STOCK -> TradeClauses.stock(finding, figure, wanted);
      case BACK_ON -> TradeClauses.backOn(met, figure);
      case FIRST_PUBLISHED ->
          "the shop shows it since " + figure + (met ? "" : "; the rule wants it " + wanted);
      case PICTURE -> met ? "it has a picture" : "it has no picture";
      case LAST_ORDER -> "its last order is known";
      case UNITS_SOLD -> TradeClauses.sold(finding, met);
      case SALES_RANK -> TradeClauses.rank(finding, met);
      case VALUE -> "your words put in " + figure;
      case LABELS_BEFORE -> labelsBefore(finding, wanted);
      case ITEMS -> items(finding);
    };
  }

  /** The name of a value as the owner reads it: backOn is back on. */
  private static String spoken(String name) {
    return name.replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT);
  }

  /** What the rule wants, where it is not met. */
  static String orWanted(boolean met, String wanted) {
    return met ? "" : "; the rule wants " + wanted;
  }

  private static String period(Figure figure, String wanted) {
    return figure == Figure.Phase.BEFORE
        ? "it starts later: it is set " + wanted
        : figure == Figure.Phase.AFTER
            ? "it is over: it was set " + wanted
            : "the moment lies " + wanted;
  }

  private static String visitors(Finding finding, String figure, String wanted) {
    String least = wanted.replace("at least ", "");
    return finding.figure() instanceof Figure.Visitors
        ? figure + (finding.met() ? "" : "; it is silent under " + least)
        : "its number comes when the page is seen, and it is silent under " + least;
  }

  private static String labelsBefore(Finding finding, String wanted) {
    return counted(count(finding), "label")
        + (count(finding) == 1 ? " stands" : " stand")
        + " on the picture before it, and it allows "
        + wanted.replace("at most ", "");
  }

  private static String items(Finding finding) {
    return finding.met()
        ? counted(count(finding), "promise")
            + " of it "
            + (count(finding) == 1 ? "holds" : "hold")
            + " here"
        : "it makes no promise that holds here";
  }

  static long count(Finding finding) {
    return finding.figure() instanceof Figure.Count have ? have.value() : 0;
  }

  private static String text(Figure figure, ZoneId zone) {
    return switch (figure) {
      case Figure.Unknown _ -> "unknown";
      case Figure.Visitors visitors -> TradeClauses.visitors(visitors);
      case Figure.Arrival _, Figure.NoArrival _ -> DeliveryClauses.of(figure);
      case Figure.Count count -> String.format(Locale.ENGLISH, "%,d", count.value());
      case Figure.CountRange range -> range(range.least(), range.most(), "");
      case Figure.Percent percent -> percent.value() + "%";
      case Figure.PercentRange range -> range(range.least(), range.most(), "%");
      case Figure.Reduced reduced -> reduced.percent() + "%";
      case Figure.NoDrop none -> TradeClauses.noDrop(none);
      case Figure.Sold sold -> TradeClauses.units(sold);
      case Figure.Rank rank -> TradeClauses.place(rank);
      case Figure.FirstOf first ->
          first.places() == 1 ? "the first" : "one of the first " + first.places();
      case Figure.Day day -> DAY.format(day.value());
      case Figure.Days days -> "for at most " + counted(days.value(), "day");
      case Figure.Stars stars -> stars.value().toPlainString();
      case Figure.Amount amount -> TradeClauses.money(amount.value());
      case Figure.Names names -> names.values().isEmpty() ? "none" : either(names.values());
      case Figure.AmountRange range ->
          Stream.of(
                  range.least().map(least -> "at least " + TradeClauses.money(least)),
                  range.most().map(most -> "at most " + TradeClauses.money(most)))
              .flatMap(Optional::stream)
              .collect(joining(" and "));
      case Figure.Period period ->
          Stream.of(
                  period.from().map(from -> "from " + moment(from, zone)),
                  period.to().map(to -> "until " + moment(to, zone)))
              .flatMap(Optional::stream)
              .collect(joining(" "));
      case Figure.DailyTimes times -> daily(times.from(), times.to(), times.days());
      case Figure.Phase phase -> phase.name().toLowerCase(Locale.ENGLISH);
      case Figure.Switch state -> state.name().toLowerCase(Locale.ENGLISH);
    };
  }

  private static <N extends Number> String range(Optional<N> least, Optional<N> most, String unit) {
    return Stream.of(
            least.map(bound -> "at least " + whole(bound) + unit),
            most.map(bound -> "at most " + whole(bound) + unit))
        .flatMap(Optional::stream)
        .collect(joining(" and "));
  }

  private static String whole(Number number) {
    return String.format(Locale.ENGLISH, "%,d", number.longValue());
  }

  private static String either(List<String> names) {
    return names.size() == 1
        ? names.getFirst()
        : String.join(", ", names.subList(0, names.size() - 1)) + " or " + names.getLast();
  }

  private static String daily(LocalTime from, LocalTime to, Set<DayOfWeek> days) {
    String times = TIME.format(from) + " to " + TIME.format(to);
    return days.size() == 7
        ? times
        : times
            + " on "
            + either(
                days.stream()
                    .sorted()
                    .map(day -> day.getDisplayName(TextStyle.SHORT, Locale.ENGLISH))
                    .toList());
  }

  private static String moment(Instant instant, ZoneId zone) {
    return MOMENT.format(instant.atZone(zone));
  }
}
