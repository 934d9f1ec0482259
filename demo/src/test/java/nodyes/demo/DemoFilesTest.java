package nodyes.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

public class DemoFilesTest {
  private static final Instant NOW = Instant.parse("2026-11-26T14:20:00Z");
  private Path folder;

  @BeforeClass
  public void write() throws IOException {
    folder = Files.createTempDirectory("nodyes-demo");
    DemoFiles.write(folder, NOW);
  }

  @Test
  public void theSameInstantGivesTheSameBytes() throws IOException {
    Path again = Files.createTempDirectory("nodyes-demo");
    DemoFiles.write(again, NOW);
    try (var files = Files.list(folder)) {
      List<Path> written = files.toList();
      assertEquals(written.size(), 6);
      for (Path file : written) {
        assertEquals(Files.mismatch(file, again.resolve(file.getFileName())), -1L, file.toString());
      }
    }
  }

  @Test
  public void theCatalogueHasTheShopsSizeAndAPictureOfEach() throws IOException {
    List<DemoProduct> products = DemoTexts.products();
    assertEquals(products.size(), 48);
    assertEquals(products.stream().map(DemoProduct::category).distinct().count(), 6);
    long variants = products.stream().mapToLong(product -> product.variants().size()).sum();
    assertTrue(variants >= 125 && variants <= 135, "variants: " + variants);
    assertEquals(Files.readAllLines(folder.resolve(DemoFiles.CATALOGUE)).size(), 48);
    for (DemoProduct product : products) {
      assertNotNull(
          DemoFilesTest.class.getResource("pictures/" + product.slug() + ".svg"), product.slug());
    }
  }

  @Test
  public void reviewsAreManyVariedAndInFiveLanguages() throws IOException {
    List<CSVRecord> reviews = rows(DemoFiles.SHOP_REVIEWS, ',');
    reviews.addAll(rows(DemoFiles.NEW_REVIEWS, ','));
    int total = reviews.size() + rows(DemoFiles.STALL_REVIEWS, ';').size();
    assertTrue(total > 1850 && total < 2000, "reviews: " + total);
    var languages = new HashSet<String>();
    var words = new HashSet<String>();
    long worded = 0;
    for (CSVRecord review : reviews) {
      languages.add(review.get("Language"));
      if (!review.get("Words").isEmpty()) {
        worded++;
        words.add(review.get("Words"));
      }
    }
    assertEquals(languages.size(), 5);
    assertTrue(words.size() > worded * 0.6, words.size() + " different of " + worded);
  }

  @Test
  public void ratingsLeanToTheProductsOwnMean() throws IOException {
    var stars =
        rows(DemoFiles.SHOP_REVIEWS, ',').stream()
            .filter(review -> review.get("Product").equals("slate-pot"))
            .mapToInt(review -> Integer.parseInt(review.get("Rating")))
            .summaryStatistics();
    assertTrue(stars.getCount() > 120, "slate pots reviewed: " + stars.getCount());
    assertEquals(stars.getAverage(), 4.8, 0.15);
  }

  private List<CSVRecord> rows(String name, char delimiter) throws IOException {
    var format =
        CSVFormat.RFC4180
            .builder()
            .setDelimiter(delimiter)
            .setHeader()
            .setSkipHeaderRecord(true)
            .get();
    try (var reader = Files.newBufferedReader(folder.resolve(name), StandardCharsets.UTF_8);
        var csv = format.parse(reader)) {
      return new ArrayList<>(csv.getRecords());
    }
  }
}
