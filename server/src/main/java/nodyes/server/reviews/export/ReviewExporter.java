package nodyes.server.reviews.export;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import nodyes.server.ServerSettings;
import nodyes.server.reviews.ReviewFilter;
import nodyes.server.reviews.Reviews;
import org.springframework.stereotype.Component;

/** Writes reviews out, one behind the other: however many there are, memory stays the same. */
@Component
public class ReviewExporter {
  private final Reviews reviews;
  private final Path folder;

  ReviewExporter(Reviews reviews, ServerSettings settings) {
    this.reviews = reviews;
    this.folder = settings.data().resolve("out");
  }

  /** A file of the reviews that pass a filter; whoever takes it deletes it. */
  public Path write(ReviewFilter filter, ExportFormat format) throws IOException {
    Files.createDirectories(folder);
    Path file = Files.createTempFile(folder, "reviews-", "." + format.ending());
    try (ExportWriter out = open(new BufferedOutputStream(Files.newOutputStream(file)), format)) {
      reviews.each(
          filter,
          row -> {
            try {
              out.write(row);
            } catch (IOException e) {
              throw new UncheckedIOException(e);
            }
          });
      return file;
    } catch (IOException | RuntimeException e) {
      Files.deleteIfExists(file);
      throw e;
    }
  }

  private static ExportWriter open(OutputStream out, ExportFormat format) throws IOException {
    return switch (format) {
      case CSV -> new CsvFile(out);
      case XLSX -> new XlsxFile(out);
      case JSONL -> SchemaFile.ofLines(out);
      case JSONLD -> SchemaFile.ofOneDocument(out);
    };
  }
}
