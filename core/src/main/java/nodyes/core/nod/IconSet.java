package nodyes.core.nod;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** The drawings that ship with the product, in the order in which they are offered. */
public final class IconSet {
  private static final Map<String, Icon> BY_NAME = read();

  private IconSet() {}

  /** All of them. */
  public static List<Icon> all() {
    return List.copyOf(BY_NAME.values());
  }

  /** The one with that name, if there is one. */
  public static Optional<Icon> named(String name) {
    return Optional.ofNullable(BY_NAME.get(name));
  }

  /**
   * Those that all the words given fit, the nearest first; all of them where none is given.
   *
   * @param words what someone typed, parted by spaces; capital letters count as small ones, and
   *     letters with accents as those without
   * @param called what each is called in the reader's language, the name first
   */
  public static List<Icon> search(String words, Function<Icon, List<String>> called) {
    String looked = folded(words.strip());
    if (looked.isEmpty()) {
      return all();
    }
    List<String> parts = List.of(looked.split("\\s+"));
    var near = new LinkedHashMap<Icon, Integer>();
    for (Icon one : BY_NAME.values()) {
      List<String> names = called.apply(one).stream().map(IconSet::folded).toList();
      int[] distances = parts.stream().mapToInt(part -> one.distance(part, names)).toArray();
      if (Arrays.stream(distances).allMatch(distance -> distance < Icon.FAR)) {
        near.put(one, Arrays.stream(distances).sum());
      }
    }
    return near.entrySet().stream()
        .sorted(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .toList();
  }

  private static String folded(String text) {
    return Normalizer.normalize(text, Normalizer.Form.NFD)
        .replaceAll("\\p{M}", "")
        .toLowerCase(Locale.ROOT);
  }

  private static Map<String, Icon> read() {
    var drawings = new LinkedHashMap<String, Icon>();
    IconPaths.TEXT.lines().map(IconSet::drawing).forEach(one -> drawings.put(one.name(), one));
    return drawings;
  }

  private static Icon drawing(String line) {
    String[] parts = line.split(" \\| ", -1);
    var words = new ArrayList<>(List.of(parts[0]));
    words.addAll(List.of(parts[1].split(" ")));
    return new Icon(parts[0], words, parts[2]);
  }
}
