package nodyes.server.pages;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jsoup.Jsoup;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What buttons and prices say: the script reads the same table, for the pages that it is on. */
public class PlacesOfPageTest {
  private static final Path CASES = Path.of("../web/tests/cases/places.csv");

  @DataProvider
  Iterator<Object[]> cases() throws IOException {
    var cases = new ArrayList<Object[]>();
    try (CSVParser rows =
        CSVParser.parse(
            CASES,
            java.nio.charset.StandardCharsets.UTF_8,
            CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get())) {
      for (CSVRecord row : rows) {
        cases.add(new Object[] {row.get("what"), row.get("text"), row.get("found").equals("yes")});
      }
    }
    return cases.iterator();
  }

  @Test(dataProvider = "cases")
  public void aPlaceIsFoundByWhatStandsThere(String what, String text, boolean isFound) {
    String tag = what.equals("buy") ? "button" : "p";
    String spot = what.equals("buy") ? "above-buy" : "under-price";
    var html = Jsoup.parse("<main><h1>Jar</h1><%1$s></%1$s></main>".formatted(tag));
    html.expectFirst(tag).text(text);
    assertEquals(
        PlacesOfPage.found(html, Map.of()).contains(new AddressReport.CheckedPlace(spot, isFound)),
        true);
  }
}
