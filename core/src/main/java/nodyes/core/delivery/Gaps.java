package nodyes.core.delivery;

import static java.util.stream.Collectors.joining;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;

/** What is missing in the owner's settings, or is allowed and hardly meant. */
public final class Gaps {
  /** Cut-offs before this hour are hardly meant: nearly no order comes in time for them. */
  private static final LocalTime SMALL_HOURS = LocalTime.of(5, 0);

  private Gaps() {}

  /**
   * One of them.
   *
   * @param where the id of the layer or destination, or empty
   * @param words a sentence to the owner
   */
  public record Gap(String where, String words) {}

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
  public static List<Gap> of(DeliverySettings settings, Known known, LocalDate today) {
    var gaps = new ArrayList<Gap>();
    if (settings.isEmpty()) {
      return gaps;
    }
    whole(settings, gaps);
    settings.layers().forEach(layer -> layer(layer, known, today, gaps));
    settings.destinations().forEach(one -> destination(one, settings, today, gaps));
    known.orderedFrom().stream()
        .sorted()
        .filter(country -> !settings.countries().contains(country))
        .filter(_ -> settings.carrier().transit().isEmpty())
        .forEach(
            country ->
                gaps.add(
                    new Gap(
                        "",
                        "Orders went to "
                            + name(country)
                            + ", and no days on the way are set for it.")));
    holidays(settings, known, gaps);
    overlaps(settings, gaps);
    return List.copyOf(gaps);
  }

  private static void whole(DeliverySettings settings, List<Gap> gaps) {
    List<Timing> everywhere =
        settings.layers().stream()
            .filter(layer -> layer.on() && layer.scope() instanceof Scope.Shop)
            .filter(layer -> layer.season().isEmpty() && layer.whileStockAbove().isEmpty())
            .map(Layer::timing)
            .toList();
    if (everywhere.stream().noneMatch(timing -> timing.sets(Timing.Field.DISPATCH))) {
      gaps.add(new Gap("", "No timing for the whole shop says on which weekdays orders leave."));
    }
    if (everywhere.stream().noneMatch(timing -> timing.sets(Timing.Field.HANDLING))) {
      gaps.add(new Gap("", "No timing for the whole shop says in how many days orders leave."));
    }
    settings
        .home()
        .filter(home -> !settings.countries().contains(home))
        .filter(_ -> settings.carrier().transit().isEmpty())
        .ifPresent(
            home ->
                gaps.add(
                    new Gap(
                        "",
                        "No days on the way are set for "
                            + name(home)
                            + ", the shop’s own country, which shoppers are taken to be in where"
                            + " nothing else is known.")));
  }

  private static void layer(Layer layer, Known known, LocalDate today, List<Gap> gaps) {
    if (!layer.on()) {
      return;
    }
    layer.timing().dispatch().ifPresent(week -> week(layer, week, gaps));
    switch (layer.scope()) {
      case Scope.Category(var slug) when !known.categories().contains(slug) ->
          gaps.add(new Gap(layer.id(), "The shop has no category " + slug + "."));
      case Scope.Tag(var tag) when !known.tags().contains(tag) ->
          gaps.add(new Gap(layer.id(), "No product has the tag " + tag + "."));
      case Scope.Product(var slug) when !known.products().contains(slug) ->
          gaps.add(new Gap(layer.id(), "The shop has no product " + slug + "."));
      default -> {}
    }
    layer
        .season()
        .filter(season -> season.last().isBefore(today))
        .ifPresent(_ -> gaps.add(new Gap(layer.id(), "Its season is over.")));
  }

  private static void week(Layer layer, DispatchWeek week, List<Gap> gaps) {
    if (week.cutOffs().isEmpty()) {
      gaps.add(
          new Gap(
              layer.id(),
              "All weekdays are closed, so nothing of it leaves and no promise is made."));
    }
    week.cutOffs()
        .forEach(
            (day, time) -> {
              if (time.isBefore(SMALL_HOURS)) {
                gaps.add(
                    new Gap(
                        layer.id(),
                        "The cut-off on "
                            + day(day)
                            + ", "
                            + time
                            + ", comes soon after midnight: nearly every order of that day waits for"
                            + " the next."));
              }
            });
  }

  private static void destination(
      Destination one, DeliverySettings settings, LocalDate today, List<Gap> gaps) {
    if (!one.on() || !one.promised()) {
      return;
    }
    if (one.days().orElse(settings.carrier().days()).isEmpty()) {
      gaps.add(
          new Gap(
              one.id(),
              "No carrier days for " + name(one.country()) + ", so no promise is made for it."));
    }
    if (one.transit().or(() -> settings.carrier().transit()).isEmpty()) {
      gaps.add(new Gap(one.id(), "No days on the way for " + name(one.country()) + "."));
    }
    one.season()
        .filter(season -> season.last().isBefore(today))
        .ifPresent(_ -> gaps.add(new Gap(one.id(), "Its season is over.")));
  }

  /** Where the carrier may rest on days that are not known here. */
  private static void holidays(DeliverySettings settings, Known known, List<Gap> gaps) {
    var countries = new TreeSet<String>(known.orderedFrom());
    settings.home().ifPresent(countries::add);
    countries.removeIf(country -> settings.countries().contains(country));
    for (String country : countries) {
      if (settings.carrier().transit().isPresent()
          && known.withoutHolidays().test(new HolidayRegion(country))) {
        gaps.add(new Gap("", unknownHolidays(country)));
      }
    }
    for (Destination one : settings.destinations()) {
      if (one.on()
          && one.promised()
          && one.holidays().isEmpty()
          && known.withoutHolidays().test(new HolidayRegion(one.country()))) {
        gaps.add(new Gap(one.id(), unknownHolidays(one.country())));
      }
    }
  }

  private static String unknownHolidays(String country) {
    return "The public holidays of "
        + name(country)
        + " are not on record here, so promises for it count weekdays alone.";
  }

  /** Layers that are as narrow and may be for the same product: which wins is said. */
  private static void overlaps(DeliverySettings settings, List<Gap> gaps) {
    List<Layer> on = settings.byPrecedence().stream().filter(Layer::on).toList();
    var told = new HashSet<String>();
    for (int i = 0; i < on.size(); i++) {
      for (int j = i + 1; j < on.size(); j++) {
        Layer one = on.get(i);
        Layer other = on.get(j);
        if (one.scope().equals(other.scope())
            && one.season().isPresent() == other.season().isPresent()
            && one.whileStockAbove().equals(other.whileStockAbove())
            && meet(one, other)
            && !bothSet(one, other).isEmpty()
            && told.add(other.id())) {
          gaps.add(
              new Gap(
                  other.id(),
                  "An upper line is for the same and sets "
                      + bothSet(one, other)
                      + " already; the upper one wins."));
        }
      }
    }
  }

  private static boolean meet(Layer one, Layer other) {
    return one.season().isEmpty()
        || other.season().isEmpty()
        || one.season().get().meets(other.season().get());
  }

  private static String bothSet(Layer one, Layer other) {
    return java.util.Arrays.stream(Timing.Field.values())
        .filter(field -> one.timing().sets(field) && other.timing().sets(field))
        .map(Timing.Field::words)
        .collect(joining(" and "));
  }

  private static String name(String country) {
    return Locale.of("", country).getDisplayCountry(Locale.ENGLISH);
  }

  private static String day(DayOfWeek day) {
    return day.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
  }
}
