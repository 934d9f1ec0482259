package nodyes.core.imports;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Reads reviews from data in the vocabulary of schema.org, as it lies in JSON-LD, or in microdata
 * and RDFa once they are made the same tree: maps with {@code @type} and properties, lists, texts,
 * numbers.
 */
public final class SchemaOrgReviewReader {
  /** Properties that are read, each with the type it belongs to; all exist in the vocabulary. */
  public static final Map<String, List<String>> READ =
      Map.of(
          "Review",
          List.of(
              "itemReviewed",
              "reviewRating",
              "reviewBody",
              "author",
              "datePublished",
              "dateCreated",
              "inLanguage",
              "headline",
              "name",
              "identifier",
              "url",
              "image",
              "text",
              "comment",
              "positiveNotes",
              "negativeNotes",
              "interactionStatistic"),
          "Rating",
          List.of("ratingValue", "bestRating", "worstRating", "reviewAspect"),
          "ItemList",
          List.of("itemListElement"),
          "ListItem",
          List.of("name", "item"),
          "InteractionCounter",
          List.of("interactionType", "userInteractionCount"),
          "Product",
          List.of("review", "sku", "name", "color", "size", "additionalProperty"),
          "PropertyValue",
          List.of("name", "value"),
          "Comment",
          List.of("text", "description", "dateCreated", "datePublished"),
          "Person",
          List.of("name", "givenName", "familyName", "address", "nationality"),
          "PostalAddress",
          List.of("addressCountry"));

  /** Properties that are written besides, where reviews go out. */
  public static final Map<String, List<String>> WRITTEN =
      Map.of(
          "Review",
          List.of("creativeWorkStatus"),
          "Product",
          List.of("productID"),
          "ListItem",
          List.of("position"));

  /**
   * What the vocabulary has no property for goes by names of our own (RFC 8141 keeps them apart).
   */
  public static final String OWN = "urn:nodyes:";

  /** What is kept under such names. */
  public static final Map<ReviewColumn, String> OWN_NAMES =
      Map.of(
          ReviewColumn.ORDER, OWN + "order",
          ReviewColumn.VERIFIED, OWN + "verified-at-source",
          ReviewColumn.INCENTIVE, OWN + "incentive",
          ReviewColumn.STATE, OWN + "state",
          ReviewColumn.REASON, OWN + "left-out-because",
          ReviewColumn.FEATURED, OWN + "featured");

  /** The name of the additional property that holds a variant which is neither colour nor size. */
  public static final String VARIANT = "variant";

  private static final Pattern VOCABULARY = Pattern.compile("^(?i:https?://schema\\.org/|schema:)");

  private static final int DEEPEST = 40;
  private static final int MOST_REVIEWS = 100_000;
  private static final Set<String> REVIEW_TYPES =
      Set.of("Review", "UserReview", "CriticReview", "EmployerReview", "Recommendation");

  private final List<Map<ReviewColumn, String>> found = new ArrayList<>();
  private final Set<Object> seen = Collections.newSetFromMap(new IdentityHashMap<>());
  private final Map<String, Map<?, ?>> byId;

  private SchemaOrgReviewReader(Map<String, Map<?, ?>> byId) {
    this.byId = byId;
  }

  /** The reviews in a tree, in their order, each as texts by column. */
  public static List<Map<ReviewColumn, String>> in(@Nullable Object tree) {
    var byId = new java.util.HashMap<String, Map<?, ?>>();
    collectIds(tree, byId, 0);
    var reading = new SchemaOrgReviewReader(byId);
    reading.walk(tree, null, 0);
    return List.copyOf(reading.found);
  }

  private static void collectIds(@Nullable Object node, Map<String, Map<?, ?>> byId, int depth) {
    if (depth > DEEPEST) {
      return;
    }
    if (node instanceof List<?> list) {
      list.forEach(item -> collectIds(item, byId, depth + 1));
    } else if (node instanceof Map<?, ?> map) {
      if (map.get("@id") instanceof String id && map.size() > 1) {
        byId.putIfAbsent(id, map);
      }
      map.values().forEach(value -> collectIds(value, byId, depth + 1));
    }
  }

