package nodyes.server.imports;

import java.util.Optional;
import nodyes.core.common.Said;
import nodyes.core.imports.ImportedReview;
import nodyes.core.imports.ReviewColumn;
import nodyes.core.imports.RowError;
import nodyes.server.catalogue.ProductFinder;

/**
 * Finds the product of a row.
 *
 * @param fixed the product of all rows; empty to let each row name it
 * @param choices what texts of its columns mean
 */
record RowProducts(
    ProductFinder products, Optional<ProductFinder.Found> fixed, ImportOptions choices) {
  Optional<ProductFinder.Found> of(ImportedReview review) {
    return fixed.or(
        () ->
            review
                .product()
                .flatMap(
                    text ->
                        products
                            .find(text)
                            // a product that is known is what it is
                            .or(() -> products.find(choices.meant(ReviewColumn.PRODUCT, text)))));
  }

  /** Why there is none. */
  static RowError missing(ImportedReview review) {
    String named = review.product().orElse("");
    return new RowError(
        review.line(),
        Optional.of(ReviewColumn.PRODUCT),
        named,
        Said.of(named.isEmpty() ? "imports.noProductGiven" : "imports.noSuchProduct"));
  }
}
