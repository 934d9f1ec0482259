package nodyes.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** Reads what is written by hand: products and sentences. */
final class DemoTexts {
  private DemoTexts() {}

  static List<DemoProduct> products() {
    var products = new ArrayList<DemoProduct>();
    for (String line : lines("products.txt")) {
      if (!line.startsWith("#") && !line.isBlank()) {
        products.add(product(parts(line, "\\|")));
      }
    }
    return List.copyOf(products);
  }

  private static DemoProduct product(List<String> cells) {
    return new DemoProduct(
        cells.get(0),
        cells.get(1),
        cells.get(2),
        parts(cells.get(3), ","),
        Integer.parseInt(cells.get(4)),
        Double.parseDouble(cells.get(5)),
        Double.parseDouble(cells.get(6)),
        Integer.parseInt(cells.get(7)),
        cells.get(8),
        parts(cells.get(9), ";").stream().map(DemoTexts::variant).toList());
  }

  private static DemoProduct.Variant variant(String text) {
    List<String> cells = parts(text, ",");
    String stock = cells.get(3);
    return new DemoProduct.Variant(
        cells.get(0),
        cells.get(1),
        new BigDecimal(cells.get(2)),
        stock.equals("?") ? Optional.empty() : Optional.of(Integer.valueOf(stock)));
  }

  /** The sentences of a language by section. */
  static Map<String, List<String>> sentences(String language) {
    var sections = new LinkedHashMap<String, List<String>>();
    String section = "";
    for (String line : lines("sentences/" + language + ".txt")) {
      if (line.startsWith("[")) {
        section = line.substring(1, line.indexOf(']'));
      } else if (!line.isBlank()) {
        sections.computeIfAbsent(section, _ -> new ArrayList<>()).add(line.strip());
      }
    }
    List<String> names = sections.getOrDefault("names", List.of());
    sections.put("names", names.stream().flatMap(line -> parts(line, ",").stream()).toList());
    return sections;
  }

  private static List<String> parts(String text, String delimiter) {
    return Arrays.stream(text.split(delimiter)).map(String::strip).toList();
  }

  static List<String> lines(String name) {
    try (InputStream in = Objects.requireNonNull(DemoTexts.class.getResourceAsStream(name), name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
