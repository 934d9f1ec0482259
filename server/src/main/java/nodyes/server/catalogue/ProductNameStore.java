package nodyes.server.catalogue;

import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.PRODUCT_ALIAS;
import static nodyes.generated.Tables.VARIANT;
import static org.jooq.impl.DSL.excluded;
import static org.jooq.impl.DSL.val;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nodyes.core.common.Slug;
import nodyes.core.recognition.Identifier;
import nodyes.core.recognition.ProductNames;
import nodyes.server.database.Database;
import nodyes.server.web.PagedResult;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.springframework.stereotype.Component;

/**
 * What pages name products by: the name in addresses, SKU, GTIN or title, and else what the owner
 * said that a page means.
 */
@Component
public class ProductNameStore implements ProductNames {
  private final Database database;

  ProductNameStore(Database database) {
    this.database = database;
  }

  /** Products by what names them, of several that were asked for at once. */
  private record Found(
      Map<String, Named> bySlug,
      Map<String, Named> bySku,
      Map<String, List<Named>> byGtin,
      Map<String, List<Named>> byTitle,
      Map<String, Named> byAlias) {
    List<Named> of(Identifier identifier) {
      List<Named> known = inCatalogue(identifier);
      Named said = byAlias.get(alias(identifier));
      return known.isEmpty() && said != null ? List.of(said) : known;
    }

    private List<Named> inCatalogue(Identifier identifier) {
      String value = identifier.value();
      return switch (identifier.type()) {
        case ADDRESS, PRODUCT_ID ->
            Optional.ofNullable(bySlug.get(slug(value)))
                .or(() -> Optional.ofNullable(bySku.get(value)))
                .map(List::of)
                .orElseGet(() -> byGtin.getOrDefault(gtin(value), List.of()));
        case SKU -> Optional.ofNullable(bySku.get(value)).map(List::of).orElse(List.of());
        case GTIN -> byGtin.getOrDefault(gtin(value), List.of());
        case TITLE -> byTitle.getOrDefault(title(value), List.of());
      };
    }
  }

  @Override
  public Map<Identifier, List<Named>> find(Collection<Identifier> identifiers) {
    if (identifiers.isEmpty()) {
      return Map.of();
    }
    Found found = database.read(sql -> found(sql, identifiers));
    var all = new LinkedHashMap<Identifier, List<Named>>();
    identifiers.forEach(one -> all.put(one, found.of(one)));
    return all;
  }

  private static Found found(DSLContext sql, Collection<Identifier> identifiers) {
    Set<String> slugs =
        values(identifiers, Set.of(Identifier.Type.ADDRESS, Identifier.Type.PRODUCT_ID)).stream()
            .map(ProductNameStore::slug)
            .collect(Collectors.toSet());
    Set<String> codes =
        values(
            identifiers,
            Set.of(Identifier.Type.ADDRESS, Identifier.Type.PRODUCT_ID, Identifier.Type.SKU));
    Set<String> gtins =
        values(
                identifiers,
                Set.of(Identifier.Type.ADDRESS, Identifier.Type.PRODUCT_ID, Identifier.Type.GTIN))
            .stream()
            .map(ProductNameStore::gtin)
            .filter(one -> !one.isEmpty())
            .collect(Collectors.toSet());
    return new Found(
        bySlug(sql, slugs),
        single(variants(sql, VARIANT.SKU, codes)),
        variants(sql, VARIANT.GTIN, gtins),
        byTitle(sql, values(identifiers, Set.of(Identifier.Type.TITLE))),
        byAlias(
            sql, identifiers.stream().map(ProductNameStore::alias).collect(Collectors.toSet())));
  }

  private static Set<String> values(
      Collection<Identifier> identifiers, Set<Identifier.Type> types) {
    return identifiers.stream()
        .filter(one -> types.contains(one.type()))
        .map(Identifier::value)
        .collect(Collectors.toSet());
  }

  private static Map<String, Named> bySlug(DSLContext sql, Set<String> slugs) {
    return slugs.isEmpty()
        ? Map.of()
        : sql.select(PRODUCT.SLUG)
            .from(PRODUCT)
            .where(PRODUCT.SLUG.in(slugs).and(PRODUCT.IS_DISCONTINUED.isFalse()))
            .fetchMap(PRODUCT.SLUG, row -> new Named(new Slug(row.value1()), Optional.empty()));
  }

  private static Map<String, List<Named>> variants(
      DSLContext sql, Field<String> column, Set<String> codes) {
    return codes.isEmpty()
        ? Map.of()
        : sql.select(column, PRODUCT.SLUG, VARIANT.SKU)
            .from(VARIANT)
            .join(PRODUCT)
            .on(PRODUCT.ID.eq(VARIANT.PRODUCT_ID))
            .where(column.in(codes).and(PRODUCT.IS_DISCONTINUED.isFalse()))
            .fetchGroups(
                row -> row.value1(),
                row -> new Named(new Slug(row.value2()), Optional.of(row.value3())));
  }

