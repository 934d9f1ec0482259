package nodyes.server.catalogue;

import java.util.Map;
import java.util.Set;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.evaluation.ProductAttributes;
import nodyes.core.evaluation.VariantFacts;

/**
 * A product as rules need it.
 *
 * @param id its id
 * @param slug its name in addresses
 * @param title what the shop calls it
 * @param categories slugs of its categories and of those above them
 * @param tags its tags
 * @param traits what else is so about it
 * @param variants by SKU, in the shop's order
 */
public record CatalogueProduct(
    ProductId id,
    Slug slug,
    String title,
    Set<String> categories,
    Set<String> tags,
    ProductAttributes traits,
    Map<String, VariantFacts> variants) {}
