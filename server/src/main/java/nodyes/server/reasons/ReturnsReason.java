package nodyes.server.reasons;

import nodyes.core.common.Said;
import nodyes.core.targeting.FactValue;
import nodyes.server.messages.Written;

/** Why it is said, or not, until when something can be sent back. */
final class ReturnsReason {
  private ReturnsReason() {}

  static Said of(FactValue figure) {
    if (figure instanceof FactValue.ReturnsUntil(var country, var arrives, int days, var last)) {
      // a rule may give a fixed day beyond the days that it counts
      return Reason.of(
          last.equals(arrives.plusDays(days)) ? "RETURNS.met" : "RETURNS.extended",
          "country",
          Written.country(country),
          "arrives",
          Written.day(arrives),
          "days",
          days,
          "last",
          Written.day(last));
    }
    return figure instanceof FactValue.NoReturns(var country, var reason)
        ? Reason.of("RETURNS." + reason.name(), "country", Written.country(country))
        : Reason.of("unknown");
  }
}
