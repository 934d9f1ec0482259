package nodyes.core.form;

import static org.testng.Assert.assertEquals;

import java.time.Duration;
import java.util.Set;
import nodyes.core.bringin.Flag;
import nodyes.core.form.SpamSigns.Sent;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SpamSignsTest {
  private static final Duration A_MINUTE = Duration.ofMinutes(1);

  @DataProvider
  public Object[][] sent() {
    return new Object[][] {
      {new Sent(false, A_MINUTE, "A fine pot", 0, 0), Set.of()},
      {new Sent(true, A_MINUTE, "A fine pot", 0, 0), Set.of(Flag.TRAP)},
      {new Sent(false, Duration.ofMillis(3_999), "A fine pot", 0, 0), Set.of(Flag.QUICK)},
      {new Sent(false, Duration.ofSeconds(4), "A fine pot", 0, 0), Set.of()},
      {new Sent(false, A_MINUTE, "See www.a.example/x", 0, 0), Set.of()},
      {
        new Sent(false, A_MINUTE, "See www.a.example/x and https://b.example/y", 0, 0),
        Set.of(Flag.LINKS)
      },
      {new Sent(false, A_MINUTE, "A fine pot", 2, 1), Set.of()},
      {new Sent(false, A_MINUTE, "A fine pot", 3, 2), Set.of(Flag.MANY_FROM_ONE, Flag.REPEATED)},
    };
  }

  @Test(dataProvider = "sent")
  public void eachSignHasItsEdge(Sent sent, Set<Flag> signs) {
    assertEquals(SpamSigns.of(sent), signs);
  }
}
