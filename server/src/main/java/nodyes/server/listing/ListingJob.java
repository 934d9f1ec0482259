package nodyes.server.listing;

import java.time.Clock;
import nodyes.server.web.EachMinute;
import org.springframework.stereotype.Component;

/** Asks the directory when it is time to. */
@Component
class ListingJob extends EachMinute {
  ListingJob(Listing listing, Clock clock) {
    super("listing", () -> listing.refreshIfDue(clock.instant()));
  }
}
