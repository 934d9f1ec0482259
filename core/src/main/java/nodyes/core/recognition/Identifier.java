package nodyes.core.recognition;

import java.util.Arrays;
import java.util.Optional;

/**
 * Something that names a product.
 *
 * @param type what it is
 * @param value as the page says it, without spaces around it; never empty
 */
public record Identifier(Type type, String value) {
  /** A longer one is no identifier but text. */
  private static final int LONGEST = 200;

  /** What an identifier is; those of schema.org are its Product's properties. */
  public enum Type {
    /** The part of an address that names the product, whatever the shop puts there. */
    ADDRESS(""),
    /** schema.org {@code sku}. */
    SKU("sku"),
    /** schema.org {@code gtin} of any length. */
    GTIN("gtin"),
    /** schema.org {@code productID} or {@code productGroupID}. */
    PRODUCT_ID("id"),
    /** schema.org {@code name}, whole. */
    TITLE("name");

    private final String wireName;

    Type(String wireName) {
      this.wireName = wireName;
    }
  }

  /**
   * Strips the value; throws {@link IllegalArgumentException} where nothing is left, or too much.
   */
  public Identifier {
    value = value.strip();
    if (value.isEmpty() || value.length() > LONGEST) {
      throw new IllegalArgumentException("An identifier has 1 to 200 characters.");
    }
  }

  /**
   * The identifier in {@code sku:AB-1}, {@code gtin:…}, {@code id:…} or {@code name:…}; text
   * without such a beginning is a part of an address. Empty where it is none.
   */
  public static Optional<Identifier> parse(String text) {
    int colon = text.indexOf(':');
    Optional<Type> type =
        colon <= 0
            ? Optional.empty()
            : Arrays.stream(Type.values())
                .filter(one -> one.wireName.equals(text.substring(0, colon)))
                .findFirst();
    return of(type.orElse(Type.ADDRESS), type.isPresent() ? text.substring(colon + 1) : text);
  }

  /** As {@link #parse} reads it. */
  public String text() {
    return type == Type.ADDRESS ? value : type.wireName + ":" + value;
  }

  /** The identifier, or empty where the value is none. */
  public static Optional<Identifier> of(Type type, String value) {
    String stripped = value.strip();
    return stripped.isEmpty() || stripped.length() > LONGEST
        ? Optional.empty()
        : Optional.of(new Identifier(type, stripped));
  }
}
