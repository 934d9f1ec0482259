package nodyes.core.evaluation;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import nodyes.core.rating.RatingSummary;
import nodyes.core.targeting.EvaluationContext;
import nodyes.core.targeting.Sellable;

/** Situations for tests. */
public final class Samples {
  private Samples() {}

  public static EvaluationContext situation(Instant moment, ZoneId zone) {
    return new EvaluationContext(
        RatingSummary.NONE,
        Set.of(),
        Set.of(),
        Optional.empty(),
        Optional.empty(),
        Locale.ENGLISH,
        moment,
        zone,
        new Sellable.NothingKnown());
  }
}