  private static Map<String, Named> single(Map<String, List<Named>> bySku) {
    var single = new HashMap<String, Named>();
    bySku.forEach((sku, named) -> single.put(sku, named.getFirst()));
    return single;
  }

  private static Map<String, List<Named>> byTitle(DSLContext sql, Set<String> titles) {
    var found = new HashMap<String, List<Named>>();
    if (!titles.isEmpty()) {
      sql.select(PRODUCT.TITLE, PRODUCT.SLUG)
          .from(PRODUCT)
          .where(PRODUCT.TITLE.collate("NOCASE").in(titles).and(PRODUCT.IS_DISCONTINUED.isFalse()))
          .forEach(
              row ->
                  found
                      .computeIfAbsent(title(row.value1()), _ -> new ArrayList<>())
                      .add(new Named(new Slug(row.value2()), Optional.empty())));
    }
    return found;
  }

  private static Map<String, Named> byAlias(DSLContext sql, Set<String> names) {
    return sql.select(PRODUCT_ALIAS.NAME, PRODUCT.SLUG)
        .from(PRODUCT_ALIAS)
        .join(PRODUCT)
        .on(PRODUCT.ID.eq(PRODUCT_ALIAS.PRODUCT_ID))
        .where(PRODUCT_ALIAS.NAME.in(names).and(PRODUCT.IS_DISCONTINUED.isFalse()))
        .fetchMap(PRODUCT_ALIAS.NAME, row -> new Named(new Slug(row.value2()), Optional.empty()));
  }

  /** From now on pages that name something so mean a product; whatever they meant before. */
  public void say(Identifier name, Slug product) {
    database.change(
        sql ->
            sql.insertInto(PRODUCT_ALIAS, PRODUCT_ALIAS.NAME, PRODUCT_ALIAS.PRODUCT_ID)
                .select(
                    sql.select(val(alias(name)), PRODUCT.ID)
                        .from(PRODUCT)
                        .where(PRODUCT.SLUG.eq(product.value())))
                .onConflict(PRODUCT_ALIAS.NAME)
                .doUpdate()
                .set(PRODUCT_ALIAS.PRODUCT_ID, excluded(PRODUCT_ALIAS.PRODUCT_ID))
                .execute());
  }

  /** What was said of a name is so no more; whether something was. */
  public boolean forget(Identifier name) {
    return database.write(
        sql ->
            sql.deleteFrom(PRODUCT_ALIAS).where(PRODUCT_ALIAS.NAME.eq(alias(name))).execute() > 0);
  }

  /** What names a product in addresses, as the owner said. */
  public Optional<String> addressName(Slug product) {
    return database.read(
        sql ->
            sql
                .select(PRODUCT_ALIAS.NAME)
                .from(PRODUCT_ALIAS)
                .join(PRODUCT)
                .on(PRODUCT.ID.eq(PRODUCT_ALIAS.PRODUCT_ID))
                .where(PRODUCT.SLUG.eq(product.value()))
                .orderBy(PRODUCT_ALIAS.NAME)
                .fetch(PRODUCT_ALIAS.NAME)
                .stream()
                .filter(
                    name ->
                        Identifier.parse(name)
                            .filter(one -> one.type() == Identifier.Type.ADDRESS)
                            .isPresent())
                .findFirst());
  }

  /** What was said, by name. */
  public PagedResult<ProductAlias> aliases(int page, int size) {
    return database.read(
        sql ->
            new PagedResult<>(
                sql.select(PRODUCT_ALIAS.NAME, PRODUCT.SLUG, PRODUCT.TITLE)
                    .from(PRODUCT_ALIAS)
                    .join(PRODUCT)
                    .on(PRODUCT.ID.eq(PRODUCT_ALIAS.PRODUCT_ID))
                    .orderBy(PRODUCT_ALIAS.NAME)
                    .limit(size)
                    .offset((page - 1) * size)
                    .fetch(row -> new ProductAlias(row.value1(), row.value2(), row.value3())),
                page,
                size,
                sql.fetchCount(PRODUCT_ALIAS)));
  }

  /** A name that pages give a product, as the owner said. */
  public record ProductAlias(String name, String slug, String title) {}

  private static String alias(Identifier identifier) {
    return identifier.text().toLowerCase(Locale.ROOT);
  }

  private static String slug(String value) {
    return Normalizer.normalize(value, Normalizer.Form.NFC).toLowerCase(Locale.ROOT);
  }

  private static String title(String value) {
    return value.strip().toLowerCase(Locale.ROOT);
  }

  /** A GTIN of any length is the same with zeros before it (GS1 General Specifications, 3.3). */
  static String gtin(String value) {
    if (value.isEmpty()) {
      return "";
    }
    String digits = value.replaceAll("[\\s-]", "");
    return digits.matches("\\d{8,14}") ? "0".repeat(14 - digits.length()) + digits : "";
  }
}
