package nodyes.core.reviewform;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.review.AspectAverage;
import org.testng.annotations.Test;

public class ReviewAspectTest {
  private static ReviewAspect named(Map<String, String> names) {
    return new ReviewAspect(1, names, Optional.of("planters"), true);
  }

  @Test
  public void itIsCalledInTheReadersLanguageElseInEnglishElseInAny() {
    var both = named(Map.of("en", "Durability", "de", "Haltbarkeit"));
    assertEquals(both.name("de"), "Haltbarkeit");
    assertEquals(both.name("ja"), "Durability");
    assertEquals(named(Map.of("pt", "Duração", "fr", "Durée")).name("ja"), "Durée");
    assertThrows(IllegalArgumentException.class, () -> named(Map.of("en", " ")));
  }

  @Test
  public void itIsForTheProductsOfItsCategory() {
    assertTrue(named(Map.of("en", "Weight")).isFor(Set.of("home", "planters")));
    assertFalse(named(Map.of("en", "Weight")).isFor(Set.of("seeds")));
    assertTrue(new ReviewAspect(2, Map.of("en", "Value"), Optional.empty(), true).isFor(Set.of()));
  }

  @Test
  public void itsMeanIsRoundedHalfUp() {
    assertEquals(new AspectAverage(1, "Value", 17, 4).mean(), new BigDecimal("4.3"));
    assertEquals(new AspectAverage(1, "Value", 13, 4).mean(), new BigDecimal("3.3"));
    assertThrows(IllegalArgumentException.class, () -> new AspectAverage(1, "Value", 21, 4));
  }
}
