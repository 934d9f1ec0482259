package nodyes.server.reviews.export;

import java.io.IOException;
import nodyes.server.reviews.ExportedReview;

/** Writes reviews as they come. */
interface ExportWriter extends AutoCloseable {
  void write(ExportedReview row) throws IOException;

  @Override
  void close() throws IOException;
}
