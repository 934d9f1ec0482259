package nodyes.core.nod;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The drawings that ship with the product, in the order in which they are offered. */
public final class Drawings {
  private static final Map<String, Drawing> BY_NAME = read();

  private Drawings() {}

  /** All of them. */
  public static List<Drawing> all() {
    return List.copyOf(BY_NAME.values());
  }

  /** The one with that name, if there is one. */
  public static Optional<Drawing> named(String name) {
    return Optional.ofNullable(BY_NAME.get(name));
  }

  /**
   * Those that all the words given fit, the nearest first; all of them where none is given.
   *
   * @param words what someone typed, parted by spaces; capital letters count as small ones
   */
  public static List<Drawing> search(String words) {
    String looked = words.strip().toLowerCase(Locale.ROOT);
    if (looked.isEmpty()) {
      return all();
    }
    List<String> parts = List.of(looked.split("\\s+"));
    return BY_NAME.values().stream()
        .filter(one -> parts.stream().allMatch(part -> one.distance(part) < Drawing.FAR))
        .sorted(Comparator.comparingInt(one -> parts.stream().mapToInt(one::distance).sum()))
        .toList();
  }

  private static Map<String, Drawing> read() {
    var drawings = new LinkedHashMap<String, Drawing>();
    DrawnLines.TEXT.lines().map(Drawings::drawing).forEach(one -> drawings.put(one.name(), one));
    return drawings;
  }

  private static Drawing drawing(String line) {
    String[] parts = line.split(" \\| ", -1);
    var words = new ArrayList<>(List.of(parts[0]));
    words.addAll(List.of(parts[1].split(" ")));
    return new Drawing(parts[0], words, parts[2]);
  }
}
