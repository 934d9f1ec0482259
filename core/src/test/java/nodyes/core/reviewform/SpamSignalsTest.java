package nodyes.core.reviewform;

import static org.testng.Assert.assertEquals;

import java.time.Duration;
import java.util.Set;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.reviewform.SpamSignals.Sent;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SpamSignalsTest {
  private static final Duration A_MINUTE = Duration.ofMinutes(1);

  @DataProvider
  public Object[][] sent() {
    return new Object[][] {
      {new Sent(false, A_MINUTE, "A fine pot", 0, 0), Set.of()},
      {new Sent(true, A_MINUTE, "A fine pot", 0, 0), Set.of(ReviewFlag.HONEYPOT)},
      {new Sent(false, Duration.ofMillis(3_999), "A fine pot", 0, 0), Set.of(ReviewFlag.TOO_FAST)},
      {new Sent(false, Duration.ofSeconds(4), "A fine pot", 0, 0), Set.of()},
      {new Sent(false, A_MINUTE, "See www.a.example/x", 0, 0), Set.of()},
      {
        new Sent(false, A_MINUTE, "See www.a.example/x and https://b.example/y", 0, 0),
        Set.of(ReviewFlag.LINKS)
      },
      {new Sent(false, A_MINUTE, "A fine pot", 2, 1), Set.of()},
      {
        new Sent(false, A_MINUTE, "A fine pot", 3, 2),
        Set.of(ReviewFlag.MANY_FROM_ONE, ReviewFlag.REPEATED)
      },
    };
  }

  @Test(dataProvider = "sent")
  public void eachSignHasItsEdge(Sent sent, Set<ReviewFlag> signs) {
    assertEquals(SpamSignals.of(sent), signs);
  }
}
