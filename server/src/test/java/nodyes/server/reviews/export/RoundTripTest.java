package nodyes.server.reviews.export;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import nodyes.core.review.LeaveOutReason;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** All that a review has goes out in each format and comes in again the same. */
public class RoundTripTest extends ExportTest {
  private static final int REVIEWS = 60;
  private static final List<String> HEADINGS =
      List.of(
          "product",
          "rating",
          "title",
          "words",
          "reviewer",
          "country",
          "language",
          "date",
          "variant",
          "source id",
          "reply",
          "reply date",
          "pros",
          "cons",
          "criteria",
          "helpful",
          "not helpful",
          "verified at source",
          "incentive",
          "review state",
          "left out because",
          "featured");
  private static final List<String> WORDS =
      List.of(
          "glaze",
          "saucer",
          "sill",
          "=1+1",
          "\"quoted\"",
          "a;b",
          "c|d",
          "É",
          "pot,",
          "👩‍🌾",
          "rain",
          "@home",
          "'kept",
          "<b>",
          "&lt;",
          "Größe",
          "日本",
          "• dot",
          "-3",
          "frost",
          "x: y");

  private final SplittableRandom random = new SplittableRandom(8);

  private String words(int least, int most) {
    return String.join(
        " ",
        IntStream.range(0, random.nextInt(least, most + 1))
            .mapToObj(_ -> WORDS.get(random.nextInt(WORDS.size())) + random.nextInt(1000))
            .toList());
  }

  private String maybe(String text) {
    return random.nextInt(3) == 0 ? "" : text;
  }

  private String notes() {
    return String.join(
        "\n", IntStream.range(0, random.nextInt(4)).mapToObj(_ -> "• " + words(1, 4)).toList());
  }

  private String criteria() {
    return String.join(
        "\n",
        List.of("Durability", "Value for money", "Glaze: colour").stream()
            .filter(_ -> random.nextBoolean())
            .map(name -> name + ": " + random.nextInt(1, 6))
            .toList());
  }

  private List<String> row(String product, int number) {
    String state = List.of("published", "on hold", "left out", "spam").get(random.nextInt(4));
    LeaveOutReason reason = LeaveOutReason.values()[random.nextInt(LeaveOutReason.values().length)];
    return List.of(
        product,
        random.nextInt(1, 5) + maybe("." + random.nextInt(1, 10)),
        maybe(words(1, 4)),
        words(6, 30) + "\n\n" + words(4, 9),
        maybe("Reviewer " + number),
        maybe(List.of("PT", "DE", "JP").get(random.nextInt(3))),
        List.of("pt", "de", "en-GB").get(random.nextInt(3)),
        maybe("2026-0" + random.nextInt(1, 10) + maybe("-1" + random.nextInt(10))),
        maybe("24 cm"),
        "r-" + number,
        maybe(words(2, 9)),
        maybe("2026-10-0%d %02d:07:09Z".formatted(random.nextInt(1, 10), random.nextInt(24))),
        notes(),
        notes(),
        criteria(),
        maybe("" + random.nextInt(1, 4000)),
        maybe("" + random.nextInt(1, 40)),
        maybe("yes"),
        maybe("10 % off; " + words(1, 2)),
        state,
        state.equals("left out") ? reason.name().toLowerCase(Locale.ROOT).replace('_', ' ') : "",
        maybe("yes"));
  }

  private String file(String product) throws IOException {
    var text = new StringWriter();
    try (var csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
      csv.printRecord(HEADINGS);
      for (int i = 0; i < REVIEWS; i++) {
        csv.printRecord(row(product, i));
      }
    }
    return text.toString();
  }

  private void broughtAndPublished(byte[] file, String product) throws Exception {
    JsonNode batch = bringIn(file, "{\"product\":\"" + product + "\"}");
    assertEquals(batch.path("imported").asInt(), REVIEWS, batch.toString());
    send("/api/v1/import-checks/{id}/publish", "{}", batch.path("id").asLong())
        .andExpect(status().isOk());
  }

  /** Its lines without the product, which is another one. */
  private List<String> lines(String product) throws Exception {
    String csv = new String(exported("csv", product), StandardCharsets.UTF_8);
    var lines = new ArrayList<>(Arrays.asList(csv.replace(product, "…").split("\r\n")));
    assertEquals(lines.size(), REVIEWS + 1);
    return lines;
  }

  @Test(dataProvider = "formats")
  public void nothingOfAReviewIsLost(String format) throws Exception {
    String one = "from-" + format;
    String other = "into-" + format;
    product(one);
    product(other);
    broughtAndPublished(file(one).getBytes(StandardCharsets.UTF_8), one);
    List<String> before = lines(one);
    broughtAndPublished(exported(format, one), other);
    assertEquals(lines(other), before);
    for (String told :
        List.of("Glaze: colour: ", "2026-10-0", "10 % off; ", ",spam,", ",on hold,", "a copy")) {
      assertTrue(before.stream().anyMatch(line -> line.contains(told)), told);
    }
  }

  /**
   * Without a reason beside it the state was not known, and what was held waited to be published.
   */
  @Test
  public void whatIsHeldComesInHeldThoughNothingWasLeftOut() throws Exception {
    product("held-pot");
    product("held-too-pot");
    bringIn("Product,Rating,Words,Review state\nheld-pot,4,Stands in the wind,on hold\n", "{}");
    bringIn(exported("jsonl", "held-pot"), "{\"product\":\"held-too-pot\"}");
    assertEquals(
        body(ask("/api/v1/reviews?product=held-too-pot"))
            .path("items")
            .path(0)
            .path("status")
            .asString(),
        "ON_HOLD");
  }
}
