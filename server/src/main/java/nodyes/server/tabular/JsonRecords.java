package nodyes.server.tabular;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nodyes.core.imports.ColumnDetector;
import nodyes.core.imports.ReviewColumn;
import org.jspecify.annotations.Nullable;

/**
 * The records of an object: those of the list that it is there for, however deep that lies, each
 * with what stands around it (a product whose reviews are listed in it); or the object itself. Each
 * becomes cells by the paths to its values, such as {@code customer.display_name}.
 */
final class JsonRecords {
  private static final int DEEPEST = 8;
  private static final int LEAST_NAMES = 3;

  /** Lists of a record's own parts are none of records. */
  private static final int FEW = 2;

  /** What lists of records go by (common practice). */
  private static final Set<String> NAMES =
      Set.of(
          "reviews", "review", "items", "data", "results", "rows", "records", "entries", "edges");

  /** What lists of reviews go by, which even a product that has stars and words may hold. */
  private static final Pattern REVIEWS = Pattern.compile("(?i)reviews?|edges");

  /** What tells of which product a list is. */
  private static final Pattern PRODUCT =
      Pattern.compile("(?i)sku|gtin\\d*|mpn|handle|slug|(?:product|item_?reviewed).*");

  private static final List<String> TITLES = List.of("name", "title");

  /** What a single thing and its stars are called in lists of them (common practice). */
  private static final List<String> LABELS = List.of("name", "label", "title", "key", "aspect");

  private JsonRecords() {}

  /** A list, and what stands around it. */
  private record Listed(List<?> records, Map<String, String> around) {}

  static List<Map<String, String>> of(Map<?, ?> object) {
    Optional<Listed> listed = longest(object, Map.of(), 0);
    if (listed.isPresent()) {
      return rows(listed.get());
    }
    return isWithout(object) ? List.of() : List.of(cells(object));
  }

  /** A product that nobody has reviewed yet. */
  private static boolean isWithout(Map<?, ?> object) {
    return object.entrySet().stream()
        .anyMatch(
            entry ->
                String.valueOf(entry.getKey()).startsWith("review")
                    && entry.getValue() instanceof List<?> list
                    && list.isEmpty());
  }

  private static List<Map<String, String>> rows(Listed listed) {
    var rows = new ArrayList<Map<String, String>>();
    for (Object one : listed.records()) {
      List<Map<String, String>> inner =
          one instanceof Map<?, ?> map && holdsRecords(map) ? of(map) : List.of(cells(one));
      for (Map<String, String> cells : inner) {
        listed.around().forEach(cells::putIfAbsent);
        rows.add(cells);
      }
    }
    return rows;
  }

  /** A record that holds records itself: a product with its reviews. */
  private static boolean holdsRecords(Map<?, ?> map) {
    return map.entrySet().stream()
        .anyMatch(
            entry -> {
              String name = String.valueOf(entry.getKey());
              return NAMES.contains(name)
                  && isRecords(name, entry.getValue())
                  && mayHold(map, name);
            });
  }

  /** What a list is directly in may be the product that its records are of. */
  private static Map<String, String> named(Map<?, ?> owner, Map<String, String> around) {
    var named = new LinkedHashMap<>(around);
    for (String name : TITLES) {
      if (owner.get(name) instanceof String title) {
        named.put("product." + name, title);
      }
    }
    return named;
  }

  /** Of what stands around a list only what tells the product is told of each record. */
  private static Map<String, String> around(Map<?, ?> map, Map<String, String> before) {
    var around = new LinkedHashMap<>(before);
    map.forEach(
        (key, value) -> {
          String name = String.valueOf(key);
          if (PRODUCT.matcher(name).matches() && !(value instanceof List<?>)) {
            flatten(name, value, around);
          }
        });
    return around;
  }

  private static Optional<Listed> longest(Map<?, ?> map, Map<String, String> before, int depth) {
    if (depth > DEEPEST) {
      return Optional.empty();
    }
    Map<String, String> around = around(map, before);
    Optional<Listed> best = Optional.empty();
    for (Map.Entry<?, ?> entry : map.entrySet()) {
      String name = String.valueOf(entry.getKey());
      Optional<Listed> found =
          entry.getValue() instanceof List<?> list && isRecords(name, list)
              ? Optional.of(
                  new Listed(list.stream().map(JsonRecords::node).toList(), named(map, around)))
              : entry.getValue() instanceof Map<?, ?> inner
                  ? longest(inner, around, depth + 1)
                  : Optional.empty();
      best = longer(best, found.filter(_ -> mayHold(map, name)));
    }
    return best;
  }

  private static Optional<Listed> longer(Optional<Listed> one, Optional<Listed> other) {
    int length = one.map(listed -> listed.records().size()).orElse(0);
    return other.filter(listed -> listed.records().size() > length).or(() -> one);
  }

  /** What has stars or words itself is a record: what lies in it is of its own parts. */
  private static boolean mayHold(Map<?, ?> map, String name) {
    if (REVIEWS.matcher(name).matches()) {
      return true;
    }
    var known = ColumnDetector.of(map.keySet().stream().map(String::valueOf).toList());
    return !known.containsKey(ReviewColumn.RATING) && !known.containsKey(ReviewColumn.WORDS);
  }

  private static boolean isRecords(String name, @Nullable Object value) {
    return value instanceof List<?> list
        && list.size() >= (NAMES.contains(name) ? 1 : FEW)
        && list.stream()
            .map(JsonRecords::node)
            .allMatch(item -> item instanceof Map<?, ?> map && map.size() >= LEAST_NAMES);
  }

  /** In answers of graphs a record lies in an edge of its list. */
  private static Object node(Object item) {
    return item instanceof Map<?, ?> edge && edge.get("node") instanceof Map<?, ?> node
        ? node
        : item;
  }

  private static Map<String, String> cells(Object value) {
    var cells = new LinkedHashMap<String, String>();
    flatten("", value, cells);
    return cells;
  }

  private static void flatten(String name, @Nullable Object value, Map<String, String> cells) {
    switch (value) {
      case null -> cells.putIfAbsent(name, "");
      case Map<?, ?> map ->
          map.forEach(
              (key, inner) -> flatten(name.isEmpty() ? key + "" : name + "." + key, inner, cells));
      case List<?> list ->
          cells.put(name, list.stream().map(JsonRecords::text).collect(Collectors.joining("\n")));
      default -> cells.put(name, text(value));
    }
  }

  /** A plain value; of an object in a list, its name with its number, its address, or its text. */
  private static String text(@Nullable Object value) {
    if (!(value instanceof Map<?, ?> map)) {
      return value == null ? "" : String.valueOf(value);
    }
    Optional<String> number =
        map.values().stream().filter(Number.class::isInstance).map(String::valueOf).findFirst();
    Optional<String> label =
        LABELS.stream()
            .map(map::get)
            .filter(String.class::isInstance)
            .map(String::valueOf)
            .findFirst();
    List<String> texts = texts(map).toList();
    return texts.stream()
        .filter(text -> text.startsWith("http"))
        .findFirst()
        .or(() -> label.flatMap(name -> number.map(stars -> name + ": " + stars)))
        .orElse(texts.isEmpty() ? "" : texts.getFirst());
  }

  private static Stream<String> texts(Map<?, ?> map) {
    return map.values().stream().filter(String.class::isInstance).map(String::valueOf);
  }
}
