package nodyes.server.catalogue;

import static org.testng.Assert.assertEquals;

import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ProductFinderTest {
  private static ProductFinder finder() {
    var finder = new ProductFinder();
    finder.add("PL-CEL-24", new ProductFinder.Found(1, Optional.of("24 cm")));
    finder.add("PL-SLA-24", new ProductFinder.Found(2, Optional.of("24 cm")));
    finder.add("PL-SLA-28", new ProductFinder.Found(2, Optional.of("28 cm")));
    finder.title(1, "Celadon planter");
    return finder;
  }

  /** The distances are counted by hand, as Levenshtein (1966) counts them. */
  @DataProvider
  public Object[][] texts() {
    return new Object[][] {
      {"PL-CLD-24", List.of("PL-CEL-24", "PL-SLA-24")}, // both at two letters
      {"pl-cel-2", List.of("PL-CEL-24")},
      {"Celadon plnter", List.of("Celadon planter")},
      {"PL-SLA-25", List.of("PL-SLA-24", "PL-SLA-28")}, // equally near
      {"PL", List.of()}, // too short to tell
      {"WA-COP-1L", List.of()},
      {"", List.of()},
    };
  }

  @Test(dataProvider = "texts")
  public void theNamesNearbyAreFound(String text, List<String> names) {
    assertEquals(finder().nearest(text), names);
  }

  @Test
  public void aFileThatIsWrongThroughoutIsNotSearchedForEver() {
    ProductFinder finder = finder();
    for (int i = 0; i < 50; i++) {
      assertEquals(finder.nearest("nothing like it " + i), List.of());
    }
    assertEquals(finder.nearest("PL-CEL-25"), List.of());
  }
}
