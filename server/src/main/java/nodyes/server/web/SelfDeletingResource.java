package nodyes.server.web;

import java.io.FilterInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** A file that is gone once it is read. */
public final class SelfDeletingResource extends FilterInputStream {
  private final Path file;

  /** Opens it. */
  public SelfDeletingResource(Path file) throws IOException {
    super(Files.newInputStream(file));
    this.file = file;
  }

  @Override
  public void close() throws IOException {
    super.close();
    Files.deleteIfExists(file);
  }
}
