package nodyes.server.delivery;

import static nodyes.server.messages.Texts.text;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalTime;
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
import nodyes.core.delivery.CarrierDefaults;
import nodyes.core.delivery.DayRange;
import nodyes.core.delivery.DeliveryRule;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.DeliveryTerms;
import nodyes.core.delivery.Destination;
import nodyes.core.delivery.DispatchSchedule;
import nodyes.core.delivery.HolidayRegion;
import nodyes.core.delivery.ReturnRule;
import nodyes.core.delivery.RuleScope;
import nodyes.core.delivery.Season;
import nodyes.core.delivery.ShopClosure;
import nodyes.server.estimates.PublicHolidays;
import nodyes.server.messages.Texts;
import nodyes.server.messages.Written;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;

/** Reads delivery rules that come over the wire; what is wrong is told with its place. */
final class SettingsReader {
  static final int MOST_LAYERS = 500;
  static final int MOST_DESTINATIONS = 300;
  static final int MOST_CLOSED = 500;
  static final int MOST_RETURNS = 200;
  private static final Set<String> COUNTRIES = Set.of(Locale.getISOCountries());

  private final List<ApiProblem.FieldError> faults = new ArrayList<>();

  private final PublicHolidays holidays;

  private SettingsReader(PublicHolidays holidays) {
    this.holidays = holidays;
  }

  /** Of regions, those whose holidays are known can be told. */
  static DeliverySettings read(SettingsView view, PublicHolidays holidays) {
    var reader = new SettingsReader(holidays);
    Optional<DeliverySettings> settings = reader.settings(view);
    ApiProblem.ifAny(reader.faults);
    return settings.orElseThrow();
  }

  private Optional<DeliverySettings> settings(SettingsView view) {
    atMost("layers", view.layers().size(), MOST_LAYERS);
    atMost("destinations", view.destinations().size(), MOST_DESTINATIONS);
    atMost("closed", view.closed().size(), MOST_CLOSED);
    Optional<String> home = Optional.ofNullable(view.home()).map(code -> country("home", code));
    var layers = new ArrayList<DeliveryRule>();
    for (int i = 0; i < view.layers().size(); i++) {
      layer("layers[" + i + "]", view.layers().get(i)).ifPresent(layers::add);
    }
    var destinations = new ArrayList<Destination>();
    for (int i = 0; i < view.destinations().size(); i++) {
      destination("destinations[" + i + "]", view.destinations().get(i))
          .ifPresent(destinations::add);
    }
    var closed = new ArrayList<ShopClosure>();
    for (int i = 0; i < view.closed().size(); i++) {
      SettingsView.ClosedView one = view.closed().get(i);
      made("closed[" + i + "]", () -> new ShopClosure(one.first(), one.last(), one.name()))
          .ifPresent(closed::add);
    }
    List<ReturnRule> returns = returns(view);
    ids(layers.stream().map(DeliveryRule::id).toList(), "layers");
    ids(destinations.stream().map(Destination::id).toList(), "destinations");
    ids(returns.stream().map(ReturnRule::id).toList(), "returns");
    var carrier =
        new CarrierDefaults(
            days("carrier.transit", view.carrier().transit()),
            new HashSet<>(view.carrier().days()));
    return faults.isEmpty()
        ? made(
            "destinations",
            () -> new DeliverySettings(home, layers, destinations, carrier, closed, returns))
        : Optional.empty();
  }

  private void ids(List<String> ids, String where) {
    if (new HashSet<>(ids).size() < ids.size()) {
      fault(where, text("delivery.sameId"));
    }
  }

  private Optional<DeliveryRule> layer(String where, SettingsView.LayerView view) {
    RuleScope scope = scope(where, view.of(), view.name());
    Optional<DayRange> handling = days(where + ".handling", view.handling());
    Optional<DispatchSchedule> dispatch = week(where + ".cutOffs", view.cutOffs());
    Optional<Set<HolidayRegion>> holidays = regions(where + ".holidays", view.holidays());
    Optional<DayRange> longer = days(where + ".longer", view.longer());
    Optional<Season> season = season(where + ".season", view.season());
    return made(
        where + ".whileStockAbove",
        () ->
            new DeliveryRule(
                view.id(),
                scope,
                view.on(),
                season,
                Optional.ofNullable(view.whileStockAbove()),
                new DeliveryTerms(handling, dispatch, holidays, longer)));
  }

  private List<ReturnRule> returns(SettingsView view) {
    List<SettingsView.ReturnView> views = Objects.requireNonNullElse(view.returns(), List.of());
    atMost("returns", views.size(), MOST_RETURNS);
    var returns = new ArrayList<ReturnRule>();
    for (int i = 0; i < views.size(); i++) {
      returned("returns[" + i + "]", views.get(i)).ifPresent(returns::add);
    }
    return returns;
  }

  private Optional<ReturnRule> returned(String where, SettingsView.ReturnView view) {
    RuleScope scope = scope(where, view.of(), view.name());
    Optional<String> country =
        Optional.ofNullable(view.country()).map(code -> country(where + ".country", code));
    Optional<Season> season = season(where + ".season", view.season());
    return made(
        where + ".days",
        () ->
            new ReturnRule(
                view.id(),
                scope,
                country,
                view.on(),
                season,
                view.days(),
                Optional.ofNullable(view.notBefore())));
  }

  private RuleScope scope(String where, SettingsView.Of of, @Nullable String name) {
    return switch (of) {
      case SHOP -> new RuleScope.Shop();
      case CATEGORY -> new RuleScope.Category(named(where, of, name));
      case TAG -> new RuleScope.Tag(named(where, of, name));
      case PRODUCT -> new RuleScope.Product(named(where, of, name));
    };
  }

  private String named(String where, SettingsView.Of of, @Nullable String given) {
    String name = Objects.requireNonNullElse(given, "").strip();
    if (name.isEmpty()) {
      fault(
          where + ".name", text("delivery.chooseScope", "of", of.name().toLowerCase(Locale.ROOT)));
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

  private Optional<DispatchSchedule> week(String where, @Nullable Map<DayOfWeek, String> cutOffs) {
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
                text("delivery.notATime", "day", Written.longWeekday(day), "text", text));
          }
        });
    return Optional.of(new DispatchSchedule(times));
  }

  private Optional<Set<HolidayRegion>> regions(String where, @Nullable List<String> codes) {
    if (codes == null) {
      return Optional.empty();
    }
    var regions = new LinkedHashSet<HolidayRegion>();
    for (String code : codes) {
      Optional<HolidayRegion> region = made(where, () -> new HolidayRegion(code));
      if (region.isPresent() && !holidays.knows(region.get())) {
        fault(where, text("delivery.noHolidaysKnown", "code", code));
      }
      region.ifPresent(regions::add);
    }
    return Optional.of(regions);
  }

  private String country(String where, String code) {
    String country = code.strip().toUpperCase(Locale.ROOT);
    if (!COUNTRIES.contains(country)) {
      fault(where, text("delivery.notACountry", "code", code));
    }
    return country;
  }

  private void atMost(String where, int count, int most) {
    if (count > most) {
      fault(where, text("delivery.tooMany", "most", most, "count", count));
    }
  }

  private <T> Optional<T> made(String where, Supplier<T> making) {
    try {
      return Optional.of(making.get());
    } catch (IllegalArgumentException e) {
      fault(where, Texts.why(e));
      return Optional.empty();
    }
  }

  private void fault(String where, String reason) {
    faults.add(new ApiProblem.FieldError(where, reason));
  }
}