  private void walk(@Nullable Object node, @Nullable Map<?, ?> product, int depth) {
    if (depth > DEEPEST || found.size() >= MOST_REVIEWS) {
      return;
    }
    if (node instanceof List<?> list) {
      list.forEach(item -> walk(item, product, depth + 1));
    } else if (node instanceof Map<?, ?> map && seen.add(map)) {
      if (isReview(map)) {
        read(map, product);
        return;
      }
      Map<?, ?> about = isType(map, "Product") ? map : product;
      map.forEach((name, value) -> walk(value, about, depth + 1));
    }
  }

  private void read(Map<?, ?> review, @Nullable Map<?, ?> around) {
    var row = new EnumMap<ReviewColumn, String>(ReviewColumn.class);
    Object rated = first(overall(value(review, "reviewRating")));
    if (rated instanceof Map<?, ?> rating) {
      put(row, ReviewColumn.RATING, text(value(rating, "ratingValue")));
      put(row, ReviewColumn.BEST, text(value(rating, "bestRating")));
      put(row, ReviewColumn.WORST, text(value(rating, "worstRating")));
    } else {
      put(row, ReviewColumn.RATING, text(rated));
    }
    put(row, ReviewColumn.WORDS, firstText(review, "reviewBody", "text", "description"));
    put(row, ReviewColumn.TITLE, firstText(review, "headline", "name"));
    put(row, ReviewColumn.DATE, firstText(review, "datePublished", "dateCreated"));
    put(row, ReviewColumn.LANGUAGE, language(first(value(review, "inLanguage"))));
    put(row, ReviewColumn.SOURCE_ID, firstText(review, "identifier", "@id", "url"));
    put(row, ReviewColumn.PICTURE, pictures(value(review, "image")));
    person(row, first(value(review, "author")));
    ReviewExtrasReader.read(review, row);
    OWN_NAMES.forEach((column, name) -> put(row, column, text(review.get(name))));
    Object about = resolved(first(value(review, "itemReviewed")));
    Map<?, ?> product = about instanceof Map<?, ?> map ? map : around;
    if (product != null) {
      put(row, ReviewColumn.PRODUCT, firstText(product, "sku", "name"));
      put(row, ReviewColumn.VARIANT, variant(product));
    } else {
      put(row, ReviewColumn.PRODUCT, text(about));
    }
    Object comment = resolved(first(value(review, "comment")));
    if (comment instanceof Map<?, ?> reply) {
      put(row, ReviewColumn.REPLY, firstText(reply, "text", "description"));
      put(row, ReviewColumn.REPLY_DATE, firstText(reply, "dateCreated", "datePublished"));
    }
    found.add(Collections.unmodifiableMap(row));
  }

  /** Of several ratings the one that is of no single thing. */
  private static @Nullable Object overall(@Nullable Object ratings) {
    if (!(ratings instanceof List<?> list) || list.isEmpty()) {
      return ratings;
    }
    return list.stream()
        .filter(one -> !(one instanceof Map<?, ?> map && value(map, "reviewAspect") != null))
        .map(Object.class::cast)
        .findFirst()
        .orElse(list.getFirst());
  }

  private void person(Map<ReviewColumn, String> row, @Nullable Object author) {
    if (!(resolved(author) instanceof Map<?, ?> person)) {
      put(row, ReviewColumn.REVIEWER, text(author));
      return;
    }
    Optional<String> name = firstText(person, "name");
    put(
        row,
        ReviewColumn.REVIEWER,
        name.isPresent()
            ? name
            : Optional.of(
                    List.of("givenName", "familyName").stream()
                        .flatMap(part -> text(value(person, part)).stream())
                        .collect(Collectors.joining(" ")))
                .filter(whole -> !whole.isEmpty()));
    Object address = resolved(first(value(person, "address")));
    Object country =
        address instanceof Map<?, ?> map
            ? first(value(map, "addressCountry"))
            : first(value(person, "nationality"));
    put(
        row,
        ReviewColumn.COUNTRY,
        country instanceof Map<?, ?> named ? firstText(named, "name") : text(country));
  }

