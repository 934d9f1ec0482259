package nodyes.server.web;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.io.Reader;
import org.jspecify.annotations.Nullable;

/**
 * Reads lines of bounded length: a longer one is passed over without being kept, and told. Lines
 * end as those of {@link java.io.BufferedReader} do: by LF, CR, or both.
 */
public final class LineReader extends Reader {
  /** Longest line, in characters. */
  public static final int LONGEST = 1_000_000;

  private static final int BUFFER = 1 << 16;

  private final Reader in;
  private final char[] buffer = new char[BUFFER];
  private int next;
  private int end;
  private boolean isAfterReturn;

  /** A line is longer than lines may be; the next one can be read. */
  public static final class TooLong extends IOException {
    private static final long serialVersionUID = 1;

    TooLong() {
      super(text("imports.lineTooLong"));
    }
  }

  /** Reads lines of what a reader reads. */
  public LineReader(Reader in) {
    this.in = in;
  }

  /**
   * The next line without its end, or null behind the last.
   *
   * @throws TooLong where it is longer than {@link #LONGEST}
   */
  public @Nullable String readLine() throws IOException {
    var line = new StringBuilder();
    long length = read(line, LONGEST);
    if (length > LONGEST) {
      throw new TooLong();
    }
    return length < 0 ? null : line.toString();
  }

  /** How the next line begins, or null behind the last; the line is passed over. */
  public @Nullable String readStart(int most) throws IOException {
    var line = new StringBuilder();
    return read(line, most) < 0 ? null : line.toString();
  }

  /** The length of the next line, of which so much is kept; -1 behind the last. */
  private long read(StringBuilder line, int most) throws IOException {
    if (!fill()) {
      return -1;
    }
    if (isAfterReturn && buffer[next] == '\n') {
      next++;
      if (!fill()) {
        return -1;
      }
    }
    isAfterReturn = false;
    long length = 0;
    while (fill()) {
      int stop = next;
      while (stop < end && buffer[stop] != '\n' && buffer[stop] != '\r') {
        stop++;
      }
      line.append(buffer, next, Math.min(stop - next, most - line.length()));
      length += stop - next;
      next = stop;
      if (stop < end) {
        isAfterReturn = buffer[next++] == '\r';
        return length;
      }
    }
    return length;
  }

  /** Whether there is another sign. */
  private boolean fill() throws IOException {
    if (next < end) {
      return true;
    }
    next = 0;
    end = Math.max(0, in.read(buffer, 0, BUFFER));
    return end > 0;
  }

  @Override
  public int read(char[] into, int offset, int length) throws IOException {
    if (!fill()) {
      return -1;
    }
    int count = Math.min(length, end - next);
    System.arraycopy(buffer, next, into, offset, count);
    next += count;
    return count;
  }

  @Override
  public void close() throws IOException {
    in.close();
  }
}
