package nodyes.server.catalogue;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Finds the product and variant that a file speaks of, by slug, SKU or title. */
public final class ProductFinder {
  /** A product, with the variant where the text named one. */
  public record Found(long productId, Optional<String> variant) {}

  /** Mistakes of a hand: one in four letters at most, two in all. */
  private static final int MOST_MISTAKES = 2;

  private static final int MOST_ALIKE = 3;

  private static final int LONG_TITLE = 8;
  private static final Pattern WORD = Pattern.compile("[^\\p{L}\\p{N}-]+");

  private static final int LETTERS_TO_A_MISTAKE = 4;

  /**
   * Most texts that a nearest name is looked for; a file that is wrong throughout has no use of it.
   */
  private static final int MOST_NEAREST = 50;

  private final Map<String, Found> byName = new HashMap<>();
  private final Map<String, String> spelled = new HashMap<>();
  private final Map<String, List<String>> nearest = new HashMap<>();

  private final Map<Long, List<String>> variants = new HashMap<>();
  private final Map<Long, String> titles = new HashMap<>();
  private final Map<String, Map<String, Long>> byFirstWord = new HashMap<>();

  void title(long productId, String title) {
    titles.put(productId, title);
    String plain = plain(title);
    int space = plain.indexOf(' ');
    // a title of one word is a word that any review may use
    if (space > 0 && plain.length() >= LONG_TITLE) {
      byFirstWord
          .computeIfAbsent(plain.substring(0, space), _ -> new HashMap<>())
          .put(plain, productId);
    }
    add(title, new Found(productId, Optional.empty()));
  }

  void add(String name, Found found) {
    byName.putIfAbsent(plain(name), found);
    spelled.putIfAbsent(plain(name), name);
    found
        .variant()
        .ifPresent(
            title ->
                variants.computeIfAbsent(found.productId(), _ -> new ArrayList<>()).add(title));
  }

  /** Titles of the variants of a product. */
  public List<String> variants(long productId) {
    return List.copyOf(variants.getOrDefault(productId, List.of()));
  }

  /** The title of a product; empty for one that is not known. */
  public String title(long productId) {
    return titles.getOrDefault(productId, "");
  }

  /** The products whose whole titles, of two words or more, stand in a text. */
  public Set<Long> named(String text) {
    String plain = plain(text);
    var found = new HashSet<Long>();
    for (String word : WORD.split(plain)) {
      byFirstWord
          .getOrDefault(word, Map.of())
          .forEach(
              (title, product) -> {
                if (plain.contains(title)) {
                  found.add(product);
                }
              });
    }
    return found;
  }

  /** The product that the text names, if any. */
  public Optional<Found> find(String text) {
    return Optional.ofNullable(byName.get(plain(text)));
  }

  /**
   * The names that a text differs from by a slip of the hand (Levenshtein 1966): the nearest, where
   * at most three are equally near. Not safe for several threads.
   */
  public List<String> nearest(String text) {
    String plain = plain(text);
    if (!nearest.containsKey(plain) && nearest.size() < MOST_NEAREST) {
      nearest.put(plain, near(plain));
    }
    return nearest.getOrDefault(plain, List.of());
  }

  private List<String> near(String plain) {
    int most = Math.min(MOST_MISTAKES, plain.length() / LETTERS_TO_A_MISTAKE);
    var distance = new LevenshteinDistance(most);
    int best = most + 1;
    List<String> found = new ArrayList<>();
    for (String name : byName.keySet()) {
      int mistakes =
          Math.abs(name.length() - plain.length()) > most ? -1 : distance.apply(name, plain);
      if (mistakes >= 0 && mistakes <= best) {
        if (mistakes < best) {
          found.clear();
        }
        best = mistakes;
        found.add(name);
      }
    }
    return found.size() > MOST_ALIKE
        ? List.of()
        : found.stream().map(name -> spelled.getOrDefault(name, name)).sorted().toList();
  }

  private static String plain(String name) {
    return Normalizer.normalize(name.strip(), Normalizer.Form.NFC).toLowerCase(Locale.ROOT);
  }
}
