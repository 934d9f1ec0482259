package nodyes.core.recognition;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.Slug;

/** The products that identifiers name, as the catalogue knows them. */
@FunctionalInterface
public interface ProductNames {
  /**
   * A product that an identifier names.
   *
   * @param product which
   * @param variant the SKU, where the identifier names one of its variants
   */
  record Named(Slug product, Optional<String> variant) {}

  /** What each identifier names; one that names nothing may be missing, or have an empty list. */
  Map<Identifier, List<Named>> find(Collection<Identifier> identifiers);
}
