package nodyes.core.recognition;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nodyes.core.common.Slug;
import nodyes.core.recognition.ProductNames.Named;

/** Learns from the address of one product how a shop's addresses of products are built. */
public final class AddressReader {
  private static final Pattern LANGUAGE = Pattern.compile("[a-z]{2}(?:[-_][A-Za-z]{2,4})?");
  private static final Pattern EXTENSION = Pattern.compile("\\.[A-Za-z]{2,5}$");
  private static final Pattern JOINT = Pattern.compile("[-_.,]");

  /** What campaigns add to addresses (common practice); no page is told by it. */
  private static final Pattern CAMPAIGN =
      Pattern.compile("(?i)utm_.*|.*clid|from|ref|referrer|source|campaign|session(id)?|sid");

  private AddressReader() {}

  /** What a part of an address is for. */
  public enum Role {
    /** The same for every product. */
    SAME,
    /** It names the product. */
    PRODUCT,
    /** It names the variant. */
    VARIANT,
    /** It differs from product to product, and names none. */
    VARYING,
    /** It does not matter. */
    NOT_NEEDED
  }

  /** A piece of an address; the pieces joined are the address. */
  public record Part(Role role, String text) {}

  /**
   * What was learned.
   *
   * @param pattern how addresses of products are built
   * @param product the product of the example
   * @param parts the example, piece by piece
   */
  public record Reading(AddressPattern pattern, Slug product, List<Part> parts) {
    /** Copies the list. */
    public Reading {
      parts = List.copyOf(parts);
    }
  }

  /** Where a name of a product stands: in a part of the path, or as a value of the query. */
  private record Spot(int segment, String parameter, String before, String name, String after) {}

  /**
   * Reads an example.
   *
   * @param address path and query of a product's page
   * @param names the catalogue
   * @param isCategory whether a part of a path names a category, which differs between products
   * @return empty where nothing in it names exactly one product of the catalogue
   */
  public static Optional<Reading> read(
      String address, ProductNames names, Predicate<String> isCategory) {
    int mark = address.indexOf('?');
    List<String> segments = segments(mark < 0 ? address : address.substring(0, mark));
    Map<String, String> query =
        mark < 0 ? Map.of() : AddressPattern.parameters(address.substring(mark + 1));
    List<Spot> spots = spots(segments, query);
    var asked = new LinkedHashMap<Spot, Identifier>();
    spots.forEach(
        spot ->
            Identifier.of(Identifier.Type.ADDRESS, AddressPattern.decoded(spot.name()))
                .ifPresent(name -> asked.put(spot, name)));
    Map<Identifier, List<Named>> known = names.find(List.copyOf(asked.values()));
    for (Spot spot : spots) {
      List<Slug> products =
          known.getOrDefault(asked.get(spot), List.of()).stream()
              .map(Named::product)
              .distinct()
              .toList();
      if (products.size() == 1) {
        return Optional.of(
            new Writer(segments, query, spot, isCategory)
                .reading(products.getFirst(), variants(query, names, products.getFirst())));
      }
    }
    return Optional.empty();
  }

  private static List<String> segments(String path) {
    return Arrays.stream(path.split("/")).filter(part -> !part.isEmpty()).toList();
  }

  /** Whole parts before pieces of them, later ones first: a name mostly stands at the end. */
  private static List<Spot> spots(List<String> segments, Map<String, String> query) {
    var whole = new ArrayList<Spot>();
    var pieces = new ArrayList<Spot>();
    for (int at = segments.size() - 1; at >= 0; at--) {
      String segment = segments.get(at);
      Matcher extension = EXTENSION.matcher(segment);
      String end = extension.find() ? extension.group() : "";
      String name = segment.substring(0, segment.length() - end.length());
      whole.add(new Spot(at, "", "", segment, ""));
      if (!end.isEmpty()) {
        whole.add(new Spot(at, "", "", name, end));
      }
      Matcher joint = JOINT.matcher(name);
      while (joint.find()) {
        pieces.add(
            new Spot(
                at, "", "", name.substring(0, joint.start()), name.substring(joint.start()) + end));
        pieces.add(
            new Spot(at, "", name.substring(0, joint.end()), name.substring(joint.end()), end));
      }
    }
    query.forEach((parameter, value) -> whole.add(new Spot(-1, parameter, "", value, "")));
    pieces.removeIf(spot -> spot.name().isEmpty());
    pieces.sort((one, other) -> Integer.compare(other.name().length(), one.name().length()));
    whole.addAll(pieces);
    return whole;
  }

