package nodyes.server.estimates;

import static org.testng.Assert.assertFalse;

import de.focus_shift.jollyday.core.HolidayManager;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import nodyes.core.delivery.HolidayRegion;
import org.testng.annotations.Test;

/**
 * Two requests that asked for the holidays of two countries for the first time at once: the library
 * looks for its parts in a way that is not made for that, found none, and one of them failed.
 */
public class HolidaysAskedAtOnceTest {
  private static final List<String> COUNTRIES =
      List.of("DE", "FR", "ES", "PT", "IT", "GB", "US", "NL", "BE", "AT", "CH", "PL");
  private static final int ROUNDS = 30;

  @Test
  public void countriesAreAskedForAtOnceForTheFirstTime() throws Exception {
    try (var threads = Executors.newFixedThreadPool(COUNTRIES.size())) {
      for (int round = 0; round < ROUNDS; round++) {
        HolidayManager.clearManagerCache();
        var holidays = new PublicHolidays();
        var asking = new ArrayList<Callable<Boolean>>();
        for (String country : COUNTRIES) {
          asking.add(() -> holidays.of(new HolidayRegion(country), 2026).isEmpty());
        }
        for (Future<Boolean> isEmpty : threads.invokeAll(asking)) {
          assertFalse(isEmpty.get());
        }
      }
    }
  }
}
