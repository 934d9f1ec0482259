package nodyes.core.delivery;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;

/** What is missing in the owner's settings, or is allowed and hardly meant. */
public final class SettingsCheck {
  /** Cut-offs before this hour are hardly meant: nearly no order comes in time for them. */
  private static final LocalTime SMALL_HOURS = LocalTime.of(5, 0);

  private SettingsCheck() {}

  /** What is missing, or hardly meant. */
  public enum Kind {
    /** No rule of the whole shop says on which weekdays orders leave. */
    NO_DISPATCH,
    /** No rule of the whole shop says in how many days orders leave. */
    NO_HANDLING,
    /** The shop's own country has no transit time. */
    NO_TRANSIT_HOME,
    /** A country that orders went to has no transit time. */
    NO_TRANSIT_ORDERED,
    /** A country that is promised something has no transit time. */
    NO_TRANSIT,
    /** The carrier delivers on no weekday in a country. */
    NO_CARRIER_DAYS,
    /** The shop has no such category. */
    NO_SUCH_CATEGORY,
    /** No product has such a tag. */
    NO_SUCH_TAG,
    /** The shop has no such product. */
    NO_SUCH_PRODUCT,
    /** Its season is over. */
    SEASON_OVER,
    /** No weekday has a cut-off. */
    ALL_CLOSED,
    /** A cut-off soon after midnight. */
    SMALL_HOURS,
    /** The public holidays of a country are on no record. */
    HOLIDAYS_UNKNOWN,
    /** Another rule above it sets the same already. */
    OVERLAP
  }

  /**
   * One of them.
   *
   * @param where the id of the layer or destination, or empty
   * @param of the country's code, the category, the tag or the product that it is about, or empty
   * @param cutOff of small hours, the weekday and its time
   * @param both of an overlap, the fields that both set
   */
  public record SettingsWarning(
      String where,
      Kind kind,
      String of,
      Optional<Map.Entry<DayOfWeek, LocalTime>> cutOff,
      List<DeliveryTerms.Field> both) {
    /** Keeps the fields unchangeable. */
    public SettingsWarning {
      both = List.copyOf(both);
    }

    /** Of a kind that is about one thing, or about none. */
    public SettingsWarning(String where, Kind kind, String of) {
      this(where, kind, of, Optional.empty(), List.of());
    }
  }

  /**
   * What is known of the shop.
   *
   * @param products slugs of its products
   * @param categories slugs of its categories
   * @param tags its tags
   * @param orderedFrom countries that orders went to
   * @param withoutHolidays of countries and regions, those whose public holidays are on no record
   */
  public record Known(
      Set<String> products,
      Set<String> categories,
      Set<String> tags,
      Set<String> orderedFrom,
      Predicate<HolidayRegion> withoutHolidays) {}

  /** All that is found, what keeps promises from being made first. */
  public static List<SettingsWarning> of(DeliverySettings settings, Known known, LocalDate today) {
    var gaps = new ArrayList<SettingsWarning>();
    settings.returns().forEach(rule -> returned(rule, known, today, gaps));
    if (settings.isEmpty()) {
      return List.copyOf(gaps);
    }
    whole(settings, gaps);
    settings.layers().forEach(layer -> layer(layer, known, today, gaps));
    settings.destinations().forEach(one -> destination(one, settings, today, gaps));
    known.orderedFrom().stream()
        .sorted()
        .filter(country -> !settings.countries().contains(country))
        .filter(_ -> settings.carrier().transit().isEmpty())
        .forEach(country -> gaps.add(new SettingsWarning("", Kind.NO_TRANSIT_ORDERED, country)));
    holidays(settings, known, gaps);
    overlaps(settings, gaps);
    return List.copyOf(gaps);
  }

  private static void whole(DeliverySettings settings, List<SettingsWarning> gaps) {
    List<DeliveryTerms> everywhere =
        settings.layers().stream()
            .filter(layer -> layer.on() && layer.scope() instanceof RuleScope.Shop)
            .filter(layer -> layer.season().isEmpty() && layer.whileStockAbove().isEmpty())
            .map(DeliveryRule::timing)
            .toList();
    if (everywhere.stream().noneMatch(timing -> timing.sets(DeliveryTerms.Field.DISPATCH))) {
      gaps.add(new SettingsWarning("", Kind.NO_DISPATCH, ""));
    }
    if (everywhere.stream().noneMatch(timing -> timing.sets(DeliveryTerms.Field.HANDLING))) {
      gaps.add(new SettingsWarning("", Kind.NO_HANDLING, ""));
    }
    settings
        .home()
        .filter(home -> !settings.countries().contains(home))
        .filter(_ -> settings.carrier().transit().isEmpty())
        .ifPresent(home -> gaps.add(new SettingsWarning("", Kind.NO_TRANSIT_HOME, home)));
  }

  private static void layer(
      DeliveryRule layer, Known known, LocalDate today, List<SettingsWarning> gaps) {
    if (!layer.on()) {
      return;
    }
    layer.timing().dispatch().ifPresent(week -> week(layer, week, gaps));
    unknownTarget(layer.scope(), known)
        .map(missing -> new SettingsWarning(layer.id(), missing.kind(), missing.of()))
        .ifPresent(gaps::add);
    layer
        .season()
        .filter(season -> season.last().isBefore(today))
        .ifPresent(_ -> gaps.add(new SettingsWarning(layer.id(), Kind.SEASON_OVER, "")));
  }

