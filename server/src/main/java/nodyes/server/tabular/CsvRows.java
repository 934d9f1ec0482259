package nodyes.server.tabular;

import static nodyes.server.messages.Texts.text;

import java.io.FilterReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import nodyes.core.imports.FormulaEscape;
import nodyes.server.web.LineReader;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Streams the rows of a CSV file (RFC 4180; also with semicolons or tabs) with the line each starts
 * on. A row that is broken, such as by a quote that never closes, is reported, and reading goes on
 * with the line after its first; so one stray quote does not cost the rest of the file.
 */
public final class CsvRows {
  /** Said by our own bound to this class alone, which tells it from what the library says. */
  private static final String ROW_TOO_LONG = "row longer than allowed";

  /** Longest row, in characters: a quote left open would otherwise swallow the file. */
  public static final int LONGEST_ROW = 200_000;

  private static final int MOST_BROKEN_ROWS = 200;
  private static final int LONGEST_START = 1_000;

  private final Path file;
  private final Charset charset;
  private final char delimiter;
  private final boolean numbered;

  /** Rows of a file; {@code numbered} where their first cell is the line they had elsewhere. */
  public CsvRows(Path file, Charset charset, char delimiter, boolean numbered) {
    this.file = file;
    this.charset = charset;
    this.delimiter = delimiter;
    this.numbered = numbered;
  }

  /** Gets each row. */
  public interface Sink {
    /** A row, with the line it starts on, counted from 1. */
    void row(long line, List<String> cells);

    /** A row that cannot be read. */
    void broken(long line, String start, String reason);
  }

  /**
   * Reads all rows, from the headings on; blank lines are passed over.
   *
   * @param goOn asked at each row; reading stops where it says no
   */
  public void read(Sink sink, BooleanSupplier goOn) throws IOException {
    var fromHeadings = new HeadingFinder(sink);
    readAll(fromHeadings, goOn);
    fromHeadings.end();
  }

  private void readAll(Sink sink, BooleanSupplier goOn) throws IOException {
    long skip = 0;
    for (int broken = 0; ; broken++) {
      if (broken > MOST_BROKEN_ROWS) {
        sink.broken(skip, "", text("imports.tooManyBroken"));
        return;
      }
      try (var lines = new LineReader(new InputStreamReader(Files.newInputStream(file), charset))) {
        skip(lines, skip);
        long brokenAt = readFrom(lines, skip, sink, goOn);
        if (brokenAt == 0) {
          return;
        }
        skip = brokenAt;
      }
    }
  }

  /** Passes over so many lines, however long; how the last of them begins. */
  private static String skip(LineReader lines, long count) throws IOException {
    String last = "";
    for (long i = 0; i < count; i++) {
      last = lines.readStart(LONGEST_START);
    }
    return last == null ? "" : last;
  }

  /** Reads rows after {@code skipped} lines; the line of a broken row, or 0 at the end. */
  private long readFrom(Reader lines, long skipped, Sink sink, BooleanSupplier goOn)
      throws IOException {
    var bounded = new RowBound(lines);
    var format =
        CSVFormat.RFC4180.builder().setDelimiter(delimiter).setIgnoreEmptyLines(true).get();
    try (var parser = CSVParser.builder().setReader(bounded).setFormat(format).get()) {
      Iterator<CSVRecord> records = parser.iterator();
      long line = skipped + 1;
      while (true) {
        CSVRecord record;
        try {
          bounded.startRow();
          if (!goOn.getAsBoolean() || !records.hasNext()) {
            return 0;
          }
          record = records.next();
        } catch (UncheckedIOException | IllegalStateException e) {
          // the line that the broken row starts on is the one after the last good row
          sink.broken(line, lineStart(line), reason(e));
          return line;
        }
        List<String> cells = record.toList();
        if (line == 1 && !cells.isEmpty() && cells.getFirst().startsWith("\uFEFF")) {
          cells = withoutMark(cells);
        }
        long next = skipped + parser.getCurrentLineNumber() + 1;
        if (numbered) {
          sink.row(lineOf(cells), cells.subList(1, cells.size()));
        } else if (cells.stream().anyMatch(cell -> cell.indexOf('\0') >= 0)) {
          sink.broken(start(cells, line, next), firstOf(cells), text("imports.nul"));
        } else if (cells.stream().anyMatch(cell -> !cell.isBlank())) {
          sink.row(start(cells, line, next), read(cells));
        }
        line = next;
      }
    }
  }

  private static String firstOf(List<String> cells) {
    return cells.stream()
        .map(cell -> cell.replace('\0', ' ').strip())
        .filter(cell -> !cell.isEmpty())
        .findFirst()
        .orElse("");
  }

  private static long lineOf(List<String> cells) {
    return cells.getFirst().isEmpty() ? 1 : Long.parseLong(cells.getFirst());
  }

  /** Blank lines before a row belong to no row: its start is counted back from its end. */
  private static long start(List<String> cells, long line, long next) {
    long breaks = cells.stream().mapToLong(CsvRows::lineBreaks).sum();
    return Math.max(line, next - 1 - breaks);
  }

  private static long lineBreaks(String cell) {
    long breaks = 0;
    for (int i = 0; i < cell.length(); i++) {
      char c = cell.charAt(i);
      if (c == '\n' || (c == '\r' && (i + 1 == cell.length() || cell.charAt(i + 1) != '\n'))) {
        breaks++;
      }
    }
    return breaks;
  }

  private static List<String> withoutMark(List<String> cells) {
    var clean = new java.util.ArrayList<>(cells);
    clean.set(0, cells.getFirst().substring(1));
    return clean;
  }

  private String lineStart(long line) throws IOException {
    try (var lines = new LineReader(new InputStreamReader(Files.newInputStream(file), charset))) {
      return skip(lines, line);
    }
  }

  private static String reason(RuntimeException failure) {
    String text = String.valueOf(failure.getMessage()).toLowerCase(Locale.ROOT);
    if (text.contains(ROW_TOO_LONG)) {
      return text("imports.rowQuoteTooLong");
    }
    if (text.contains("eof") || text.contains("unterminated")) {
      return text("imports.quoteOpen");
    }
    return text("imports.quoteInside");
  }

  /** Fails where one row takes more characters than a row may have. */
  private static final class RowBound extends FilterReader {
    private long sinceStart;

    RowBound(Reader in) {
      super(in);
    }

    void startRow() {
      sinceStart = 0;
    }

    @Override
    public int read(char[] buffer, int offset, int length) throws IOException {
      if (sinceStart > LONGEST_ROW) {
        throw new IOException(ROW_TOO_LONG);
      }
      int read = super.read(buffer, offset, length);
      sinceStart += Math.max(0, read);
      return read;
    }

    @Override
    public int read() throws IOException {
      var one = new char[1];
      return read(one, 0, 1) < 0 ? -1 : one[0];
    }
  }

  /** Cells that were made safe for spreadsheets, as they were before. */
  private static List<String> read(List<String> cells) {
    return cells.stream().anyMatch(cell -> cell.startsWith("'"))
        ? cells.stream().map(FormulaEscape::read).toList()
        : cells;
  }
}
