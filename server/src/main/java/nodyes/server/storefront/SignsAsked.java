package nodyes.server.storefront;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nodyes.core.recognition.Identifier;
import nodyes.core.recognition.PageSigns;
import nodyes.server.web.Given;
import org.jspecify.annotations.Nullable;

/**
 * What a page says of itself, as the script found it there. Addresses are paths with the parameters
 * that matter; several things are parted by line breaks.
 *
 * @param address of the page
 * @param canonical the address that it gives as its own
 * @param data the products of its data for search engines, parted by empty lines: identifiers such
 *     as {@code sku:AB-1}, the path of its page after {@code at:}
 * @param sharing the address in its data for sharing
 * @param title the title there
 * @param meta what its meta tag names
 * @param cards what names the products that its cards lead to
 */
record SignsAsked(
    @Nullable String address,
    @Nullable String canonical,
    @Nullable String data,
    @Nullable String sharing,
    @Nullable String title,
    @Nullable String meta,
    @Nullable String cards) {
  private static final int MOST_PRODUCTS = 12;
  private static final int MOST_IDENTIFIERS = 30;
  private static final int MOST_CARDS = 100;
  private static final String AT = "at:";

  PageSigns signs() {
    return new PageSigns(
        Given.text(address),
        Given.text(canonical),
        products(data),
        Given.text(sharing),
        Given.text(title),
        Given.text(meta).flatMap(Identifier::parse),
        lines(cards)
            .flatMap(one -> Identifier.parse(one).stream())
            .distinct()
            .limit(MOST_CARDS)
            .toList());
  }

  private static List<PageSigns.DataProduct> products(@Nullable String data) {
    return Given.text(data).stream()
        .flatMap(text -> Arrays.stream(text.split("\n\n", MOST_PRODUCTS + 1)))
        .limit(MOST_PRODUCTS)
        .map(SignsAsked::product)
        .toList();
  }

  private static PageSigns.DataProduct product(String text) {
    var identifiers = new ArrayList<Identifier>();
    Optional<String> at = Optional.empty();
    for (String line : lines(text).limit(MOST_IDENTIFIERS).toList()) {
      if (line.startsWith(AT)) {
        at = Given.text(line.substring(AT.length()));
      } else {
        Identifier.parse(line).ifPresent(identifiers::add);
      }
    }
    return new PageSigns.DataProduct(identifiers, at);
  }

  private static Stream<String> lines(@Nullable String text) {
    return text == null ? Stream.empty() : text.lines();
  }
}
