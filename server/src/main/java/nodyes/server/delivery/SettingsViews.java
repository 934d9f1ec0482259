package nodyes.server.delivery;

import java.time.DayOfWeek;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
import nodyes.server.delivery.SettingsView.DaysView;
import nodyes.server.delivery.SettingsView.Of;
import org.jspecify.annotations.Nullable;

/** Writes delivery rules for the wire. */
final class SettingsViews {
  private SettingsViews() {}

  static SettingsView of(DeliverySettings settings) {
    return new SettingsView(
        settings.home().orElse(null),
        settings.layers().stream().map(SettingsViews::layer).toList(),
        settings.destinations().stream().map(SettingsViews::destination).toList(),
        new SettingsView.CarrierView(
            days(settings.carrier().transit()), sorted(settings.carrier().days())),
        settings.closed().stream()
            .map(one -> new SettingsView.ClosedView(one.first(), one.last(), one.name()))
            .toList(),
        settings.returns().stream().map(SettingsViews::returned).toList());
  }

  private static SettingsView.LayerView layer(DeliveryRule layer) {
    DeliveryTerms timing = layer.timing();
    return new SettingsView.LayerView(
        layer.id(),
        of(layer.scope()),
        name(layer.scope()),
        layer.on(),
        season(layer.season()),
        layer.whileStockAbove().orElse(null),
        days(timing.handling()),
        timing.dispatch().map(SettingsViews::cutOffs).orElse(null),
        timing.holidays().map(SettingsViews::codes).orElse(null),
        days(timing.longer()));
  }

  private static SettingsView.ReturnView returned(ReturnRule rule) {
    return new SettingsView.ReturnView(
        rule.id(),
        of(rule.scope()),
        name(rule.scope()),
        rule.country().orElse(null),
        rule.on(),
        season(rule.season()),
        rule.days(),
        rule.notBefore().orElse(null));
  }

  static Of of(RuleScope scope) {
    return switch (scope) {
      case RuleScope.Shop _ -> Of.SHOP;
      case RuleScope.Category _ -> Of.CATEGORY;
      case RuleScope.Tag _ -> Of.TAG;
      case RuleScope.Product _ -> Of.PRODUCT;
    };
  }

  static @Nullable String name(RuleScope scope) {
    return switch (scope) {
      case RuleScope.Shop _ -> null;
      case RuleScope.Category(var slug) -> slug;
      case RuleScope.Tag(var name) -> name;
      case RuleScope.Product(var slug) -> slug;
    };
  }

  private static SettingsView.DestinationView destination(Destination one) {
    return new SettingsView.DestinationView(
        one.id(),
        one.country(),
        one.on(),
        season(one.season()),
        one.promised(),
        days(one.transit()),
        one.days().map(SettingsViews::sorted).orElse(null),
        one.holidays().map(SettingsViews::codes).orElse(null));
  }

  private static Map<DayOfWeek, String> cutOffs(DispatchSchedule week) {
    var times = new EnumMap<DayOfWeek, String>(DayOfWeek.class);
    week.cutOffs().forEach((day, time) -> times.put(day, time.toString()));
    return times;
  }

  private static List<String> codes(Set<HolidayRegion> regions) {
    return regions.stream().map(HolidayRegion::code).sorted().toList();
  }

  private static List<DayOfWeek> sorted(Set<DayOfWeek> days) {
    return days.stream().sorted().toList();
  }

  private static @Nullable DaysView days(Optional<DayRange> range) {
    return range.map(days -> new DaysView(days.least(), days.most())).orElse(null);
  }

  private static SettingsView.@Nullable SeasonView season(Optional<Season> season) {
    return season.map(one -> new SettingsView.SeasonView(one.first(), one.last())).orElse(null);
  }
}
