package nodyes.server.tabular;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import nodyes.server.web.ApiProblem;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RowFilePreparerTest {
  private static List<String> rows(byte[] content) throws IOException {
    return rows(content, "");
  }

  /** Each row as its line and its cells, parted by bars. */
  private static List<String> rows(byte[] content, String sheet) throws IOException {
    Path file = Files.createTempFile("brought", ".x");
    Path made = Files.createTempFile("made", ".csv");
    try {
      Files.write(file, content);
      RowFile ready = RowFilePreparer.of(file, sheet, "", made);
      var rows = new ArrayList<String>();
      new CsvRows(
              ready.rows(),
              Charset.forName(ready.encoding()),
              ready.delimiter(),
              ready.isNumbered())
          .read(
              new CsvRows.Sink() {
                @Override
                public void row(long line, List<String> cells) {
                  rows.add(line + "|" + String.join("|", cells));
                }

                @Override
                public void broken(long line, String start, String reason) {
                  rows.add(line + " " + reason);
                }
              },
              () -> true);
      return rows;
    } finally {
      Files.delete(file);
      Files.deleteIfExists(made);
    }
  }

  private static List<String> rows(String content) throws IOException {
    return rows(content.getBytes(StandardCharsets.UTF_8));
  }

  private static String refused(byte[] content) {
    return String.valueOf(expectThrows(ApiProblem.class, () -> rows(content)).getMessage());
  }

  @DataProvider
  Object[][] json() {
    return new Object[][] {
      {"[{\"a\":1,\"b\":\"x\"},\n{\"b\":\"y, \\\"z\\\"\",\"c\":true}]"},
      {"{\"a\":1,\"b\":\"x\"}\n{\"b\":\"y, \\\"z\\\"\",\"c\":true}\n"},
      {"\uFEFF{\"a\":1,\"b\":\"x\"}\n\n{\"b\":\"y, \\\"z\\\"\",\"c\":true}"},
    };
  }

  /** RFC 8259 values, an array of them, or one to a line. */
  @Test(dataProvider = "json")
  public void jsonIsReadAsRowsWithTheColumnsOfAll(String text) throws IOException {
    List<String> rows = rows(text);
    assertEquals(rows.get(0), "1|a|b|c");
    assertEquals(rows.get(1), "1|1|x|");
    assertTrue(rows.get(2).endsWith("||y, \"z\"|true"), rows.get(2));
    assertTrue(rows.get(2).startsWith("2|") || rows.get(2).startsWith("3|"), rows.get(2));
  }

  @Test
  public void aListWithinAnObjectIsFoundAndWhatIsNestedIsFlat() throws IOException {
    assertEquals(
        rows(
            "{\"shop\":\"x\",\"reviews\":[{\"id\":1,\"by\":{\"name\":\"Ana\",\"from\":\"PT\"},"
                + "\"photos\":[\"a.jpg\",\"b.jpg\"]},{\"id\":2,\"by\":{\"name\":\"Rui\"},\"photos\":[]}]}"),
        List.of("1|id|by.name|by.from|photos", "1|1|Ana|PT|a.jpg\nb.jpg", "1|2|Rui||"));
  }

  /**
   * As services answer: in an envelope, in edges, or products with their reviews (common practice).
   */
  @Test
  public void recordsAreFoundHoweverDeepWithTheProductThatTheyAreIn() throws IOException {
    String two = "[{\"id\":1,\"stars\":4,\"text\":\"a\"},{\"id\":2,\"stars\":5,\"text\":\"b\"}]";
    assertEquals(
        rows("{\"page\":1,\"name\":\"x\",\"data\":{\"sku\":\"p\",\"list\":" + two + "}}"),
        List.of("1|id|stars|text|sku", "1|1|4|a|p", "1|2|5|b|p"));
    assertEquals(
        rows(
            "{\"data\":{\"reviews\":{\"edges\":[{\"node\":{\"id\":1,\"stars\":4,\"text\":\"a\"}}]}}}"),
        List.of("1|id|stars|text", "1|1|4|a"));
    assertEquals(
        rows(
            "[{\"name\":\"Pot\",\"sku\":\"p\",\"reviews\":"
                + two
                + "},{\"name\":\"Jar\",\"reviews\":[]}]"),
        List.of("1|id|stars|text|sku|product.name", "1|1|4|a|p|Pot", "1|2|5|b|p|Pot"));
  }

  /** Photos of a review, and orders of its writer, were taken for reviews. */
  @Test
  public void whatLiesInAReviewIsOfIt() throws IOException {
    String photo = "{\"id\":7,\"url\":\"https://x.example/a.jpg\",\"width\":3}";
    String order = "{\"id\":7,\"total\":3,\"day\":\"2026-01-02\"}";
    assertEquals(
        rows(
            "{\"id\":1,\"rating\":5,\"photos\":["
                + photo
                + ","
                + photo
                + "],\"customer\":{\"name\":\"Ana\",\"orders\":["
                + order
                + ","
                + order
                + "]},\"items\":["
                + order
                + "]}"),
        List.of(
            "1|id|rating|photos|customer.name|customer.orders|items",
            "1|1|5|https://x.example/a.jpg\nhttps://x.example/a.jpg|Ana|2026-01-02\n2026-01-02|2026-01-02"));
  }

  @Test
  public void listsOfSingleThingsKeepTheirStars() throws IOException {
    assertEquals(
        rows(
            "{\"id\":1,\"criteria\":[{\"name\":\"Fit\",\"value\":4},{\"name\":\"Look\",\"value\":5}],\"pros\":[\"a\",\"b\"]}"),
        List.of("1|id|criteria|pros", "1|1|Fit: 4\nLook: 5|a\nb"));
  }

  private static final String JSON_LD =
      """
      {"@context":"https://schema.org","@type":"Product","sku":"PL-1","review":[
      {"@type":"Review","author":"Ana","reviewRating":{"ratingValue":4},"reviewBody":"Good"}]}
      """;

  @Test
  public void jsonLdAndPagesGiveTheirReviews() throws IOException {
    List<String> expected =
        List.of("1|itemReviewed|ratingValue|reviewBody|author", "2|PL-1|4|Good|Ana");
    assertEquals(rows(JSON_LD).get(1).substring(1), expected.get(1).substring(1));
    assertEquals(
        rows(
            "<!doctype html><script type=\"application/ld+json\">"
                + JSON_LD
                + "</script><script>throw 1</script>"),
        expected);
    assertEquals(
        rows(
            """
            <html><div itemscope itemtype="https://schema.org/Product"><b itemprop=sku>PL-1</b>
            <div itemprop=review itemscope itemtype="https://schema.org/Review">
            <span itemprop=author itemscope itemtype="https://schema.org/Person"><i itemprop=name>Ana</i></span>
            <span itemprop=reviewRating itemscope itemtype="https://schema.org/Rating">
            <meta itemprop=ratingValue content=4></span><p itemprop=reviewBody>Good</p></div></div>
            """),
        expected);
    assertEquals(
        rows(
            """
            <html vocab="https://schema.org/"><div typeof=Product><b property=sku>PL-1</b>
            <div property=review typeof=Review><span property=author>Ana</span>
            <span property=reviewRating typeof=Rating><i property=ratingValue>4</i></span>
            <p property=reviewBody>Good</p></div></div></html>
            """),
        expected);
  }

  /** A workbook written by another library (Apache POI). */
  private static byte[] workbook() throws IOException {
    try (var workbook = new XSSFWorkbook();
        var out = new ByteArrayOutputStream()) {
      workbook.createSheet("Empty");
      var sheet = workbook.createSheet("Avaliações");
      var head = sheet.createRow(0);
      head.createCell(0).setCellValue("Nota");
      head.createCell(1).setCellValue("Data");
      head.createCell(2).setCellValue("Comentário");
      var dates = workbook.createCellStyle();
      dates.setDataFormat(workbook.createDataFormat().getFormat("dd/mm/yyyy"));
      for (int i = 0; i < 2; i++) {
        var row = sheet.createRow(2 + i);
        row.createCell(0).setCellValue(9.5 - i);
        row.createCell(1).setCellValue(LocalDate.of(2026, 4, 23));
        row.getCell(1).setCellStyle(dates);
        row.createCell(2).setCellValue("linha\n\"" + i + "\" 🌱");
      }
      workbook.createSheet("Other").createRow(0).createCell(0).setCellValue("x");
      workbook.write(out);
      return out.toByteArray();
    }
  }

  @Test
  public void aWorkbookOfAnotherLibraryReadsTheSame() throws IOException {
    List<String> expected =
        List.of(
            "1|Nota|Data|Comentário",
            "3|9.5|2026-04-23|linha\n\"0\" 🌱",
            "4|8.5|2026-04-23|linha\n\"1\" 🌱");
    assertEquals(rows(workbook()), expected);
    assertEquals(rows(workbook(), "Avaliações"), expected);
    assertEquals(rows(workbook(), "Other"), List.of("1|x"));
    assertEquals(
        expectThrows(ApiProblem.class, () -> rows(workbook(), "Nope")).getMessage(),
        "The workbook has no sheet “Nope”.");
  }

  private static byte[] archive(String name, byte[] start, long zeros) throws IOException {
    var out = new ByteArrayOutputStream();
    try (var zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry("xl/workbook.xml"));
      zip.write("<workbook/>".getBytes(StandardCharsets.UTF_8));
      zip.putNextEntry(new ZipEntry(name));
      zip.write(start);
      var some = new byte[1 << 20];
      for (long written = 0; written < zeros; written += some.length) {
        zip.write(some);
      }
    }
    return out.toByteArray();
  }

  @Test
  public void hostileWorkbooksAreNotOpened() throws IOException {
    byte[] bomb = archive("xl/worksheets/sheet1.xml", new byte[0], 64L << 20);
    assertTrue(bomb.length < 100_000);
    assertTrue(refused(bomb).startsWith("This workbook expands to an unusually large size"));
    byte[] laughs =
        "<?xml version=\"1.0\"?><!DOCTYPE x [<!ENTITY a \"ha\"><!ENTITY b \"&a;&a;\">]><sst>&b;</sst>"
            .getBytes(StandardCharsets.UTF_8);
    assertTrue(refused(archive("xl/sharedStrings.xml", laughs, 0)).contains("document type"));
    assertTrue(refused(archive("x.txt", new byte[0], 0)).contains("damaged"));
  }

  @Test
  public void aMillionColumnsAreNoTable() {
    var json = new StringBuilder("{");
    for (int i = 0; i < 1_000_000; i++) {
      json.append("\"k").append(i).append("\":1,");
    }
    json.append("\"z\":1}");
    assertTrue(
        refused(json.toString().getBytes(StandardCharsets.UTF_8))
            .contains("more than 500 columns"));
  }

  @Test
  public void deepNestingIsRefusedWithItsLine() {
    String deep = "[".repeat(5000);
    assertTrue(refused(deep.getBytes(StandardCharsets.UTF_8)).contains("cannot be read at line 1"));
  }
}
