package nodyes.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Clock;
import com.microsoft.playwright.Page;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/** How far a countdown is off after an hour, on a machine whose clock is off by ten minutes. */
final class Drift {
  private static final Duration AHEAD = Duration.ofMinutes(10);
  private static final int STEP_MILLIS = 10;
  private static final int MINUTE_MILLIS = 60_000;
  private static final int MOST_STEPS = 6100;

  private Drift() {}

  /**
   * The browser's clocks are simulated: the hour is run through timer by timer. The minute of the
   * countdown turns at a known instant of the server's clock; how much later it turns on the page
   * is its error.
   */
  static List<String> measure(Browser browser, RunningDemo server) {
    var report = new ArrayList<>(List.of("", "## Drift of a countdown", ""));
    try (var context = browser.newContext()) {
      Page page = context.newPage();
      page.clock()
          .install(
              new Clock.InstallOptions().setTime(System.currentTimeMillis() + AHEAD.toMillis()));
      page.navigate(server.shop("/products/celadon-planter?variant=PL-CEL-24"));
      page.waitForSelector("nod-yes[data-nod=autumn-price] .clock");
      // from here on the page's time passes only when it is told to
      page.clock().pauseAt(System.currentTimeMillis() + AHEAD.plusSeconds(30).toMillis());
      untilTurn(page);
      page.clock().runFor(Duration.ofHours(1).toMillis());
      double later = untilTurn(page);
      // from one turn to the other whole minutes pass
      double off = (Duration.ofHours(1).toMillis() + later) % MINUTE_MILLIS;
      report.add(
          "A simulated hour in headless Chromium, the shopper's clock ten minutes ahead: the minute"
              + " turned %.0f ms from where it should (aim under 250 ms), looked at each %d ms."
                  .formatted(Math.min(off, MINUTE_MILLIS - off), STEP_MILLIS));
    }
    return report;
  }

  /** Goes on until the text changes; so many milliseconds of the page's clock. */
  private static double untilTurn(Page page) {
    String before = text(page);
    for (int step = 0; step < MOST_STEPS; step++) {
      page.clock().runFor(STEP_MILLIS);
      if (!text(page).equals(before)) {
        return (step + 1.0) * STEP_MILLIS;
      }
    }
    return Double.NaN;
  }

  private static String text(Page page) {
    return page.locator("nod-yes[data-nod=autumn-price] .clock").innerText();
  }
}
