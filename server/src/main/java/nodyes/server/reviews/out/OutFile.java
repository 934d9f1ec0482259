package nodyes.server.reviews.out;

import java.io.IOException;
import nodyes.server.reviews.OutRow;

/** Writes reviews as they come. */
interface OutFile extends AutoCloseable {
  void write(OutRow row) throws IOException;

  @Override
  void close() throws IOException;
}
