package nodyes.server.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.springframework.context.PayloadApplicationEvent;
import org.testng.annotations.Test;

/**
 * Input: a listener of a publication that fails, as one did over an order to 'United States'. The
 * publication was done, the answer said 500, and the listeners behind it never heard.
 */
public class FollowUpsTest {
  private static final Instant NOW = Instant.parse("2026-11-29T10:00:00Z");

  /** Something of ours that happened. */
  private record Happened(int what) {}

  private final FollowUps told = new FollowUps(Clock.fixed(NOW, ZoneOffset.UTC));

  @Test
  public void oneFailureStopsNobodyElseAndIsTriedAgain() {
    var heard = new ArrayList<String>();
    boolean[] isBroken = {true};
    told.addApplicationListener(
        event -> {
          if (isBroken[0]) {
            throw new IllegalStateException("no holidays of it");
          }
          heard.add("mended " + event);
        });
    told.addApplicationListener(_ -> heard.add("second"));
    told.multicastEvent(new PayloadApplicationEvent<>(this, new Happened(1)));
    assertEquals(heard, List.of("second"));
    assertEquals(told.pending().size(), 1);
    assertEquals(told.pending().getFirst().reason(), "no holidays of it");
    assertEquals(told.pending().getFirst().of(), "Happened");
    assertEquals(told.pending().getFirst().since(), NOW);
    told.again();
    assertEquals(told.pending().size(), 1, "it still fails, and is one thing");
    isBroken[0] = false;
    told.again();
    assertEquals(told.pending(), List.of());
    assertEquals(heard.size(), 2);
  }

  @Test
  public void whatIsNotOursFailsAsItAlwaysDid() {
    var others = new FollowUps(Clock.fixed(NOW, ZoneOffset.UTC));
    others.addApplicationListener(
        _ -> {
          throw new IllegalStateException("a start that fails");
        });
    assertThrows(
        IllegalStateException.class,
        () -> others.multicastEvent(new PayloadApplicationEvent<>(this, "text")));
  }
}
