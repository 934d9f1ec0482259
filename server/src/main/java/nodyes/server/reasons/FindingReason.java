package nodyes.server.reasons;

import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import nodyes.core.common.Said;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;
import nodyes.server.messages.Written;

/** Which message tells a finding, and with which values. */
final class FindingReason {
  private final ZoneId zone;
  private final UnaryOperator<String> titleOf;
  private final TradeReason trade;

  FindingReason(ZoneId zone, UnaryOperator<String> titleOf) {
    this.zone = zone;
    this.titleOf = titleOf;
    this.trade = new TradeReason();
  }

  Said of(Finding finding) {
    return finding.status() == Finding.Status.UNKNOWN ? unknown(finding) : known(finding);
  }

  private Said unknown(Finding finding) {
    FactValue wanted = finding.required();
    return switch (finding.fact()) {
      case CATEGORY, TAG, BRAND, COUNTRY, LANGUAGE, PRODUCT ->
          Reason.of(name(finding) + ".unknown", "need", names(finding, wanted));
      case AVERAGE_RATING -> Reason.of("AVERAGE_RATING.unknown", "need", stars(wanted));
      case LAST_ORDER ->
          Reason.of(
              "LAST_ORDER.unknown",
              "days",
              wanted instanceof FactValue.MaxAgeDays(int days) ? days : 0);
      case TEXT_VALUE -> Reason.of("TEXT_VALUE.unknown", "name", spoken(names(finding, wanted)));
      case SALES_RANK -> Reason.of("SALES_RANK.unknown");
      case REVIEWS,
          VERIFIED_PURCHASES,
          SHOP_REVIEWS,
          SCREEN,
          ENABLED,
          GROUP_CONDITIONS,
          PROMISES,
          RETURNS,
          LABELS_ON_IMAGE ->
          Reason.of("unknown");
      case DATE_RANGE, TIME_OF_DAY, PAGE_KIND, PICTURE, VISITORS -> Reason.of("unknown");
      case PRICE,
          DISCOUNT,
          PRIOR_PRICE,
          QUOTED_REVIEWS,
          STOCK,
          RESTOCK_DATE,
          ADDED_ON,
          UNITS_SOLD,
          DELIVERY,
          COUNTDOWN ->
          Reason.of(name(finding) + ".unknown");
    };
  }

  private Said known(Finding finding) {
    String standing = finding.met() ? ".met" : ".missing";
    String key = name(finding) + standing;
    FactValue figure = finding.actual();
    FactValue wanted = finding.required();
    return switch (finding.fact()) {
      case REVIEWS ->
          Reason.of(
              count(wanted) > 1 || finding.met() ? key : "REVIEWS.none",
              "have",
              count(figure),
              "need",
              count(wanted));
      case VERIFIED_PURCHASES, QUOTED_REVIEWS, SHOP_REVIEWS, PROMISES ->
          Reason.of(key, "have", count(figure));
      case LABELS_ON_IMAGE -> Reason.of(key, "have", count(figure), "max", most(wanted));
      case AVERAGE_RATING -> Reason.of(key, "have", stars(figure), "need", stars(wanted));
      case CATEGORY, TAG, BRAND, PRODUCT, COUNTRY, LANGUAGE, SCREEN ->
          Reason.of(key, "have", names(finding, figure), "need", names(finding, wanted));
      case PAGE_KIND -> Reason.of(key, "page", first(figure), "pages", names(finding, wanted));
      case PRICE -> trade.price(finding);
      case DISCOUNT -> trade.drop(finding);
      case PRIOR_PRICE -> Reason.of("PRIOR_PRICE.met", "have", trade.amount(figure));
      case STOCK -> trade.stock(finding);
      case RESTOCK_DATE -> Reason.of(key, "day", day(figure));
      case ADDED_ON ->
          Reason.of(
              key,
              "day",
              day(figure),
              "need",
              wanted instanceof FactValue.MaxAgeDays(int n) ? n : 0);
      case PICTURE, ENABLED, GROUP_CONDITIONS, LAST_ORDER -> Reason.of(key);
      case UNITS_SOLD -> trade.sold(finding);
      case SALES_RANK -> trade.rank(finding);
      case VISITORS -> trade.visitors(finding);
      case TEXT_VALUE -> Reason.of("TEXT_VALUE.met", "value", names(finding, figure));
      case DATE_RANGE -> period(figure, wanted);
      case COUNTDOWN -> countdown(finding);
      case TIME_OF_DAY -> times(key, wanted);
      case DELIVERY -> delivery(figure);
      case RETURNS -> ReturnsReason.of(figure);
    };
  }

  private static String name(Finding finding) {
    return finding.fact().name();
  }

  static long count(FactValue figure) {
    return figure instanceof FactValue.Count(long value) ? value : 0;
  }

  private static long most(FactValue figure) {
    return figure instanceof FactValue.CountRange(_, Optional<Long> most)
        ? most.orElse(0L)
        : count(figure);
  }

  private String stars(FactValue figure) {
    return figure instanceof FactValue.Stars(var value) ? Written.decimal(value) : "";
  }

  private String day(FactValue figure) {
    return figure instanceof FactValue.Day(var day) ? Written.day(day) : "";
  }

