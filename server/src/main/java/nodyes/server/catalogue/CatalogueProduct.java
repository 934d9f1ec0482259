package nodyes.server.catalogue;

import java.util.Map;
import java.util.Set;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import org.joda.money.Money;

/**
 * A product as rules need it.
 *
 * @param id its id
 * @param slug its name in addresses
 * @param title what the shop calls it
 * @param categories slugs of its categories and of those above them
 * @param tags its tags
 * @param prices price by SKU, in the shop's order
 */
public record CatalogueProduct(
    ProductId id,
    Slug slug,
    String title,
    Set<String> categories,
    Set<String> tags,
    Map<String, Money> prices) {}
