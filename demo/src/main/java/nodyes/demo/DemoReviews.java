package nodyes.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The demo shop's reviews: a sober spread of ratings, lengths and days, in five languages. */
final class DemoReviews {
  private static final List<String> LANGUAGES = List.of("en", "pt", "de", "es", "ja");
  private static final double[] LANGUAGE_SHARES = {44, 26, 14, 10, 6};
  private static final Map<String, List<String>> COUNTRIES =
      Map.of(
          "en", List.of("GB", "GB", "GB", "US", "US", "DE", "FR"),
          "pt", List.of("PT"),
          "de", List.of("DE"),
          "es", List.of("ES"),
          "ja", List.of("JP"));
  private static final double VERIFIED = 0.78;
  private static final int OLDEST_DAYS = 730;

  private final SeededRandom chance;
  private final DemoOrders orders;
  private final LocalDate today;
  private final Map<String, Map<String, List<String>>> sentences = new LinkedHashMap<>();

  record Written(
      String product,
      String variant,
      int stars,
      @Nullable String title,
      @Nullable String words,
      String reviewer,
      String country,
      String language,
      LocalDate day,
      @Nullable String order) {}

  DemoReviews(SeededRandom chance, DemoOrders orders, LocalDate today) {
    this.chance = chance;
    this.orders = orders;
    this.today = today;
    LANGUAGES.forEach(language -> sentences.put(language, DemoTexts.sentences(language)));
  }

  List<Written> of(List<DemoProduct> products) {
    var all = new ArrayList<Written>();
    for (DemoProduct product : products) {
      Set<String> said = new HashSet<>();
      while (said.size() < product.reviews()) {
        Written review = one(product);
        if (said.add(review.reviewer() + "|" + review.words() + "|" + review.day())) {
          all.add(review);
        }
      }
    }
    all.sort(Comparator.comparing(Written::day).thenComparing(Written::product));
    return all;
  }

  private Written one(DemoProduct product) {
    String language = LANGUAGES.get(chance.weighted(LANGUAGE_SHARES));
    Map<String, List<String>> texts = sentences.getOrDefault(language, Map.of());
    int stars = stars(product.liked());
    int oldest = Math.min(OLDEST_DAYS, product.daysInShop());
    // more of them lately: the shop grows
    LocalDate day = today.minusDays(1 + (long) (Math.pow(chance.unit(), 1.5) * (oldest - 1)));
    String country = chance.of(COUNTRIES.getOrDefault(language, List.of("PT")));
    int count = chance.weighted(7, 30, 35, 20, 8);
    String order = null;
    if (chance.in(VERIFIED)) {
      order =
          orders.reviewed(product, day, today, country).map(DemoOrders.Order::number).orElse(null);
    }
    return new Written(
        product.slug(),
        chance.of(product.variants()).title(),
        stars,
        count > 0 && chance.in(0.55) ? chance.of(section(texts, "title-" + mood(stars))) : null,
        count == 0 ? null : words(texts, product.category(), stars, count),
        chance.of(section(texts, "names")),
        country,
        language,
        day,
        order);
  }

  /** Stars so that their mean is {@code liked}: few low ones, the rest shared between 4 and 5. */
  private int stars(double liked) {
    double below = 4.6 - liked;
    double one = Math.max(0.004, 0.02 + 0.05 * below);
    double two = Math.max(0.002, 0.02 + 0.06 * below);
    double three = Math.max(0.01, 0.05 + 0.1 * below);
    double rest = 1 - one - two - three;
    double five = Math.clamp(liked - one - 2 * two - 3 * three - 4 * rest, 0, rest);
    return 1 + chance.weighted(one, two, three, rest - five, five);
  }

  private static String mood(int stars) {
    return stars >= 4 ? "good" : stars == 3 ? "fair" : "poor";
  }

  private String words(Map<String, List<String>> texts, String category, int stars, int count) {
    var pool = new ArrayList<String>();
    String mood = mood(stars);
    List<String> own = section(texts, mood + " " + category);
    var picked = new ArrayList<String>();
    picked.add(chance.of(own));
    pool.addAll(section(texts, mood));
    pool.addAll(own);
    if (stars == 4 || stars == 3) {
      pool.addAll(section(texts, "fair"));
      pool.addAll(section(texts, "fair " + category));
    }
    if (stars == 3) {
      pool.addAll(section(texts, "good " + category));
    }
    int most = (int) Math.min(count, pool.stream().distinct().count());
    while (picked.size() < most) {
      String next = chance.of(pool);
      if (!picked.contains(next)) {
        picked.add(chance.below(2) == 0 ? 0 : picked.size(), next);
      }
    }
    String months = String.valueOf(2 + chance.below(16));
    boolean japanese = picked.getFirst().endsWith("。");
    return String.join(japanese ? "" : " ", picked).replace("{months}", months);
  }

  private static List<String> section(Map<String, List<String>> texts, String name) {
    List<String> lines = texts.get(name);
    if (lines == null) {
      throw new IllegalStateException("no sentences under [" + name + "]");
    }
    return lines;
  }
}
