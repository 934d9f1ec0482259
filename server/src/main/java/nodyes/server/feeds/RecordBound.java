package nodyes.server.feeds;

import java.io.FilterReader;
import java.io.IOException;
import java.io.Reader;
import nodyes.server.web.LineReader;

/** Fails where one record takes more characters than a record may have. */
final class RecordBound extends FilterReader {
  private long sinceStart;
  private long line = 1;

  /** A record that is too long; told by the line it begins on. */
  static final class TooLong extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final long line;

    TooLong(long line) {
      this.line = line;
    }

    long line() {
      return line;
    }
  }

  RecordBound(Reader in) {
    super(in);
  }

  void startRecord(long at) {
    sinceStart = 0;
    line = at;
  }

  @Override
  public int read(char[] buffer, int offset, int length) throws IOException {
    int read = super.read(buffer, offset, length);
    sinceStart += Math.max(0, read);
    if (sinceStart > LineReader.LONGEST) {
      throw new TooLong(line);
    }
    return read;
  }
}
