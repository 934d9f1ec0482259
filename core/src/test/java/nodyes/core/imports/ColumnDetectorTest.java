package nodyes.core.imports;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ColumnDetectorTest {
  /** Headings in five languages, as a shop's own spreadsheet has them (common practice). */
  @DataProvider
  Object[][] headings() {
    return new Object[][] {
      {List.of("Product SKU?", "Star", "Review text", "Author Name", "Created_At")},
      {List.of("Produto", "Classificação", "Comentário", "Nome", "Data")},
      {List.of("Artikelnummer", "Bewertung", "Meinung", "Kunde", "Datum")},
      {List.of("Producto", "Puntuación", "Opinión", "Nombre", "Fecha")},
      {List.of("Produit", "Note", "Avis", "Auteur", "Date")},
    };
  }

  @Test(dataProvider = "headings")
  public void headingsAreKnownInFiveLanguages(List<String> headings) {
    var guess = ColumnDetector.of(headings);
    assertEquals(guess.get(ReviewColumn.RATING), Integer.valueOf(1));
    assertEquals(guess.get(ReviewColumn.WORDS), Integer.valueOf(2));
    assertEquals(guess.get(ReviewColumn.REVIEWER), Integer.valueOf(3));
    assertEquals(guess.get(ReviewColumn.DATE), Integer.valueOf(4));
  }

  @Test
  public void whatNoHeadingNamesIsKnownByItsContent() {
    var rows =
        List.of(
            List.of(
                "slate-pot", "4", "Stands in the wind, holds its water.", "23/04/2026", "PT", "x1"),
            List.of(
                "moss-can", "5", "It pours a thread, and never drips.", "02/05/2026", "ES", "x2"),
            List.of("moss-can", "3,5", "", "", "", "x3"));
    var guess =
        ColumnDetector.of(
            List.of("A", "B", "C", "D", "E", "F"),
            rows,
            text -> text.matches("slate-pot|moss-can"));
    assertEquals(
        guess.entrySet().stream()
            .collect(Collectors.toMap(Map.Entry::getKey, entry -> entry.getValue().index())),
        new HashMap<>(
            Map.of(
                ReviewColumn.PRODUCT, 0,
                ReviewColumn.RATING, 1,
                ReviewColumn.WORDS, 2,
                ReviewColumn.DATE, 3,
                ReviewColumn.COUNTRY, 4)));
    assertEquals(
        requireNonNull(guess.get(ReviewColumn.DATE)).basis(), ColumnDetector.MatchBasis.CONTENT);
  }

  @Test
  public void variantsAreFoundByNameOrByTheirParts() {
    var sold = List.of("Celadon, 24 cm", "Celadon, 30 cm", "Oat, 24 cm");
    assertEquals(
        VariantMatcher.of("celadon,24CM", sold, "Sill planter").orElseThrow(), "Celadon, 24 cm");
    assertEquals(VariantMatcher.of("30 cm", sold, "Sill planter").orElseThrow(), "Celadon, 30 cm");
    assertEquals(VariantMatcher.of("24 cm", sold, "Sill planter").isPresent(), false);
    assertEquals(VariantMatcher.of("Terracotta", sold, "Sill planter").isPresent(), false);
    var sizes = List.of("24 cm", "30 cm");
    assertEquals(
        VariantMatcher.of("celadon, 24 cm", sizes, "Celadon planter").orElseThrow(), "24 cm");
    assertEquals(VariantMatcher.of("ochre, 24 cm", sizes, "Celadon planter").isPresent(), false);
    assertEquals(VariantMatcher.of("celadon", sizes, "Celadon planter").isPresent(), false);
  }
}
