package nodyes.server.imports;

import java.util.List;
import java.util.regex.Pattern;
import nodyes.core.imports.DoubleEncoding;
import nodyes.server.tabular.CsvRows;
import nodyes.server.tabular.SchemaColumns;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/**
 * Rows whose cells are text: what programs export as HTML is read as it would stand on a page.
 *
 * @param isText whether cells are text already
 * @param mends whether text that was encoded twice is mended
 */
record CellText(CsvRows.Sink sink, boolean isText, boolean mends) implements CsvRows.Sink {
  /** Elements that words are marked up with; other signs of less and more are what they are. */
  private static final Pattern MARKUP =
      Pattern.compile(
          "(?i)</?(?:p|br|b|i|u|em|strong|div|span|ul|ol|li|a|h[1-6]|blockquote|img|font|small)"
              + "(?:\\s[^<>]*)?/?>|&(?:#\\d{1,7}|#x[0-9a-f]{1,6}|[a-z][a-z0-9]{1,30});");

  private static final String ENDS_A_LINE = "p,div,li,h1,h2,h3,h4,h5,h6,blockquote";

  /** In a file as this product or the vocabulary has it text is text. */
  static CellText of(CsvRows.Sink sink, FileInspection look, ImportOptions choices) {
    return new CellText(
        sink,
        SchemaColumns.isText(look.headings()),
        Boolean.TRUE.equals(choices.reading().mendsEncoding()));
  }

  @Override
  public void row(long line, List<String> cells) {
    boolean isPlain = !mends;
    for (int i = 0; isPlain && i < cells.size(); i++) {
      isPlain = isText || (cells.get(i).indexOf('<') < 0 && cells.get(i).indexOf('&') < 0);
    }
    sink.row(line, isPlain ? cells : cells.stream().map(this::plain).toList());
  }

  @Override
  public void broken(long line, String start, String reason) {
    sink.broken(line, start, reason);
  }

  private String plain(String cell) {
    String text = mends ? DoubleEncoding.mended(cell) : cell;
    if (isText || !MARKUP.matcher(text).find()) {
      return text;
    }
    Document document = Jsoup.parseBodyFragment(text);
    document.outputSettings().prettyPrint(false);
    document.select("script, style").remove();
    for (Element element : document.select(ENDS_A_LINE)) {
      element.after("\n");
    }
    return document.body().wholeText().replaceAll("\\n{3,}", "\n\n").strip();
  }
}