  private Optional<String> variant(Map<?, ?> product) {
    String parts =
        List.of("color", "size").stream()
            .flatMap(name -> text(first(value(product, name))).stream())
            .collect(Collectors.joining(", "));
    return Optional.of(parts).filter(text -> !text.isEmpty()).or(() -> additional(product));
  }

  private Optional<String> additional(Map<?, ?> product) {
    Object given = value(product, "additionalProperty");
    List<?> all = given instanceof List<?> list ? list : given == null ? List.of() : List.of(given);
    return all.stream()
        .map(this::resolved)
        .filter(Map.class::isInstance)
        .map(property -> (Map<?, ?>) property)
        .filter(property -> firstText(property, "name").filter(VARIANT::equals).isPresent())
        .flatMap(property -> firstText(property, "value").stream())
        .findFirst();
  }

  private Optional<String> pictures(@Nullable Object images) {
    List<?> all =
        images instanceof List<?> list ? list : images == null ? List.of() : List.of(images);
    String addresses =
        all.stream()
            .map(this::resolved)
            .flatMap(
                image ->
                    (image instanceof Map<?, ?> object
                            ? firstText(object, "contentUrl", "url", "@id")
                            : text(image))
                        .stream())
            .collect(Collectors.joining(" "));
    return Optional.of(addresses).filter(text -> !text.isEmpty());
  }

  private Optional<String> language(@Nullable Object language) {
    return resolved(language) instanceof Map<?, ?> named
        ? firstText(named, "alternateName", "name")
        : text(language);
  }

  private @Nullable Object resolved(@Nullable Object node) {
    return node instanceof Map<?, ?> map
            && map.size() == 1
            && map.get("@id") instanceof String id
            && byId.containsKey(id)
        ? byId.get(id)
        : node;
  }

  private static boolean isReview(Map<?, ?> map) {
    return types(map).anyMatch(REVIEW_TYPES::contains);
  }

  private static boolean isType(Map<?, ?> map, String type) {
    return types(map).anyMatch(type::equals);
  }

  private static java.util.stream.Stream<String> types(Map<?, ?> map) {
    Object type = map.get("@type");
    List<?> all = type instanceof List<?> list ? list : type == null ? List.of() : List.of(type);
    return all.stream().map(String::valueOf).map(SchemaOrgReviewReader::local);
  }

  /** The name without the vocabulary before it. */
  static String local(String name) {
    return VOCABULARY.matcher(name).replaceFirst("");
  }

  static @Nullable Object value(Map<?, ?> map, String property) {
    Object value = map.get(property);
    return value != null
        ? value
        : map.entrySet().stream()
            .filter(entry -> local(String.valueOf(entry.getKey())).equals(property))
            .map(Map.Entry::getValue)
            .findFirst()
            .orElse(null);
  }

  static @Nullable Object first(@Nullable Object value) {
    return value instanceof List<?> list ? (list.isEmpty() ? null : list.getFirst()) : value;
  }

  static Optional<String> firstText(Map<?, ?> map, String... properties) {
    for (String property : properties) {
      Optional<String> text = text(first(value(map, property)));
      if (text.isPresent()) {
        return text;
      }
    }
    return Optional.empty();
  }

  static Optional<String> text(@Nullable Object value) {
    Object plain = first(value);
    if (plain instanceof Map<?, ?> map) {
      plain = first(map.get("@value"));
    }
    if (plain == null || plain instanceof Map<?, ?>) {
      return Optional.empty();
    }
    String text = String.valueOf(plain).strip();
    return text.isEmpty() || text.toLowerCase(Locale.ROOT).equals("null")
        ? Optional.empty()
        : Optional.of(text);
  }

  static void put(Map<ReviewColumn, String> row, ReviewColumn column, Optional<String> value) {
    value.ifPresent(text -> row.put(column, text));
  }
}
