package nodyes.simulators.marketplace;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;

/**
 * A review on the marketplace.
 *
 * @param rating of ten
 * @param variant as it is called there; empty for none
 * @param pictures how many pictures it has
 * @param english its words in English
 */
public record MarketReview(
    String language,
    String country,
    String reviewer,
    int rating,
    String variant,
    String date,
    int pictures,
    String words,
    String english) {
  /** All of them, newest first. */
  public static List<MarketReview> all() {
    try (InputStream in =
            Objects.requireNonNull(
                MarketReview.class.getResourceAsStream(
                    "/nodyes/simulators/marketplace/reviews.tsv"));
        var reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
      return reader.lines().skip(1).map(MarketReview::of).toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static MarketReview of(String line) {
    String[] cells = line.split("\t", -1);
    return new MarketReview(
        cells[0],
        cells[1],
        cells[2],
        Integer.parseInt(cells[3]),
        cells[4],
        cells[5],
        Integer.parseInt(cells[6]),
        cells[7],
        cells[8]);
  }
}
