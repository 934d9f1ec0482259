package nodyes.server.bringin;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicLong;
import nodyes.core.bringin.Column;
import nodyes.core.bringin.ColumnGuess;
import nodyes.core.bringin.DateOrder;
import nodyes.core.bringin.ScaleEvidence;
import nodyes.server.web.Refusal;

/** Looks through a file before any of it is stored. */
final class Looking implements CsvRows.Sink {
  private static final int SAMPLES = 5;
  private static final List<Character> DELIMITERS = List.of('\t', ';', ',');

  private final List<Look.Sample> samples = new ArrayList<>();
  private final ScaleEvidence ratings = new ScaleEvidence();
  private final DateOrder.Evidence dates = new DateOrder.Evidence();
  private List<String> headings = List.of();
  private Map<Column, Integer> columns = Map.of();
  private long rows;
  private long broken;

  private Looking() {}

  /** Looks through all of it; refuses what is not a file of rows. */
  static Look at(Path file) throws IOException {
    Charset charset = FileKind.encoding(file);
    char delimiter = delimiter(file, charset);
    var looking = new Looking();
    new CsvRows(file, charset, delimiter).read(looking, new AtomicLong(), () -> true);
    return looking.look(charset, delimiter);
  }

  private Look look(Charset charset, char delimiter) {
    if (headings.isEmpty()) {
      throw Refusal.unusable(
          broken > 0
              ? "No line of it can be read: a quote opened in line 1 never closes."
              : "The file is empty.");
    }
    if (rows == 0 && broken == 0) {
      throw Refusal.unusable("The file has headings but no rows under them.");
    }
    if (headings.size() == 1 && !columns.containsKey(Column.RATING)) {
      throw Refusal.unusable(
          "This is not a file of rows and columns: its first line has a single cell.");
    }
    return new Look(
        charset.name(),
        String.valueOf(delimiter),
        headings,
        columns,
        List.copyOf(samples),
        rows,
        broken,
        dates.order(),
        dates.because(),
        ratings.scale().worst(),
        ratings.scale().best(),
        ratings.highest());
  }

  /** The one most often in the first line; of equals a comma last, as words hold commas. */
  private static char delimiter(Path file, Charset charset) throws IOException {
    var start = new char[CsvRows.LONGEST_ROW / 8];
    int length;
    try (BufferedReader reader =
        new BufferedReader(new java.io.InputStreamReader(Files.newInputStream(file), charset))) {
      length = reader.read(start);
    }
    String line = new String(start, 0, Math.max(0, length)).lines().findFirst().orElse("");
    char best = ',';
    long most = 0;
    for (char candidate : DELIMITERS) {
      long count = line.chars().filter(c -> c == candidate).count();
      if (count > most) {
        most = count;
        best = candidate;
      }
    }
    return best;
  }

  @Override
  public void row(long line, List<String> cells) {
    if (headings.isEmpty()) {
      headings = cells;
      columns = ColumnGuess.of(cells);
      return;
    }
    rows++;
    if (samples.size() < SAMPLES) {
      samples.add(new Look.Sample(line, cells));
    }
    cell(cells, Column.DATE).forEach(dates::see);
    cell(cells, Column.RATING).forEach(ratings::see);
  }

  private List<String> cell(List<String> cells, Column column) {
    Integer index = columns.get(column);
    return index == null || index >= cells.size() ? List.of() : List.of(cells.get(index));
  }

  @Override
  public void broken(long line, String start, String reason) {
    broken++;
  }
}
