package nodyes.core.delivery;

/** What a delivery rule is for; a narrower one beats a wider one, field by field. */
public sealed interface RuleScope {
  /** Everything that the shop sells. */
  record Shop() implements RuleScope {}

  /** The products of a category and of those under it, by its slug. */
  record Category(String slug) implements RuleScope {}

  /** The products with a tag. */
  record Tag(String name) implements RuleScope {}

  /** One product, by its slug. */
  record Product(String slug) implements RuleScope {}

  /** The narrower, the greater: product over tag over category over shop. */
  default int rank() {
    return switch (this) {
      case Shop _ -> 0;
      case Category _ -> 1;
      case Tag _ -> 2;
      case Product _ -> 3;
    };
  }

  /** Whether something sold is in it. */
  default boolean holds(ShippableItem ware) {
    return switch (this) {
      case Shop _ -> true;
      case Category(var slug) -> ware.categories().contains(slug);
      case Tag(var name) -> ware.tags().contains(name);
      case Product(var slug) -> ware.slug().equals(slug);
    };
  }
}
