package nodyes.server.delivery;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import nodyes.core.delivery.Carrier;
import nodyes.core.delivery.ClosedDays;
import nodyes.core.delivery.DayRange;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.Destination;
import nodyes.core.delivery.DispatchWeek;
import nodyes.core.delivery.HolidayRegion;
import nodyes.core.delivery.Layer;
import nodyes.core.delivery.Scope;
import nodyes.core.delivery.Season;
import nodyes.core.delivery.Timing;
import nodyes.server.timing.PublicHolidays;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;

/** Reads timings that come over the wire; what is wrong is told with its place. */
final class SettingsReader {
  static final int MOST_LAYERS = 500;
  static final int MOST_DESTINATIONS = 300;
  static final int MOST_CLOSED = 500;
  private static final Set<String> COUNTRIES = Set.of(Locale.getISOCountries());

  private final List<Refusal.Fault> faults = new ArrayList<>();

  private final PublicHolidays holidays;

  private SettingsReader(PublicHolidays holidays) {
    this.holidays = holidays;
  }

  /** Of regions, those whose holidays are known can be told. */
  static DeliverySettings read(SettingsView view, PublicHolidays holidays) {
    var reader = new SettingsReader(holidays);
    Optional<DeliverySettings> settings = reader.settings(view);
    Refusal.ifAny(reader.faults);
    return settings.orElseThrow();
  }

  private Optional<DeliverySettings> settings(SettingsView view) {
    atMost("layers", view.layers().size(), MOST_LAYERS);
    atMost("destinations", view.destinations().size(), MOST_DESTINATIONS);
    atMost("closed", view.closed().size(), MOST_CLOSED);
    Optional<String> home = Optional.ofNullable(view.home()).map(code -> country("home", code));
    var layers = new ArrayList<Layer>();
    for (int i = 0; i < view.layers().size(); i++) {
      layer("layers[" + i + "]", view.layers().get(i)).ifPresent(layers::add);
    }
    var destinations = new ArrayList<Destination>();
    for (int i = 0; i < view.destinations().size(); i++) {
      destination("destinations[" + i + "]", view.destinations().get(i))
          .ifPresent(destinations::add);
    }
    var closed = new ArrayList<ClosedDays>();
    for (int i = 0; i < view.closed().size(); i++) {
      SettingsView.ClosedView one = view.closed().get(i);
      made("closed[" + i + "]", () -> new ClosedDays(one.first(), one.last(), one.name()))
          .ifPresent(closed::add);
    }
    ids(layers.stream().map(Layer::id).toList(), "layers");
    ids(destinations.stream().map(Destination::id).toList(), "destinations");
    var carrier =
        new Carrier(
            days("carrier.transit", view.carrier().transit()),
            new HashSet<>(view.carrier().days()));
    return faults.isEmpty()
        ? made(
            "destinations", () -> new DeliverySettings(home, layers, destinations, carrier, closed))
        : Optional.empty();
  }

  private void ids(List<String> ids, String where) {
    if (new HashSet<>(ids).size() < ids.size()) {
      fault(where, "two of them have the same id");
    }
  }

  private Optional<Layer> layer(String where, SettingsView.LayerView view) {
    Scope scope =
        switch (view.of()) {
          case SHOP -> new Scope.Shop();
          case CATEGORY -> new Scope.Category(named(where, view));
          case TAG -> new Scope.Tag(named(where, view));
          case PRODUCT -> new Scope.Product(named(where, view));
        };
    Optional<DayRange> handling = days(where + ".handling", view.handling());
    Optional<DispatchWeek> dispatch = week(where + ".cutOffs", view.cutOffs());
    Optional<Set<HolidayRegion>> holidays = regions(where + ".holidays", view.holidays());
    Optional<DayRange> longer = days(where + ".longer", view.longer());
    Optional<Season> season = season(where + ".season", view.season());
    return made(
        where + ".whileStockAbove",
        () ->
            new Layer(
                view.id(),
                scope,
                view.on(),
                season,
                Optional.ofNullable(view.whileStockAbove()),
                new Timing(handling, dispatch, holidays, longer)));
  }

  private String named(String where, SettingsView.LayerView view) {
    String name = Objects.requireNonNullElse(view.name(), "").strip();
    if (name.isEmpty()) {
      fault(where + ".name", "says which " + view.of().name().toLowerCase(Locale.ROOT));
    }
    return name;
  }

  private Optional<Destination> destination(String where, SettingsView.DestinationView view) {
    String country = country(where + ".country", view.country());
    Optional<DayRange> transit = days(where + ".transit", view.transit());
    Optional<Set<HolidayRegion>> holidays = regions(where + ".holidays", view.holidays());
    Optional<Season> season = season(where + ".season", view.season());
    return Optional.of(
        new Destination(
            view.id(),
            country,
            view.on(),
            season,
            view.promised(),
            transit,
            Optional.ofNullable(view.days()).map(HashSet::new),
            holidays));
  }

  private Optional<DayRange> days(String where, SettingsView.@Nullable DaysView view) {
    return Optional.ofNullable(view)
        .flatMap(days -> made(where, () -> new DayRange(days.least(), days.most())));
  }

  private Optional<Season> season(String where, SettingsView.@Nullable SeasonView view) {
    return Optional.ofNullable(view)
        .flatMap(one -> made(where, () -> new Season(one.first(), one.last())));
  }

  private Optional<DispatchWeek> week(String where, @Nullable Map<DayOfWeek, String> cutOffs) {
    if (cutOffs == null) {
      return Optional.empty();
    }
    var times = new EnumMap<DayOfWeek, LocalTime>(DayOfWeek.class);
    cutOffs.forEach(
        (day, text) -> {
          try {
            times.put(day, LocalTime.parse(text));
          } catch (DateTimeException e) {
            fault(
                where + "." + day,
                "the cut-off on "
                    + day.getDisplayName(TextStyle.FULL, Locale.ENGLISH)
                    + ", "
                    + text
                    + ", is no time of day; times run from 00:00 to 23:59");
          }
        });
    return Optional.of(new DispatchWeek(times));
  }

  private Optional<Set<HolidayRegion>> regions(String where, @Nullable List<String> codes) {
    if (codes == null) {
      return Optional.empty();
    }
    var regions = new LinkedHashSet<HolidayRegion>();
    for (String code : codes) {
      Optional<HolidayRegion> region = made(where, () -> new HolidayRegion(code));
      if (region.isPresent() && !holidays.knows(region.get())) {
        fault(where, "no holidays are known of " + code);
      }
      region.ifPresent(regions::add);
    }
    return Optional.of(regions);
  }

  private String country(String where, String code) {
    String country = code.strip().toUpperCase(Locale.ROOT);
    if (!COUNTRIES.contains(country)) {
      fault(where, code + " is no country; countries have codes such as PT (ISO 3166)");
    }
    return country;
  }

  private void atMost(String where, int count, int most) {
    if (count > most) {
      fault(where, "are at most " + most + ", not " + count);
    }
  }

  private <T> Optional<T> made(String where, Supplier<T> making) {
    try {
      return Optional.of(making.get());
    } catch (IllegalArgumentException e) {
      fault(where, String.valueOf(e.getMessage()));
      return Optional.empty();
    }
  }

  private void fault(String where, String reason) {
    faults.add(new Refusal.Fault(where, reason));
  }
}
