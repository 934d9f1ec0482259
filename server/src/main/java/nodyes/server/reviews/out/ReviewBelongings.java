package nodyes.server.reviews.out;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import nodyes.server.leaving.Belongings;
import nodyes.server.leaving.Suitcase;
import nodyes.server.reviews.ReviewFilter;
import org.springframework.stereotype.Component;

/** Every review, in whatever state. */
@Component
class ReviewBelongings implements Belongings {
  private final Exporting exporting;

  ReviewBelongings(Exporting exporting) {
    this.exporting = exporting;
  }

  @Override
  public void pack(Suitcase into) throws IOException {
    for (OutFormat format : List.of(OutFormat.CSV, OutFormat.JSONLD)) {
      Path file = exporting.write(ReviewFilter.ALL, format);
      try {
        into.put("reviews." + format.ending(), file);
      } finally {
        Files.deleteIfExists(file);
      }
    }
  }
}
