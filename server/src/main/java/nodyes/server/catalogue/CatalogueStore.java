package nodyes.server.catalogue;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toSet;
import static nodyes.generated.Tables.CATEGORY;
import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.PRODUCT_CATEGORY;
import static nodyes.generated.Tables.PRODUCT_TAG;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.VARIANT;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.name;
import static org.jooq.impl.DSL.noCondition;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.selectCount;
import static org.jooq.impl.DSL.selectOne;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.evaluation.ProductAttributes;
import nodyes.core.review.ReviewStatus;
import nodyes.server.database.Database;
import nodyes.server.web.PagedResult;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

@Component
class CatalogueStore {
  private final Database database;

  CatalogueStore(Database database) {
    this.database = database;
  }

  boolean isEmpty() {
    return database.read(sql -> !sql.fetchExists(PRODUCT));
  }

  Optional<Long> id(Slug slug) {
    return database.read(
        sql ->
            sql.select(PRODUCT.ID)
                .from(PRODUCT)
                .where(PRODUCT.SLUG.eq(slug.value()))
                .fetchOptional(PRODUCT.ID));
  }

  Map<String, String> pictures(Collection<String> slugs) {
    return database.read(
        sql ->
            sql.select(PRODUCT.SLUG, PRODUCT.PICTURE)
                .from(PRODUCT)
                .where(PRODUCT.SLUG.in(slugs))
                .fetchMap(PRODUCT.SLUG, PRODUCT.PICTURE));
  }

  List<Catalogue.TagLine> tags() {
    return database.read(
        sql ->
            sql.select(PRODUCT_TAG.TAG, count())
                .from(PRODUCT_TAG)
                .groupBy(PRODUCT_TAG.TAG)
                .orderBy(count().desc(), PRODUCT_TAG.TAG)
                .limit(PagedResult.LARGEST)
                .fetch(row -> new Catalogue.TagLine(row.value1(), row.value2())));
  }

  List<Slug> slugs(int most) {
    return database.read(
        sql ->
            sql.select(PRODUCT.SLUG)
                .from(PRODUCT)
                .where(PRODUCT.IS_DISCONTINUED.isFalse())
                .orderBy(PRODUCT.POSITION, PRODUCT.ID)
                .limit(most)
                .fetch(row -> new Slug(row.value1())));
  }

  Map<Slug, CatalogueProduct> find(Collection<Slug> slugs, ZoneId zone) {
    return database.read(
        sql -> {
          var rows =
              sql.select(
                      PRODUCT.ID,
                      PRODUCT.SLUG,
                      PRODUCT.TITLE,
                      PRODUCT.PICTURE,
                      PRODUCT.BRAND,
                      PRODUCT.FIRST_PUBLISHED_AT)
                  .from(PRODUCT)
                  .where(
                      PRODUCT
                          .SLUG
                          .in(slugs.stream().map(Slug::value).toList())
                          .and(PRODUCT.IS_DISCONTINUED.isFalse()))
                  .orderBy(PRODUCT.POSITION, PRODUCT.ID)
                  .fetch();
          var ids = rows.getValues(PRODUCT.ID);
          var categories = categories(sql, ids);
          var tags =
              sql.selectFrom(PRODUCT_TAG).where(PRODUCT_TAG.PRODUCT_ID.in(ids)).fetch().stream()
                  .collect(
                      groupingBy(tag -> tag.getProductId(), mapping(tag -> tag.getTag(), toSet())));
          var variants = VariantStore.of(sql, ids);
          var filed = filed(sql, ids);
          var found = new LinkedHashMap<Slug, CatalogueProduct>();
          for (var row : rows) {
            long id = row.get(PRODUCT.ID);
            var slug = new Slug(row.get(PRODUCT.SLUG));
            found.put(
                slug,
                new CatalogueProduct(
                    new ProductId(id),
                    slug,
                    row.get(PRODUCT.TITLE),
                    categories.getOrDefault(id, Set.of()),
                    tags.getOrDefault(id, Set.of()),
                    traits(row, zone, Optional.ofNullable(filed.get(id))),
                    variants.getOrDefault(id, Map.of())));
          }
          return found;
        });
  }

