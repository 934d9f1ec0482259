package nodyes.server.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.expectThrows;

import java.time.Duration;
import org.testng.annotations.Test;

public class RateLimitTest {
  @Test
  public void eachCallerHasItsOwnShare() {
    var limit = new RateLimit(3, Duration.ofHours(1));
    for (int i = 0; i < 3; i++) {
      limit.count("a");
    }
    var refusal = expectThrows(ApiProblem.class, () -> limit.count("a"));
    assertEquals(refusal.status().value(), 429);
    limit.count("b");
    assertThrows(ApiProblem.class, () -> limit.count("a"));
  }

  @Test
  public void pagesOfListsStayWithinTheirBounds() {
    assertEquals(PagedResult.page(-4), 1);
    assertEquals(PagedResult.page(7), 7);
    assertEquals(PagedResult.size(0), 1);
    assertEquals(PagedResult.size(1_000_000), PagedResult.LARGEST);
  }
}
