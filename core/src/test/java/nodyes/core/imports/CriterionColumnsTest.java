package nodyes.core.imports;

import static org.testng.Assert.assertEquals;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CriterionColumnsTest {
  private static Map<Integer, String> of(List<String> headings, String... values) {
    return CriterionColumns.of(
        headings, List.of(List.of(values)), Set.of(), name -> name.equals("Glaze"));
  }

  @DataProvider
  Object[][] headings() {
    return new Object[][] {
      {"Quality rating", "Quality"},
      {"quality_rating", "Quality"},
      {"qualityRating", "Quality"},
      {"rating-quality", "Quality"},
      {"Stars: Comfort", "Comfort"},
      {"Value for money (stars)", "Value for money"},
      {"Value rating", "Value"},
      {"Preis-Leistung Bewertung", "Preis-Leistung"},
      {"Nota qualidade", "Qualidade"},
      {"Glaze", "Glaze"},
    };
  }

  @Test(dataProvider = "headings")
  public void aColumnOfStarsForASingleThingIsNamedForIt(String heading, String name) {
    assertEquals(of(List.of(heading), "4"), Map.of(0, name));
  }

  @DataProvider
  Object[][] others() {
    return new Object[][] {
      {"Rating"},
      {"Rating count"},
      {"average_rating"},
      {"ratingValue"},
      {"Best rating"},
      {"Rating scale"},
      {"Quality"},
      {"Price"},
      {""},
      {"Gesamtbewertung"},
    };
  }

  @Test(dataProvider = "others")
  public void anyOtherColumnIsNone(String heading) {
    assertEquals(of(List.of(heading), "4"), Map.of());
  }

  @Test
  public void aColumnWhoseValuesAreNoStarsIsNone() {
    assertEquals(of(List.of("Quality rating"), "very good"), Map.of());
    assertEquals(of(List.of("Quality rating"), "812"), Map.of());
    assertEquals(of(List.of("Quality rating"), ""), Map.of());
  }

  @Test
  public void twoColumnsOfOneNameAreTheFirst() {
    assertEquals(of(List.of("Fit rating", "Fit stars"), "4", "5"), Map.of(0, "Fit"));
  }
}