  private static ProductAttributes traits(
      org.jooq.Record row, ZoneId zone, Optional<ProductAttributes.Filed> filed) {
    return new ProductAttributes(
        Optional.ofNullable(row.get(PRODUCT.BRAND)),
        !row.get(PRODUCT.PICTURE).isEmpty(),
        Optional.ofNullable(row.get(PRODUCT.FIRST_PUBLISHED_AT))
            .map(at -> LocalDate.ofInstant(at, zone)),
        filed);
  }

  /** Slugs of categories by product, with those above them. */
  private static Map<Long, Set<String>> categories(DSLContext sql, Collection<Long> products) {
    var tree = name("tree");
    var productId = field(name("tree", "product_id"), Long.class);
    var categoryId = field(name("tree", "category_id"), Long.class);
    return sql
        .withRecursive(
            tree.fields("product_id", "category_id")
                .as(
                    select(PRODUCT_CATEGORY.PRODUCT_ID, PRODUCT_CATEGORY.CATEGORY_ID)
                        .from(PRODUCT_CATEGORY)
                        .where(PRODUCT_CATEGORY.PRODUCT_ID.in(products))
                        .union(
                            select(productId, CATEGORY.PARENT_ID)
                                .from(tree)
                                .join(CATEGORY)
                                .on(CATEGORY.ID.eq(categoryId))
                                .where(CATEGORY.PARENT_ID.isNotNull()))))
        .select(productId, CATEGORY.SLUG)
        .from(tree)
        .join(CATEGORY)
        .on(CATEGORY.ID.eq(categoryId))
        .fetchGroups(productId, CATEGORY.SLUG)
        .entrySet()
        .stream()
        .collect(
            java.util.stream.Collectors.toMap(Map.Entry::getKey, e -> Set.copyOf(e.getValue())));
  }

  /** The category that each is filed under first. */
  private static Map<Long, ProductAttributes.Filed> filed(
      DSLContext sql, Collection<Long> products) {
    var filed = new LinkedHashMap<Long, ProductAttributes.Filed>();
    sql.select(PRODUCT_CATEGORY.PRODUCT_ID, CATEGORY.SLUG, CATEGORY.TITLE)
        .from(PRODUCT_CATEGORY)
        .join(CATEGORY)
        .on(CATEGORY.ID.eq(PRODUCT_CATEGORY.CATEGORY_ID))
        .where(PRODUCT_CATEGORY.PRODUCT_ID.in(products))
        .orderBy(PRODUCT_CATEGORY.PRODUCT_ID, PRODUCT_CATEGORY.POSITION, CATEGORY.ID)
        .forEach(
            row ->
                filed.putIfAbsent(
                    row.value1(), new ProductAttributes.Filed(row.value2(), row.value3())));
    return filed;
  }

  /** Ids of the products of each category that are sold, those below it among them. */
  Map<String, Set<ProductId>> members() {
    return database.read(
        sql -> {
          var all =
              sql.select(PRODUCT.ID)
                  .from(PRODUCT)
                  .where(PRODUCT.IS_DISCONTINUED.isFalse())
                  .fetch(PRODUCT.ID);
          var members = new HashMap<String, Set<ProductId>>();
          members.put("", all.stream().map(ProductId::new).collect(toSet()));
          categories(sql, all)
              .forEach(
                  (product, slugs) ->
                      slugs.forEach(
                          slug ->
                              members
                                  .computeIfAbsent(slug, _ -> new HashSet<>())
                                  .add(new ProductId(product))));
          return members;
        });
  }

  /** Titles by SKU, in the shop's order. */
  Map<String, String> variants(String slug) {
    return database.read(
        sql ->
            sql.select(VARIANT.SKU, VARIANT.TITLE)
                .from(VARIANT)
                .join(PRODUCT)
                .on(PRODUCT.ID.eq(VARIANT.PRODUCT_ID))
                .where(PRODUCT.SLUG.eq(slug).and(VARIANT.TITLE.isNotNull()))
                .orderBy(VARIANT.POSITION)
                .fetchMap(VARIANT.SKU, VARIANT.TITLE));
  }

