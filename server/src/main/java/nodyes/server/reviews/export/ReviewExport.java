package nodyes.server.reviews.export;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import nodyes.server.export.ExportArchive;
import nodyes.server.export.ExportContributor;
import nodyes.server.reviews.ReviewFilter;
import org.springframework.stereotype.Component;

/** Every review, in whatever state. */
@Component
class ReviewExport implements ExportContributor {
  private final ReviewExporter exporting;

  ReviewExport(ReviewExporter exporting) {
    this.exporting = exporting;
  }

  @Override
  public void pack(ExportArchive into) throws IOException {
    for (ExportFormat format : List.of(ExportFormat.CSV, ExportFormat.JSONLD)) {
      Path file = exporting.write(ReviewFilter.ALL, format);
      try {
        into.put("reviews." + format.ending(), file);
      } finally {
        Files.deleteIfExists(file);
      }
    }
  }
}
