package nodyes.server.tabular;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Enumeration;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import nodyes.server.messages.Texts;
import nodyes.server.web.ApiProblem;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;

/**
 * Reads a workbook's sheet as rows. A workbook is an archive: it is bounded before it is opened.
 */
final class XlsxReader {
  private static final long MOST_INFLATED = 1L << 30;
  private static final long MOST_TEXTS = 64L << 20;
  private static final int MOST_TIMES_LARGER = 200;
  private static final long SMALL = 20L << 20;
  private static final int MOST_ENTRIES = 2000;

  private XlsxReader() {}

  /** Writes the sheet with that name, or the first that holds rows, to {@code target}. */
  static RowFile write(Path file, String wanted, Path target) throws IOException {
    boolean hasStyles = check(file);
    try (var workbook = new ReadableWorkbook(file.toFile(), new ReadingOptions(hasStyles, false))) {
      List<Sheet> sheets = workbook.getSheets().toList();
      List<String> names = sheets.stream().map(Sheet::getName).toList();
      if (!wanted.isEmpty() && !names.contains(wanted)) {
        throw ApiProblem.unusable(Texts.text("imports.noSuchSheet", "wanted", wanted));
      }
      for (Sheet sheet : sheets) {
        if (wanted.isEmpty() ? isTable(sheet) : wanted.equals(sheet.getName())) {
          write(sheet, target);
          return new RowFile(
              target, FileKind.XLSX, StandardCharsets.UTF_8.name(), ',', names, sheet.getName());
        }
      }
      throw ApiProblem.unusable(Texts.text("imports.noSheetWithRows"));
    } catch (ApiProblem refusal) {
      throw refusal;
    } catch (RuntimeException e) {
      // a workbook that contradicts itself fails its reader in any way
      throw damaged();
    }
  }

  /** Whether a sheet has headings of two cells or more with a row under them. */
  private static boolean isTable(Sheet sheet) throws IOException {
    try (Stream<Row> rows = sheet.openStream()) {
      List<Long> filled =
          rows.map(row -> cells(row).stream().filter(cell -> !cell.isBlank()).count())
              .filter(cells -> cells > 0)
              .limit(2)
              .toList();
      return filled.size() == 2 && filled.getFirst() > 1;
    }
  }

  private static void write(Sheet sheet, Path target) throws IOException {
    try (Stream<Row> rows = sheet.openStream()) {
      var each = rows.iterator();
      List<String> headings = List.of();
      while (headings.isEmpty() && each.hasNext()) {
        List<String> cells = cells(each.next());
        headings = cells.stream().allMatch(String::isBlank) ? List.of() : cells;
      }
      if (headings.isEmpty()) {
        throw ApiProblem.unusable(Texts.text("imports.sheetEmpty", "sheet", sheet.getName()));
      }
      try (var writer = new RowWriter(target, headings)) {
        while (each.hasNext()) {
          Row row = each.next();
          List<String> cells = cells(row);
          if (cells.stream().anyMatch(cell -> !cell.isBlank())) {
            writer.row(row.getRowNum(), cells);
          }
        }
      }
    }
  }

  private static List<String> cells(Row row) {
    if (row.getCellCount() > RowWriter.MOST_COLUMNS) {
      throw RowWriter.tooManyColumns();
    }
    var cells = new ArrayList<String>();
    for (int i = 0; i < row.getCellCount(); i++) {
      cells.add(text(row.getOptionalCell(i).orElse(null)));
    }
    return cells;
  }

  private static String text(@org.jspecify.annotations.Nullable Cell cell) {
    if (cell == null) {
      return "";
    }
    if (cell.getType() == CellType.NUMBER && isDate(cell.getDataFormatString())) {
      LocalDateTime moment;
      try {
        moment = cell.asDate();
      } catch (RuntimeException e) {
        // a number that no calendar has
        return cell.asNumber().stripTrailingZeros().toPlainString();
      }
      return moment.toLocalTime().equals(LocalTime.MIDNIGHT)
          ? moment.toLocalDate().toString()
          : moment + "Z";
    }
    if (cell.getType() == CellType.NUMBER) {
      return cell.asNumber().stripTrailingZeros().toPlainString();
    }
    return cell.getText();
  }

  private static boolean isDate(@org.jspecify.annotations.Nullable String format) {
    if (format == null) {
      return false;
    }
    String plain = format.replaceAll("\\[[^]]*]|\"[^\"]*\"", "").toLowerCase(java.util.Locale.ROOT);
    return plain.contains("yy") || (plain.contains("d") && plain.contains("m"));
  }

  /**
   * Inflates each part once, counting: what an archive says of its own size is not to be trusted.
   *
   * @return whether it has styles, which its reader asks for by their usual name: a workbook
   *     without is one too, and has no dates
   */
  private static boolean check(Path file) throws IOException {
    try (var archive = new ZipFile(file.toFile())) {
      if (archive.getEntry("xl/workbook.xml") == null) {
        throw ApiProblem.unusable(Texts.text("imports.archive"));
      }
      if (archive.size() > MOST_ENTRIES) {
        throw tooLarge();
      }
      long inflated = 0;
      var buffer = new byte[1 << 16];
      for (Enumeration<? extends ZipEntry> all = archive.entries(); all.hasMoreElements(); ) {
        ZipEntry entry = all.nextElement();
        long size = 0;
        try (InputStream in = archive.getInputStream(entry)) {
          for (int read = in.read(buffer); read > 0; read = in.read(buffer)) {
            if (size == 0) {
              refuseDocumentType(new String(buffer, 0, read, StandardCharsets.ISO_8859_1));
            }
            size += read;
            if (inflated + size > MOST_INFLATED
                || (!isSheet(entry.getName()) && isRead(entry.getName()) && size > MOST_TEXTS)
                || (size > SMALL && size / MOST_TIMES_LARGER > entry.getCompressedSize())) {
              throw tooLarge();
            }
          }
        }
        inflated += size;
        if (isSheet(entry.getName())) {
          try (InputStream in = new BufferedInputStream(archive.getInputStream(entry))) {
            CellCheck.check(in);
          }
        }
      }
      return archive.getEntry("xl/styles.xml") != null;
    } catch (ZipException e) {
      throw damaged();
    }
  }

  private static boolean isSheet(String part) {
    return part.startsWith("xl/worksheets/") && part.endsWith(".xml");
  }

  /** Texts, styles and the like are read into memory whole; pictures and the like are not read. */
  private static boolean isRead(String part) {
    return part.endsWith(".xml") || part.endsWith(".rels");
  }

  static ApiProblem damaged() {
    return ApiProblem.unusable(Texts.text("imports.workbookDamaged"));
  }

  private static ApiProblem tooLarge() {
    return ApiProblem.unusable(Texts.text("imports.workbookExpands"));
  }

  /** Workbooks have no document types; one that has wants to make entities of them. */
  private static void refuseDocumentType(String start) {
    if (start.startsWith("<?xml") && start.contains("<!DOCTYPE")) {
      throw ApiProblem.unusable(Texts.text("imports.workbookDocumentType"));
    }
  }
}