  ProductFinder finder() {
    return database.read(
        sql -> {
          var finder = new ProductFinder();
          sql.select(PRODUCT.ID, PRODUCT.SLUG, PRODUCT.TITLE)
              .from(PRODUCT)
              .forEach(
                  row -> {
                    var found = new ProductFinder.Found(row.get(PRODUCT.ID), Optional.empty());
                    finder.add(row.get(PRODUCT.SLUG), found);
                    finder.title(row.get(PRODUCT.ID), row.get(PRODUCT.TITLE));
                  });
          sql.select(VARIANT.PRODUCT_ID, VARIANT.SKU, VARIANT.TITLE)
              .from(VARIANT)
              .forEach(
                  row ->
                      finder.add(
                          row.get(VARIANT.SKU),
                          new ProductFinder.Found(
                              row.get(VARIANT.PRODUCT_ID), Optional.of(row.get(VARIANT.TITLE)))));
          return finder;
        });
  }

  /** Whether a product's name, slug or one of its SKUs holds a text. */
  private static Condition named(String text) {
    return text.isEmpty()
        ? noCondition()
        : PRODUCT
            .TITLE
            .containsIgnoreCase(text)
            .or(PRODUCT.SLUG.containsIgnoreCase(text))
            .or(
                org.jooq.impl.DSL.exists(
                    selectOne()
                        .from(VARIANT)
                        .where(
                            VARIANT
                                .PRODUCT_ID
                                .eq(PRODUCT.ID)
                                .and(VARIANT.SKU.containsIgnoreCase(text)))));
  }

  PagedResult<ProductLine> list(String text, int page, int size) {
    Condition wanted = named(text);
    var variants =
        selectCount().from(VARIANT).where(VARIANT.PRODUCT_ID.eq(PRODUCT.ID)).<Long>asField();
    var published =
        select(count())
            .from(REVIEW)
            .where(
                REVIEW
                    .PRODUCT_ID
                    .eq(PRODUCT.ID)
                    .and(REVIEW.STATUS.eq(inline(ReviewStatus.PUBLISHED))))
            .<Long>asField();
    return database.read(
        sql ->
            new PagedResult<>(
                sql.select(
                        PRODUCT.ID,
                        PRODUCT.SLUG,
                        PRODUCT.TITLE,
                        PRODUCT.PICTURE,
                        variants,
                        published)
                    .from(PRODUCT)
                    .where(wanted)
                    .orderBy(PRODUCT.POSITION, PRODUCT.ID)
                    .limit(size)
                    .offset((page - 1) * size)
                    .fetch(
                        row ->
                            new ProductLine(
                                row.get(PRODUCT.ID),
                                row.get(PRODUCT.SLUG),
                                row.get(PRODUCT.TITLE),
                                row.get(PRODUCT.PICTURE),
                                row.get(4, Long.class),
                                row.get(5, Long.class))),
                page,
                size,
                sql.fetchCount(PRODUCT, wanted)));
  }

  PagedResult<CategoryLine> categories(int page, int size) {
    var products =
        selectCount()
            .from(PRODUCT_CATEGORY)
            .where(PRODUCT_CATEGORY.CATEGORY_ID.eq(CATEGORY.ID))
            .<Long>asField();
    return database.read(
        sql ->
            new PagedResult<>(
                sql.select(CATEGORY.SLUG, CATEGORY.TITLE, products)
                    .from(CATEGORY)
                    .orderBy(CATEGORY.POSITION, CATEGORY.ID)
                    .limit(size)
                    .offset((page - 1) * size)
                    .fetch(
                        row ->
                            new CategoryLine(
                                row.get(CATEGORY.SLUG),
                                row.get(CATEGORY.TITLE),
                                row.get(2, Long.class))),
                page,
                size,
                sql.fetchCount(CATEGORY)));
  }
}
