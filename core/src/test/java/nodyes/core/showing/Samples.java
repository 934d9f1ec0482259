package nodyes.core.showing;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import nodyes.core.audience.Situation;
import nodyes.core.rating.RatingSummary;

/** Situations for tests. */
public final class Samples {
  private Samples() {}

  public static Situation situation(Instant moment, ZoneId zone) {
    return new Situation(
        RatingSummary.NONE,
        Set.of(),
        Set.of(),
        Optional.empty(),
        Optional.empty(),
        Locale.ENGLISH,
        moment,
        zone);
  }
}
