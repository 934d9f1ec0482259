package nodyes.bench;

import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;

/** Files of reviews as varied as people's are: few are nearly alike. */
final class SampleFile {
  private static final String[] PRODUCTS = {
    "slate-pot", "celadon-planter", "moss-can", "trowel", "sill-lamp"
  };
  private static final String[] LANGUAGES = {"en", "en", "en", "pt", "de", "es", "fr", "ja"};
  private static final String[] COUNTRIES = {"GB", "PT", "DE", "ES", "FR", "JP", "US"};
  private static final String[] SAID = {
    "the pot",
    "stands",
    "in the wind",
    "and",
    "the saucer",
    "holds",
    "a whole watering",
    "my",
    "rosemary",
    "likes",
    "the glaze",
    "came",
    "well packed",
    "after",
    "nine days",
    "but",
    "one",
    "was chipped",
    "they sent",
    "another",
    "without",
    "a word",
    "heavy",
    "lovely",
    "too small",
    "for",
    "the balcony",
    "I would buy",
    "it again",
    "winter",
    "frost",
    "colour",
    "greener than",
    "the picture",
    "a gift",
    "mother",
    "herbs",
    "deep",
    "drains",
    "slowly",
    "clay",
    "rim",
    "handle"
  };

  private SampleFile() {}

  /** Writes so many rows; alike for the same seed. */
  static Path write(Path file, int rows, int seed) throws IOException {
    var random = new Random(seed);
    try (BufferedWriter out = Files.newBufferedWriter(file)) {
      out.write("Product,Rating,Title,Words,Reviewer,Date,Language,Country,Source id\n");
      for (int i = 0; i < rows; i++) {
        out.write(
            "%s,%d,Title %d,\"%s\",Reviewer %d,2026-0%d-%02d,%s,%s,%d-%d%n"
                .formatted(
                    PRODUCTS[i % PRODUCTS.length],
                    1 + random.nextInt(5),
                    i,
                    words(random),
                    i,
                    1 + i % 9,
                    1 + i % 28,
                    LANGUAGES[random.nextInt(LANGUAGES.length)],
                    COUNTRIES[random.nextInt(COUNTRIES.length)],
                    seed,
                    i));
      }
    }
    return file;
  }

  private static String words(Random random) {
    var words = new StringBuilder();
    for (int i = 8 + random.nextInt(33); i > 0; i--) {
      words.append(SAID[random.nextInt(SAID.length)]).append(i == 1 ? "." : " ");
    }
    return words.toString();
  }
}
