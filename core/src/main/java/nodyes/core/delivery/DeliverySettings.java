package nodyes.core.delivery;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import nodyes.core.common.Unfit;
import nodyes.core.common.ValidUntil;

/**
 * All that the owner set of delivery.
 *
 * @param home the shop's own country, ISO 3166-1 alpha-2; empty before it is told
 * @param layers delivery rules; of two that are as narrow, a dated one wins, then the upper one
 * @param destinations ways to countries
 * @param carrier what is usual on the way
 * @param closed days on which the shop does not work
 * @param returns how long what is sold can be sent back; of two that are as narrow, the upper wins
 */
public record DeliverySettings(
    Optional<String> home,
    List<DeliveryRule> layers,
    List<Destination> destinations,
    CarrierDefaults carrier,
    List<ShopClosure> closed,
    List<ReturnRule> returns) {
  /** Before the owner sets anything: no promise is made. */
  public static final DeliverySettings NONE =
      new DeliverySettings(
          Optional.empty(), List.of(), List.of(), CarrierDefaults.USUAL, List.of());

  private static final Comparator<DeliveryRule> NARROWEST_FIRST =
      Comparator.<DeliveryRule>comparingInt(layer -> -layer.scope().rank())
          .thenComparing(layer -> layer.season().isEmpty());

  /**
   * Keeps the lists unchangeable; throws {@link IllegalArgumentException} where a country has two
   * ways for the same days.
   */
  @SuppressWarnings(
      "ConstantValue") // settings that were stored before there were returns have none
  public DeliverySettings {
    layers = List.copyOf(layers);
    destinations = List.copyOf(destinations);
    closed = closed.stream().sorted(Comparator.comparing(ShopClosure::first)).toList();
    returns = returns == null ? List.of() : List.copyOf(returns);
    for (int i = 0; i < destinations.size(); i++) {
      for (int j = i + 1; j < destinations.size(); j++) {
        if (isTwice(destinations.get(i), destinations.get(j))) {
          throw new Unfit(
              "delivery.countryTwice", "country", Locale.of("", destinations.get(i).country()));
        }
      }
    }
  }

  /** Before anything is set of returns. */
  public DeliverySettings(
      Optional<String> home,
      List<DeliveryRule> layers,
      List<Destination> destinations,
      CarrierDefaults carrier,
      List<ShopClosure> closed) {
    this(home, layers, destinations, carrier, closed, List.of());
  }

  private static boolean isTwice(Destination one, Destination other) {
    if (!one.on() || !other.on() || !one.country().equals(other.country())) {
      return false;
    }
    if (one.season().isEmpty() || other.season().isEmpty()) {
      return one.season().isEmpty() && other.season().isEmpty();
    }
    return one.season().get().meets(other.season().get());
  }

  /** The layers from the narrowest to the widest: of the first that sets a field it is taken. */
  public List<DeliveryRule> byPrecedence() {
    return layers.stream().sorted(NARROWEST_FIRST).toList();
  }

  /** The way to a country on a day, the dated one first. */
  Optional<Destination> to(String country, LocalDate day) {
    Destination found = null;
    for (Destination one : destinations) {
      if (one.applies(country, day) && (found == null || one.season().isPresent())) {
        found = one;
      }
    }
    return Optional.ofNullable(found);
  }

  /**
   * The rule of returns for something that is ordered on a day, the narrowest of those that apply.
   *
   * @param day the shop's day of the order
   */
  public Optional<ReturnRule> returnsOf(ShippableItem ware, String country, LocalDate day) {
    // of several that are as narrow, min gives the first
    return returns.stream()
        .filter(rule -> rule.applies(ware, country, day))
        .min(ReturnRule.NARROWEST_FIRST);
  }

  /** Whether nothing has been set of when orders arrive. */
  public boolean isEmpty() {
    return layers.isEmpty() && destinations.isEmpty();
  }

  /** The countries that have a line of their own, in the owner's order. */
  public List<String> countries() {
    return destinations.stream()
        .filter(Destination::on)
        .map(Destination::country)
        .distinct()
        .toList();
  }

  /** The regions whose holidays matter. */
  public Set<HolidayRegion> regions() {
    var regions = new LinkedHashSet<HolidayRegion>();
    layers.forEach(layer -> layer.timing().holidays().ifPresent(regions::addAll));
    for (Destination one : destinations) {
      regions.addAll(one.holidays().orElseGet(() -> Set.of(new HolidayRegion(one.country()))));
    }
    home.map(HolidayRegion::new).ifPresent(regions::add);
    return regions;
  }

  /** Until the next local midnight at which a season begins or is over. */
  ValidUntil seasonsHoldOn(LocalDate day, ZoneId zone) {
    var seasons = new ArrayList<Optional<Season>>();
    for (DeliveryRule layer : layers) {
      seasons.add(layer.season().filter(_ -> layer.on()));
    }
    for (Destination one : destinations) {
      seasons.add(one.season().filter(_ -> one.on()));
    }
    return holdOn(seasons, day, zone);
  }

  /** Until the next local midnight at which a season of returns begins or is over. */
  ValidUntil returnsHoldOn(LocalDate day, ZoneId zone) {
    return holdOn(
        returns.stream().map(rule -> rule.season().filter(_ -> rule.on())).toList(), day, zone);
  }

  private static ValidUntil holdOn(List<Optional<Season>> seasons, LocalDate day, ZoneId zone) {
    return seasons.stream()
        .flatMap(Optional::stream)
        .flatMap(season -> season.changeAfter(day).stream())
        .min(LocalDate::compareTo)
        .map(change -> ValidUntil.before(change.atStartOfDay(zone).toInstant()))
        .orElse(ValidUntil.NEVER_ENDS);
  }

  /** With another list of layers. */
  public DeliverySettings with(List<DeliveryRule> others) {
    return new DeliverySettings(home, others, destinations, carrier, closed, returns);
  }

  /** With other destinations. */
  public DeliverySettings to(List<Destination> others) {
    return new DeliverySettings(home, layers, others, carrier, closed, returns);
  }

  /** With other closed days. */
  public DeliverySettings closedOn(Stream<ShopClosure> others) {
    return new DeliverySettings(home, layers, destinations, carrier, others.toList(), returns);
  }

  /** With other rules of returns. */
  public DeliverySettings returned(List<ReturnRule> others) {
    return new DeliverySettings(home, layers, destinations, carrier, closed, others);
  }
}
