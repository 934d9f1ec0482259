package nodyes.server.delivery;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nodyes.core.imports.FormulaEscape;
import nodyes.server.delivery.SettingsView.DaysView;
import nodyes.server.delivery.SettingsView.LayerView;
import nodyes.server.delivery.SettingsView.Of;
import nodyes.server.delivery.SettingsView.SeasonView;
import nodyes.server.messages.Texts;
import nodyes.server.web.ApiProblem;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * Many delivery rules at once, as CSV (RFC 4180): a line each, an empty cell for what it leaves as
 * is.
 */
final class DeliveryRulesCsv {
  private static final String OF = "for";
  private static final String NAME = "name";
  private static final String ON = "on";
  private static final String FROM = "from";
  private static final String TO = "to";
  private static final String STOCK = "while stock above";
  private static final String HANDLING = "leaves in days";
  private static final String HOLIDAYS = "holidays";
  private static final String LONGER = "longer on the way";
  private static final String CLOSED = "closed";
  private static final String NONE = "none";
  private static final int MOST_ROWS = SettingsReader.MOST_LAYERS;

  private DeliveryRulesCsv() {}

  private static List<String> columns() {
    var columns = new ArrayList<>(List.of(OF, NAME, ON, FROM, TO, STOCK, HANDLING));
    Arrays.stream(DayOfWeek.values()).map(DeliveryRulesCsv::column).forEach(columns::add);
    columns.addAll(List.of(HOLIDAYS, LONGER));
    return columns;
  }

  private static String column(DayOfWeek day) {
    return "cut-off " + day.name().substring(0, 3).toLowerCase(Locale.ROOT);
  }

