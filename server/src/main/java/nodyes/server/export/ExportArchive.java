package nodyes.server.export;

import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** One file (ZIP) that fills, entry by entry. */
public final class ExportArchive implements Closeable {
  private final ZipOutputStream zip;

  ExportArchive(OutputStream out) {
    zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
  }

  /** Writes a text, however long it is. */
  public interface Text {
    /** Writes all of it. */
    void writeTo(Writer out) throws IOException;
  }

  /** Puts a text in as it is written. */
  public void write(String name, Text text) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    var out = new OutputStreamWriter(zip, StandardCharsets.UTF_8);
    text.writeTo(out);
    out.flush();
    zip.closeEntry();
  }

  /** Puts a text in. */
  public void put(String name, String text) throws IOException {
    write(name, out -> out.write(text));
  }

  /** Puts a file in. */
  public void put(String name, Path file) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    Files.copy(file, zip);
    zip.closeEntry();
  }

  @Override
  public void close() throws IOException {
    zip.close();
  }
}
