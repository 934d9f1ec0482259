package nodyes.core.recognition;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nodyes.core.common.Unfit;

/**
 * How a shop's addresses of one kind are built: a path, with a query where that names something,
 * such as {@code /p/{product}.html?size={variant}} or {@code /item?id={product}}. A language may
 * stand in front of the path, a slash behind it; other parts of the query do not matter.
 *
 * @param template the path and query with {@code {product}}, {@code {category}}, {@code {variant}}
 *     and {@code {any}} (one part of the path, whatever it is) in their places
 */
public record AddressPattern(String template) {
  private static final Pattern PLACE = Pattern.compile("\\{(product|category|variant|any)}");
  private static final Pattern CROWDED =
      Pattern.compile("}\\{|\\{\\w+}[^/]*\\{\\w+}[^/]*\\{\\w+}[^/?]*\\{\\w+}");
  private static final Pattern FORM = Pattern.compile("/[^\\s#]{0,300}");

  /** No address of a page is longer (common practice), and reading a long one takes time. */
  private static final int LONGEST = 2000;

  private static final String LANGUAGE = "(?:/[a-z]{2}(?:[-_][A-Za-z]{2,4})?)?";
  private static final String PART = "[^/?#]+";
  private static final String PRODUCT = "{product}";

  /**
   * What a pattern found in an address.
   *
   * @param product what names the product, decoded; empty where the pattern has no product
   * @param variant what names the variant, decoded
   */
  public record Match(Optional<String> product, Optional<String> variant) {}

  /**
   * The pattern as a browser can use it: a path fits where the expression finds it.
   *
   * @param path a regular expression that Java and ECMAScript read alike; its first group, if it
   *     has one, is what names the product
   * @param product the parameter of the query that names the product; empty where the path does
   * @param variant the parameter that names the variant; empty where none does
   */
  public record Compact(String path, String product, String variant) {}

  /**
   * Throws {@link Unfit} where it does not begin with a slash, has spaces, or names one thing
   * twice; where two places touch, or more than three stand in one part of the path, so that no
   * address takes long to compare.
   */
  public AddressPattern {
    if (!FORM.matcher(template).matches()
        || isTwice(template, PRODUCT)
        || CROWDED.matcher(template).find()) {
      throw new Unfit("recognition.notAPattern", "pattern", template);
    }
  }

  private static boolean isTwice(String template, String name) {
    return template.indexOf(name) != template.lastIndexOf(name);
  }

  /** The pattern, or empty where the text is not of its form. */
  public static Optional<AddressPattern> parse(String template) {
    try {
      return Optional.of(new AddressPattern(template));
    } catch (Unfit e) {
      return Optional.empty();
    }
  }

  private boolean hasProduct() {
    return template.contains(PRODUCT);
  }

  private String path() {
    int query = template.indexOf('?');
    return query < 0 ? template : template.substring(0, query);
  }

  private Map<String, String> query() {
    int query = template.indexOf('?');
    return query < 0 ? Map.of() : parameters(template.substring(query + 1));
  }

  /** The pattern as a browser can use it. */
  public Compact compact() {
    var named = new LinkedHashMap<String, String>();
    query().forEach((name, value) -> named.putIfAbsent(value, name));
    return new Compact(
        expression(), named.getOrDefault(PRODUCT, ""), named.getOrDefault("{variant}", ""));
  }

  private String expression() {
    var expression = new StringBuilder("^").append(LANGUAGE);
    String path = path().replaceFirst("(?<=.)/$", "");
    Matcher places = PLACE.matcher(path);
    int end = 0;
    while (places.find()) {
      expression.append(literal(path.substring(end, places.start())));
      // of 4410-slate-pot the name is the first piece, of slate-pot-4410 the last
      boolean isLast = places.end() == path.length() || path.charAt(places.end()) == '/';
      boolean isProduct = places.group(1).equals("product");
      expression.append(isProduct ? "(" + PART + (isLast ? ")" : "?)") : PART);
      end = places.end();
    }
    String rest = path.substring(end);
    return expression.append(rest.equals("/") ? "" : literal(rest)).append("/?$").toString();
  }

  private static String literal(String text) {
    return text.replaceAll("[.*+?^${}()|\\[\\]\\\\]", "\\\\$0");
  }

  /**
   * What the pattern finds in an address.
   *
   * @param address a path, with its query if it has one
   * @return empty where it does not fit, or is longer than 2,000 characters
   */
  public Optional<Match> match(String address) {
    if (address.length() > LONGEST) {
      return Optional.empty();
    }
    int mark = address.indexOf('?');
    String path = mark < 0 ? address : address.substring(0, mark);
    Map<String, String> given = mark < 0 ? Map.of() : parameters(address.substring(mark + 1));
    Compact compact = compact();
    Matcher found = Pattern.compile(compact.path()).matcher(path);
    if (!found.find()) {
      return Optional.empty();
    }
    for (var fixed : query().entrySet()) {
      boolean isFixed = !PLACE.matcher(fixed.getValue()).matches();
      if (isFixed && !fixed.getValue().equals(given.get(fixed.getKey()))) {
        return Optional.empty();
      }
    }
    Optional<String> product =
        compact.product().isEmpty()
            ? found.groupCount() == 0 ? Optional.empty() : Optional.of(decoded(found.group(1)))
            : Optional.ofNullable(given.get(compact.product())).filter(one -> !one.isEmpty());
    if (hasProduct() && product.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        new Match(
            product,
            Optional.ofNullable(given.get(compact.variant())).filter(one -> !one.isEmpty())));
  }

  /** The parameters of the query that matter to it. */
  public List<String> parameters() {
    return List.copyOf(query().keySet());
  }

  /** The address of a product's page: without the parts of the query that only name its variant. */
  public String of(String product) {
    var kept = new ArrayList<String>();
    query()
        .forEach(
            (name, value) -> {
              if (!value.equals("{variant}")) {
                kept.add(name + "=" + value);
              }
            });
    String whole = path() + (kept.isEmpty() ? "" : "?" + String.join("&", kept));
    return whole.replace(PRODUCT, product);
  }

  static Map<String, String> parameters(String query) {
    var parameters = new LinkedHashMap<String, String>();
    for (String one : query.split("&")) {
      int equals = one.indexOf('=');
      if (equals > 0) {
        parameters.putIfAbsent(
            decoded(one.substring(0, equals).replace('+', ' ')),
            decoded(one.substring(equals + 1).replace('+', ' ')));
      }
    }
    return parameters;
  }

  /** Percent-decoded; what is wrongly encoded stays as it is. */
  static String decoded(String part) {
    try {
      return URLDecoder.decode(part.replace("+", "%2B"), StandardCharsets.UTF_8);
    } catch (IllegalArgumentException e) {
      return part;
    }
  }
}
