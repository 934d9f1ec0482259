package nodyes.server.export;

import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Function;
import java.util.function.LongFunction;
import java.util.function.ToLongFunction;
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

  /** Puts those files of a folder in that pass, if there is such a folder. */
  public void putAll(String into, Path folder, DirectoryStream.Filter<Path> passes)
      throws IOException {
    if (!Files.isDirectory(folder)) {
      return;
    }
    try (var files = Files.newDirectoryStream(folder, passes)) {
      for (Path file : files) {
        put(into + "/" + file.getFileName(), file);
      }
    }
  }

  /**
   * Puts things in, one to a line (JSON Lines), some at a time.
   *
   * @param after those behind an id, in the order of their ids; none at the end
   */
  public <T> void lines(
      String name, LongFunction<List<T>> after, ToLongFunction<T> id, Function<T, String> line)
      throws IOException {
    write(
        name,
        out -> {
          List<T> some = after.apply(0);
          while (!some.isEmpty()) {
            for (T one : some) {
              out.write(line.apply(one));
              out.write('\n');
            }
            some = after.apply(id.applyAsLong(some.getLast()));
          }
        });
  }

  @Override
  public void close() throws IOException {
    zip.close();
  }
}
