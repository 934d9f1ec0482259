package nodyes.server.reviews.out;

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
public class Exporting {
  private final Reviews reviews;
  private final Path folder;

  Exporting(Reviews reviews, ServerSettings settings) {
    this.reviews = reviews;
    this.folder = settings.data().resolve("out");
  }

  /** A file of the reviews that pass a filter; whoever takes it deletes it. */
  public Path write(ReviewFilter filter, OutFormat format) throws IOException {
    Files.createDirectories(folder);
    Path file = Files.createTempFile(folder, "reviews-", "." + format.ending());
    try (OutFile out = open(new BufferedOutputStream(Files.newOutputStream(file)), format)) {
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

  private static OutFile open(OutputStream out, OutFormat format) throws IOException {
    return switch (format) {
      case CSV -> new CsvFile(out);
      case XLSX -> new XlsxFile(out);
      case JSONL -> new SchemaFile(out, false);
      case JSONLD -> new SchemaFile(out, true);
    };
  }
}