  private static String first(FactValue figure) {
    return figure instanceof FactValue.NameList(var names) && !names.isEmpty()
        ? names.getFirst()
        : "";
  }

  private String names(Finding finding, FactValue figure) {
    if (!(figure instanceof FactValue.NameList(List<String> names))) {
      return trade.plain(figure);
    }
    return Written.either(names.stream().map(name -> said(finding, name)).toList());
  }

  private String said(Finding finding, String name) {
    return switch (finding.fact()) {
      case COUNTRY -> Written.country(name);
      case LANGUAGE -> Written.language(name);
      case PRODUCT -> titleOf.apply(name);
      case CATEGORY -> capital(name.substring(name.lastIndexOf('/') + 1).replace('-', ' '));
      case REVIEWS,
          AVERAGE_RATING,
          VERIFIED_PURCHASES,
          QUOTED_REVIEWS,
          SHOP_REVIEWS,
          TAG,
          PRICE,
          BRAND,
          DISCOUNT,
          PRIOR_PRICE,
          STOCK,
          RESTOCK_DATE,
          ADDED_ON,
          PICTURE,
          UNITS_SOLD,
          LAST_ORDER,
          SALES_RANK,
          VISITORS,
          TEXT_VALUE,
          LABELS_ON_IMAGE,
          PROMISES,
          DELIVERY,
          RETURNS,
          DATE_RANGE,
          COUNTDOWN,
          TIME_OF_DAY,
          ENABLED,
          GROUP_CONDITIONS,
          PAGE_KIND,
          SCREEN ->
          name;
    };
  }

  private static String capital(String name) {
    return name.isEmpty()
        ? name
        : name.substring(0, name.offsetByCodePoints(0, 1)).toUpperCase(Locale.ROOT)
            + name.substring(name.offsetByCodePoints(0, 1));
  }

  /** The name of a value as the owner reads it: backOn is back on. */
  private static String spoken(String name) {
    return name.replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT);
  }

  private Said period(FactValue figure, FactValue wanted) {
    if (!(wanted instanceof FactValue.Period(var from, var to))) {
      return Reason.of("unknown");
    }
    String start = from.map(instant -> Written.moment(instant, zone)).orElse("");
    String end = to.map(instant -> Written.moment(instant, zone)).orElse("");
    String key =
        figure == FactValue.Phase.BEFORE
            ? "before"
            : figure == FactValue.Phase.AFTER
                ? "after"
                : end.isEmpty() ? "since" : start.isEmpty() ? "until" : "within";
    return Reason.of("DATE_RANGE." + key, "from", start, "to", end);
  }

  private Said countdown(Finding finding) {
    if (!(finding.required() instanceof FactValue.Period(var from, var to))) {
      return Reason.of("COUNTDOWN.unknown");
    }
    var phase = finding.actual() instanceof FactValue.Phase known ? known : FactValue.Phase.AFTER;
    String key = phase(phase, finding);
    return Reason.of(
        "COUNTDOWN." + key,
        "from",
        from.map(instant -> Written.moment(instant, zone)).orElse(""),
        "to",
        to.map(instant -> Written.moment(instant, zone)).orElse(""));
  }

  private static String phase(FactValue.Phase phase, Finding finding) {
    return switch (phase) {
      case WITHIN -> "within";
      case BEFORE -> "before";
      case OUTSIDE -> "outside";
      case AFTER -> finding.met() ? "afterText" : "after";
    };
  }

  private Said times(String key, FactValue wanted) {
    if (!(wanted instanceof FactValue.DailyTimes(var from, var to, var days))) {
      return Reason.of("unknown");
    }
    return Reason.of(
        key + (days.size() == 7 ? ".everyDay" : ".onDays"),
        "from",
        Written.time(from),
        "to",
        Written.time(to),
        "days",
        Written.all(days.stream().sorted().map(Written::weekday).toList()));
  }

  private Said delivery(FactValue figure) {
    return switch (figure) {
      case FactValue.EstimatedDelivery(var country, var leaves, var arrives) ->
          Reason.of(
              "DELIVERY.met",
              "country",
              Written.country(country),
              "ships",
              Written.span(leaves.first(), leaves.last()),
              "arrives",
              Written.span(arrives.first(), arrives.last()));
      case FactValue.NoEstimate(var country, var reason) ->
          Reason.of("DELIVERY." + reason.name(), "country", Written.country(country));
      case FactValue.NameList(var names) when !names.isEmpty() ->
          Reason.of("DELIVERY." + names.getFirst());
      case FactValue.NameList _,
          FactValue.Unknown _,
          FactValue.ReturnsUntil _,
          FactValue.NoReturns _,
          FactValue.Visitors _,
          FactValue.Count _,
          FactValue.CountRange _,
          FactValue.Discount _,
          FactValue.NoDiscount _,
          FactValue.Percent _,
          FactValue.PercentRange _,
          FactValue.UnitsSold _,
          FactValue.RankInGroup _,
          FactValue.TopN _,
          FactValue.Day _,
          FactValue.MaxAgeDays _,
          FactValue.Stars _,
          FactValue.Amount _,
          FactValue.AmountRange _,
          FactValue.Period _,
          FactValue.DailyTimes _,
          FactValue.Phase _,
          FactValue.Switch _ ->
          Reason.of("DELIVERY.unknown");
    };
  }
}