  /** The parameters that name variants of the product. */
  private static List<String> variants(
      Map<String, String> query, ProductNames names, Slug product) {
    return query.keySet().stream()
        .filter(
            parameter -> {
              Optional<Identifier> value =
                  Identifier.of(Identifier.Type.SKU, query.getOrDefault(parameter, ""));
              Collection<Named> found =
                  value
                      .map(sku -> names.find(List.of(sku)).getOrDefault(sku, List.of()))
                      .orElse(List.of());
              return found.stream()
                  .anyMatch(one -> one.product().equals(product) && one.variant().isPresent());
            })
        .toList();
  }

  /** Writes the pattern and the parts side by side. */
  private static final class Writer {
    private final List<String> segments;
    private final Map<String, String> query;
    private final Spot spot;
    private final Predicate<String> isCategory;
    private final StringBuilder template = new StringBuilder();
    private final List<Part> parts = new ArrayList<>();

    Writer(
        List<String> segments, Map<String, String> query, Spot spot, Predicate<String> isCategory) {
      this.segments = segments;
      this.query = query;
      this.spot = spot;
      this.isCategory = isCategory;
    }

    Reading reading(Slug product, List<String> variants) {
      for (int at = 0; at < segments.size(); at++) {
        segment(at);
      }
      if (segments.isEmpty()) {
        put(Role.SAME, "/", "/");
      }
      char mark = '?';
      for (var one : query.entrySet()) {
        mark = parameter(one.getKey(), one.getValue(), mark, variants);
      }
      return new Reading(new AddressPattern(template.toString()), product, parts);
    }

    private void segment(int at) {
      String segment = segments.get(at);
      if (at == spot.segment()) {
        put(Role.SAME, "/", "/");
        piece(spot.before(), true);
        put(Role.PRODUCT, spot.name(), "{product}");
        piece(spot.after(), false);
      } else if (at == 0 && LANGUAGE.matcher(segment).matches()) {
        put(Role.NOT_NEEDED, "/" + segment, "");
      } else if (isCategory.test(AddressPattern.decoded(segment))) {
        put(Role.SAME, "/", "/");
        put(Role.VARYING, segment, "{any}");
      } else {
        put(Role.SAME, "/" + segment, "/" + segment);
      }
    }

    /** What stands beside the name in its part of the path: an ending stays, words differ. */
    private void piece(String text, boolean isBefore) {
      if (text.isEmpty()) {
        return;
      }
      String words = isBefore ? text.substring(0, text.length() - 1) : text;
      Matcher extension = EXTENSION.matcher(text);
      String end = !isBefore && extension.find() ? extension.group() : "";
      String varying = isBefore ? words : text.substring(0, text.length() - end.length());
      if (isBefore) {
        put(Role.VARYING, varying, "{any}");
        put(Role.SAME, text.substring(varying.length()), text.substring(varying.length()));
        return;
      }
      if (!varying.isEmpty()) {
        put(Role.SAME, varying.substring(0, 1), varying.substring(0, 1));
        put(Role.VARYING, varying.substring(1), "{any}");
      }
      put(Role.SAME, end, end);
    }

    private char parameter(String name, String value, char mark, List<String> variants) {
      Role role =
          name.equals(spot.parameter())
              ? Role.PRODUCT
              : variants.contains(name)
                  ? Role.VARIANT
                  : spot.segment() < 0 && !CAMPAIGN.matcher(name).matches()
                      ? Role.SAME
                      : Role.NOT_NEEDED;
      if (role == Role.NOT_NEEDED) {
        put(role, mark + name + "=" + value, "");
        return '&';
      }
      char joined = template.indexOf("?") < 0 ? '?' : '&';
      put(Role.SAME, mark + name + "=", joined + name + "=");
      put(
          role,
          value,
          switch (role) {
            case PRODUCT -> "{product}";
            case VARIANT -> "{variant}";
            case SAME, VARYING, NOT_NEEDED -> value;
          });
      return '&';
    }

    private void put(Role role, String text, String pattern) {
      if (text.isEmpty()) {
        return;
      }
      template.append(pattern);
      if (!parts.isEmpty() && parts.getLast().role() == role) {
        text = parts.removeLast().text() + text;
      }
      parts.add(new Part(role, text));
    }
  }
}