  static String write(List<LayerView> layers) {
    var text = new StringWriter();
    try (var csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
      csv.printRecord(columns());
      for (LayerView one : layers) {
        var cells = new ArrayList<String>();
        cells.add(one.of().name().toLowerCase(Locale.ROOT));
        cells.add(FormulaEscape.safe(one.name() == null ? "" : one.name()));
        cells.add(one.on() ? "yes" : "no");
        cells.add(one.season() == null ? "" : one.season().first().toString());
        cells.add(one.season() == null ? "" : one.season().last().toString());
        cells.add(one.whileStockAbove() == null ? "" : one.whileStockAbove().toString());
        cells.add(text(one.handling()));
        for (DayOfWeek day : DayOfWeek.values()) {
          cells.add(one.cutOffs() == null ? "" : one.cutOffs().getOrDefault(day, CLOSED));
        }
        cells.add(holidays(one.holidays()));
        cells.add(text(one.longer()));
        csv.printRecord(cells);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  /** That a timing counts no holidays is not the same as that it says nothing of them. */
  private static String holidays(@Nullable List<String> regions) {
    return regions == null ? "" : regions.isEmpty() ? NONE : String.join(" ", regions);
  }

  private static String text(@Nullable DaysView days) {
    return days == null ? "" : days.least() + "-" + days.most();
  }

  /** The layers with those of a file: one for the same and the same days is replaced. */
  static List<LayerView> merge(List<LayerView> layers, String file) {
    var merged = new LinkedHashMap<String, LayerView>();
    layers.forEach(layer -> merged.put(key(layer), layer));
    int number = layers.size();
    for (LayerView one : read(file)) {
      LayerView before = merged.get(key(one));
      String id = before == null ? free(merged, ++number) : before.id();
      merged.put(key(one), named(one, id));
    }
    return List.copyOf(merged.values());
  }

  private static String free(Map<String, LayerView> layers, int number) {
    int n = number;
    while (has(layers, "timing-" + n)) {
      n++;
    }
    return "timing-" + n;
  }

  private static boolean has(Map<String, LayerView> layers, String id) {
    return layers.values().stream().anyMatch(layer -> layer.id().equals(id));
  }

  private static String key(LayerView layer) {
    return layer.of() + " " + layer.name() + " " + layer.season() + " " + layer.whileStockAbove();
  }

  private static LayerView named(LayerView one, String id) {
    return new LayerView(
        id,
        one.of(),
        one.name(),
        one.on(),
        one.season(),
        one.whileStockAbove(),
        one.handling(),
        one.cutOffs(),
        one.holidays(),
        one.longer());
  }

  private static List<LayerView> read(String file) {
    var faults = new ArrayList<ApiProblem.FieldError>();
    var layers = new ArrayList<LayerView>();
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreHeaderCase(true)
            .setIgnoreEmptyLines(true)
            .setTrim(true)
            .get();
    try (var csv =
        CSVParser.parse(
            new StringReader(file.startsWith("\uFEFF") ? file.substring(1) : file), format)) {
      if (!csv.getHeaderNames().stream()
          .map(name -> name.toLowerCase(Locale.ROOT))
          .toList()
          .contains(OF)) {
        throw ApiProblem.unusable(Texts.text("delivery.file.noHeading", "of", OF));
      }
      for (CSVRecord row : csv) {
        if (layers.size() >= MOST_ROWS) {
          throw ApiProblem.unusable(Texts.text("delivery.file.tooManyRules", "most", MOST_ROWS));
        }
        layers.add(new Row(row, faults).layer());
      }
    } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
      throw ApiProblem.unusable(
          Texts.text("delivery.file.notCsv", "value", String.valueOf(e.getMessage())));
    }
    ApiProblem.ifAny(faults);
    return layers;
  }

  /** A row, which tells its line and column where something is wrong. */
  private record Row(CSVRecord row, List<ApiProblem.FieldError> faults) {
    LayerView layer() {
      return new LayerView(
          "",
          of(),
          blank(NAME),
          !cell(ON).equalsIgnoreCase("no"),
          season(),
          stock(),
          days(HANDLING),
          cutOffs(),
          holidays(),
          days(LONGER));
    }

    private @Nullable List<String> holidays() {
      String text = cell(HOLIDAYS);
      return text.isEmpty()
          ? null
          : text.equalsIgnoreCase(NONE) ? List.of() : Arrays.asList(text.split("\\s+"));
    }

    private String cell(String column) {
      return row.isMapped(column) && row.isSet(column) ? FormulaEscape.read(row.get(column)) : "";
    }

    private @Nullable String blank(String column) {
      String text = cell(column);
      return text.isEmpty() ? null : text;
    }

    private void fault(String column, String reason) {
      faults.add(
          new ApiProblem.FieldError(
              Texts.text(
                  "delivery.file.where",
                  "line",
                  row.getParser().getCurrentLineNumber(),
                  "column",
                  column),
              reason));
    }

    private Of of() {
      try {
        return Of.valueOf(cell(OF).toUpperCase(Locale.ROOT));
      } catch (IllegalArgumentException e) {
        fault(OF, Texts.text("delivery.file.scope", "cell", cell(OF)));
        return Of.SHOP;
      }
    }

    private @Nullable SeasonView season() {
      if (cell(FROM).isEmpty() && cell(TO).isEmpty()) {
        return null;
      }
      LocalDate first = day(FROM);
      LocalDate last = day(TO);
      return first == null || last == null ? null : new SeasonView(first, last);
    }

    private @Nullable LocalDate day(String column) {
      try {
        return LocalDate.parse(cell(column));
      } catch (DateTimeException e) {
        fault(
            column,
            cell(column).isEmpty()
                ? Texts.text("delivery.file.seasonNeedsBoth")
                : Texts.text("delivery.file.notADate", "cell", cell(column)));
        return null;
      }
    }

    private @Nullable Long stock() {
      try {
        return cell(STOCK).isEmpty() ? null : Long.valueOf(cell(STOCK));
      } catch (NumberFormatException e) {
        fault(STOCK, Texts.text("delivery.file.notWhole", "cell", cell(STOCK)));
        return null;
      }
    }

    private @Nullable DaysView days(String column) {
      String text = cell(column);
      if (text.isEmpty()) {
        return null;
      }
      String[] ends = text.split("\\s*(-|–|to)\\s*", -1);
      try {
        int least = Integer.parseInt(ends[0]);
        return new DaysView(least, ends.length == 1 ? least : Integer.parseInt(ends[1]));
      } catch (NumberFormatException e) {
        fault(column, Texts.text("delivery.file.notDays", "text", text));
        return null;
      }
    }

    private @Nullable Map<DayOfWeek, String> cutOffs() {
      var times = new EnumMap<DayOfWeek, String>(DayOfWeek.class);
      boolean isSet = false;
      for (DayOfWeek day : DayOfWeek.values()) {
        String text = cell(column(day));
        isSet |= !text.isEmpty();
        if (!text.isEmpty() && !text.equalsIgnoreCase(CLOSED)) {
          times.put(day, text.length() == 4 ? "0" + text : text);
        }
      }
      return isSet ? times : null;
    }
  }
}
