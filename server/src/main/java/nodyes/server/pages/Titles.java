package nodyes.server.pages;

import java.util.function.UnaryOperator;
import nodyes.core.common.Slug;
import nodyes.core.evaluation.Facts;

/** Products by their titles, as the owner knows them. */
final class Titles {
  private Titles() {}

  /** A product's title by its name in addresses, which stands for it where it is not known. */
  static UnaryOperator<String> of(Facts known) {
    return slug ->
        Slug.parse(slug).map(known.products()::get).map(product -> product.title()).orElse(slug);
  }
}
