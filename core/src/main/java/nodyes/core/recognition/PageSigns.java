package nodyes.core.recognition;

import java.util.List;
import java.util.Optional;

/**
 * What a page says of itself, each sign as it stands there.
 *
 * @param address its path, with the query if it has one
 * @param canonical path and query of the address that it gives as its own (RFC 6596)
 * @param data the products that its data for search engines is about, each by its identifiers;
 *     those that it only lists or compares are not among them
 * @param sharing path and query of the address in its data for sharing (Open Graph {@code og:url})
 * @param sharedTitle the title in its data for sharing, where that says it is of a product
 * @param meta what its own meta tag names
 * @param cards what names the products that its cards lead to, in page order
 */
public record PageSigns(
    Optional<String> address,
    Optional<String> canonical,
    List<DataProduct> data,
    Optional<String> sharing,
    Optional<String> sharedTitle,
    Optional<Identifier> meta,
    List<Identifier> cards) {
  /** Copies the lists. */
  public PageSigns {
    data = List.copyOf(data);
    cards = List.copyOf(cards);
  }

  /**
   * A product in data for search engines.
   *
   * @param identifiers what names it
   * @param address path and query of its page, where it is said
   */
  public record DataProduct(List<Identifier> identifiers, Optional<String> address) {
    /** Copies the list. */
    public DataProduct {
      identifiers = List.copyOf(identifiers);
    }
  }
}