  private static void returned(
      ReturnRule rule, Known known, LocalDate today, List<SettingsWarning> gaps) {
    if (!rule.on()) {
      return;
    }
    unknownTarget(rule.scope(), known)
        .map(missing -> new SettingsWarning(rule.id(), missing.kind(), missing.of()))
        .ifPresent(gaps::add);
    rule.season()
        .filter(season -> season.last().isBefore(today))
        .ifPresent(_ -> gaps.add(new SettingsWarning(rule.id(), Kind.SEASON_OVER, "")));
  }

  /** What a rule is for that the shop does not have. */
  private record Missing(Kind kind, String of) {}

  private static Optional<Missing> unknownTarget(RuleScope scope, Known known) {
    return switch (scope) {
      case RuleScope.Shop _ -> Optional.empty();
      case RuleScope.Category(var slug) -> missing(known.categories(), Kind.NO_SUCH_CATEGORY, slug);
      case RuleScope.Tag(var tag) -> missing(known.tags(), Kind.NO_SUCH_TAG, tag);
      case RuleScope.Product(var slug) -> missing(known.products(), Kind.NO_SUCH_PRODUCT, slug);
    };
  }

  private static Optional<Missing> missing(Set<String> known, Kind kind, String of) {
    return known.contains(of) ? Optional.empty() : Optional.of(new Missing(kind, of));
  }

  private static void week(DeliveryRule layer, DispatchSchedule week, List<SettingsWarning> gaps) {
    if (week.cutOffs().isEmpty()) {
      gaps.add(new SettingsWarning(layer.id(), Kind.ALL_CLOSED, ""));
    }
    week.cutOffs()
        .forEach(
            (day, time) -> {
              if (time.isBefore(SMALL_HOURS)) {
                gaps.add(
                    new SettingsWarning(
                        layer.id(),
                        Kind.SMALL_HOURS,
                        "",
                        Optional.of(Map.entry(day, time)),
                        List.of()));
              }
            });
  }

  private static void destination(
      Destination one, DeliverySettings settings, LocalDate today, List<SettingsWarning> gaps) {
    if (!one.on() || !one.promised()) {
      return;
    }
    if (one.days().orElse(settings.carrier().days()).isEmpty()) {
      gaps.add(new SettingsWarning(one.id(), Kind.NO_CARRIER_DAYS, one.country()));
    }
    if (one.transit().or(() -> settings.carrier().transit()).isEmpty()) {
      gaps.add(new SettingsWarning(one.id(), Kind.NO_TRANSIT, one.country()));
    }
    one.season()
        .filter(season -> season.last().isBefore(today))
        .ifPresent(_ -> gaps.add(new SettingsWarning(one.id(), Kind.SEASON_OVER, "")));
  }

  /** Where the carrier may rest on days that are not known here. */
  private static void holidays(DeliverySettings settings, Known known, List<SettingsWarning> gaps) {
    var countries = new TreeSet<String>(known.orderedFrom());
    settings.home().ifPresent(countries::add);
    countries.removeIf(country -> settings.countries().contains(country));
    for (String country : countries) {
      if (settings.carrier().transit().isPresent()
          && known.withoutHolidays().test(new HolidayRegion(country))) {
        gaps.add(new SettingsWarning("", Kind.HOLIDAYS_UNKNOWN, country));
      }
    }
    for (Destination one : settings.destinations()) {
      if (one.on()
          && one.promised()
          && one.holidays().isEmpty()
          && known.withoutHolidays().test(new HolidayRegion(one.country()))) {
        gaps.add(new SettingsWarning(one.id(), Kind.HOLIDAYS_UNKNOWN, one.country()));
      }
    }
  }

  /** Layers that are as narrow and may be for the same product: which wins is said. */
  private static void overlaps(DeliverySettings settings, List<SettingsWarning> gaps) {
    List<DeliveryRule> on = settings.byPrecedence().stream().filter(DeliveryRule::on).toList();
    var told = new HashSet<String>();
    for (int i = 0; i < on.size(); i++) {
      for (int j = i + 1; j < on.size(); j++) {
        DeliveryRule one = on.get(i);
        DeliveryRule other = on.get(j);
        if (one.scope().equals(other.scope())
            && one.season().isPresent() == other.season().isPresent()
            && one.whileStockAbove().equals(other.whileStockAbove())
            && meet(one, other)
            && !bothSet(one, other).isEmpty()
            && told.add(other.id())) {
          gaps.add(
              new SettingsWarning(
                  other.id(), Kind.OVERLAP, "", Optional.empty(), bothSet(one, other)));
        }
      }
    }
  }

  private static boolean meet(DeliveryRule one, DeliveryRule other) {
    return one.season().isEmpty()
        || other.season().isEmpty()
        || one.season().get().meets(other.season().get());
  }

  private static List<DeliveryTerms.Field> bothSet(DeliveryRule one, DeliveryRule other) {
    return Arrays.stream(DeliveryTerms.Field.values())
        .filter(field -> one.timing().sets(field) && other.timing().sets(field))
        .toList();
  }
}
