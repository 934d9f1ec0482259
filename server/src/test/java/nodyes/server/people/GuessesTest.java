package nodyes.server.people;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import nodyes.server.web.ApiProblem;
import org.testng.annotations.Test;

public class GuessesTest {
  private final Clock clock = Clock.fixed(Instant.parse("2026-11-26T14:20:00Z"), ZoneOffset.UTC);

  @Test
  public void pausesGrowAndEnd() {
    assertEquals(Guesses.pause(-1), Duration.ZERO);
    assertEquals(Guesses.pause(0), Duration.ofSeconds(1));
    assertEquals(Guesses.pause(3), Duration.ofSeconds(8));
    assertEquals(Guesses.pause(100), Duration.ofMinutes(15));
  }

  @Test
  public void strangersDoNotLockTheOwnerOut() {
    var guesses = new Guesses(clock);
    for (int i = 0; i < 2000; i++) {
      guesses.failed("rita@shop.example", "203.0.113." + i % 250, false);
    }
    assertThrows(ApiProblem.class, () -> guesses.check("rita@shop.example", "203.0.113.7", false));
    assertThrows(ApiProblem.class, () -> guesses.check("rita@shop.example", "198.51.100.1", false));
    // the device on which she signed in before
    guesses.check("rita@shop.example", "198.51.100.1", true);
    // and who guesses on it is slowed down as any
    for (int i = 0; i < 6; i++) {
      guesses.failed("rita@shop.example", "198.51.100.1", true);
    }
    assertThrows(ApiProblem.class, () -> guesses.check("rita@shop.example", "198.51.100.1", true));
  }

  @Test
  public void oneNetworkThatTriesManyAddressesWaits() {
    var guesses = new Guesses(clock);
    for (int i = 0; i < 21; i++) {
      guesses.failed("someone" + i + "@shop.example", "203.0.113.7", false);
    }
    assertThrows(
        ApiProblem.class, () -> guesses.check("another@shop.example", "203.0.113.7", false));
    guesses.check("another@shop.example", "203.0.113.8", false);
  }
}
