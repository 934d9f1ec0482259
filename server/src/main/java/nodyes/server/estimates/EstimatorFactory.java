package nodyes.server.estimates;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.Estimator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Gives the owner's delivery rules the holidays of the years that matter. */
@Component
public class EstimatorFactory {
  private record Asked(DeliverySettings settings, int year) {}

  private record Last(DeliverySettings settings, int year, Estimator estimator) {
    // the same object is the same without looking through all that is in it
    @SuppressWarnings("ReferenceEquality")
    boolean is(DeliverySettings other, int otherYear) {
      return settings == other && year == otherYear;
    }
  }

  private final PublicHolidays holidays;
  private final Cache<Asked, Estimator> kept = Caffeine.newBuilder().maximumSize(16).build();

  private volatile @Nullable Last last;

  EstimatorFactory(PublicHolidays holidays) {
    this.holidays = holidays;
  }

  /** What works out orders that are placed about a moment. */
  public Estimator of(DeliverySettings settings, Instant moment) {
    int year = LocalDate.ofInstant(moment, ZoneOffset.UTC).getYear();
    Last before = last;
    if (before != null && before.is(settings, year)) {
      return before.estimator();
    }
    Estimator estimator = kept.get(new Asked(settings, year), this::make);
    last = new Last(settings, year, estimator);
    return estimator;
  }

  private Estimator make(Asked asked) {
    return new Estimator(asked.settings(), holidays);
  }
}
