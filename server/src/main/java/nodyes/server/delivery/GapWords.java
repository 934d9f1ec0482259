package nodyes.server.delivery;

import static nodyes.server.messages.Texts.text;

import nodyes.core.delivery.SettingsCheck;
import nodyes.server.messages.Written;

/** What is missing in the delivery rules, as sentences to the owner. */
final class GapWords {
  private GapWords() {}

  static String of(SettingsCheck.SettingsWarning gap) {
    String key = "gaps." + gap.kind();
    return switch (gap.kind()) {
      case NO_DISPATCH, NO_HANDLING, SEASON_OVER, ALL_CLOSED -> text(key);
      case NO_TRANSIT_HOME, NO_TRANSIT_ORDERED, NO_TRANSIT, NO_CARRIER_DAYS, HOLIDAYS_UNKNOWN ->
          text(key, "country", Written.country(gap.of()));
      case NO_SUCH_CATEGORY, NO_SUCH_TAG, NO_SUCH_PRODUCT -> text(key, "name", gap.of());
      case SMALL_HOURS -> {
        var cutOff = gap.cutOff().orElseThrow();
        yield text(
            key,
            "day",
            Written.longWeekday(cutOff.getKey()),
            "time",
            Written.time(cutOff.getValue()));
      }
      case OVERLAP ->
          text(
              key,
              "fields",
              Written.all(gap.both().stream().map(field -> text("gaps.field." + field)).toList()));
    };
  }
}
