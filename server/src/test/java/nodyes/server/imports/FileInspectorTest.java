package nodyes.server.imports;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.ReviewColumn;
import nodyes.server.tabular.RowFilePreparer;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FileInspectorTest {
  private static FileInspection look(String text) throws IOException {
    Path file = Files.createTempFile("look", ".csv");
    try {
      Files.writeString(file, text);
      var rows = RowFilePreparer.of(file, "", "", Path.of(file + ".rows"));
      return FileInspector.at(
          rows, new LanguageDetector(), name -> name.equals("oak-pot"), _ -> false);
    } finally {
      Files.delete(file);
    }
  }

  @DataProvider
  Object[][] delimiters() {
    return new Object[][] {
      {"Rating,Words\n5,fine\n", ","}, {"Rating;Words\n5;fine, really\n", ";"},
      {"Rating\tWords\n5\tfine, really\n", "\t"}, {"Rating;Words, long\n5;fine\n", ";"},
    };
  }

  @Test(dataProvider = "delimiters")
  public void theDelimiterIsTheOneOfTheHeadings(String text, String delimiter) throws IOException {
    String expected = delimiter;
    FileInspection look = look(text);
    assertEquals(look.form().delimiter(), expected);
    assertEquals(look.guessed().columns().get(ReviewColumn.RATING), Integer.valueOf(0));
  }

  @Test
  public void theFirstRowsAreShownAsTheyStandWithTheirLines() throws IOException {
    var text = new StringBuilder("Rating,Words,Box\n");
    for (int i = 0; i < 9; i++) {
      text.append("5,\"two\nlines\",").append(i).append('\n');
    }
    FileInspection look = look(text.toString());
    assertEquals(look.found().rows(), 9);
    assertEquals(look.found().samples().size(), 5);
    assertEquals(
        look.found().samples().get(1),
        new FileInspection.Sample(4, List.of("5", "two\nlines", "1")));
    assertEquals(look.guessed().columns(), Map.of(ReviewColumn.RATING, 0, ReviewColumn.WORDS, 1));
    assertEquals(look.found().broken(), 0);
  }

  @Test
  public void scaleAndOrderOfDatesAreFoundAndWhy() throws IOException {
    FileInspection look =
        look("Nota,Data\n9,01/02/2026\n10,23/04/2026\n4,03/04/2026\n8,04/05/2026\n");
    assertEquals(look.scale().worst(), BigDecimal.ONE);
    assertEquals(look.scale().best(), BigDecimal.TEN);
    assertEquals(look.scale().highestRating(), BigDecimal.TEN);
    assertEquals(look.dates().dateOrder(), DateOrder.DAY_FIRST);
    assertEquals(look.dates().dateBecause(), "23/04/2026");
  }

  @Test
  public void brokenRowsAreCountedBesideTheOthers() throws IOException {
    FileInspection look = look("Rating,Words\n5,fine\n4,\"open\n3,good\n");
    assertEquals(look.found().rows(), 2);
    assertEquals(look.found().broken(), 1);
  }
}
