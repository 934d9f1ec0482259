package nodyes.core.delivery;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;

/**
 * Something that is ordered.
 *
 * @param placedAt when
 * @param zone the shop's
 * @param ware what
 * @param country where it goes, ISO 3166-1 alpha-2
 */
public record EstimateRequest(Instant placedAt, ZoneId zone, ShippableItem ware, String country) {
  /** The shop's day on which it is placed. */
  public LocalDate day() {
    return LocalDate.ofInstant(placedAt, zone);
  }
}
