package nodyes.core.recognition;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.Slug;

/** A catalogue of a few products, each known by whatever a test says. */
final class ShelfOfNames implements ProductNames {
  private final Map<Identifier, List<Named>> names = new LinkedHashMap<>();

  ShelfOfNames with(String product, String... names) {
    for (String name : names) {
      Identifier identifier = Identifier.parse(name).orElseThrow();
      put(identifier, product, "");
      if (identifier.type() == Identifier.Type.SKU) {
        // an address may hold whatever names a product
        put(
            new Identifier(Identifier.Type.ADDRESS, identifier.value()),
            product,
            identifier.value());
      }
    }
    put(new Identifier(Identifier.Type.ADDRESS, product), product, "");
    return this;
  }

  private void put(Identifier identifier, String product, String variant) {
    boolean isSku = identifier.type() == Identifier.Type.SKU;
    names
        .computeIfAbsent(identifier, _ -> new ArrayList<>())
        .add(
            new Named(
                new Slug(product),
                isSku
                    ? Optional.of(identifier.value())
                    : Optional.of(variant).filter(one -> !one.isEmpty())));
  }

  @Override
  public Map<Identifier, List<Named>> find(Collection<Identifier> identifiers) {
    var found = new LinkedHashMap<Identifier, List<Named>>();
    identifiers.forEach(one -> found.put(one, names.getOrDefault(one, List.of())));
    return found;
  }
}
