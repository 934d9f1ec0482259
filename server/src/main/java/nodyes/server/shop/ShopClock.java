package nodyes.server.shop;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.springframework.stereotype.Component;

/** The clock on the shop's wall: which day it is depends on where the shop is. */
@Component
public class ShopClock {
  private final Clock clock;
  private final Shop shop;

  ShopClock(Clock clock, Shop shop) {
    this.clock = clock;
    this.shop = shop;
  }

  /** This moment. */
  public Instant now() {
    return clock.instant();
  }

  /** The shop's day. */
  public LocalDate today() {
    return dayOf(now());
  }

  /** The shop's day at a moment. */
  public LocalDate dayOf(Instant moment) {
    return LocalDate.ofInstant(moment, zone());
  }

  /** The shop's time zone. */
  public ZoneId zone() {
    return shop.settings().zone();
  }
}
