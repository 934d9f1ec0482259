package nodyes.server.connection;

import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.SEEN_PAGE;
import static nodyes.generated.Tables.SEEN_PAGE_HOUR;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.excluded;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.name;
import static org.jooq.impl.DSL.partitionBy;
import static org.jooq.impl.DSL.replace;
import static org.jooq.impl.DSL.rowNumber;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.sum;
import static org.jooq.impl.DSL.val;
import static org.jooq.impl.DSL.when;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import nodyes.core.common.Slug;
import nodyes.core.nod.PageKind;
import nodyes.core.recognition.Identifier;
import nodyes.core.recognition.RecognisedPage.Sign;
import nodyes.server.database.Database;
import nodyes.server.web.PagedResult;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Record5;
import org.jooq.SelectJoinStep;
import org.jooq.Table;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Pages that were seen this week, as they are kept. */
@Component
class SeenPageStore {
  static final Duration KEPT = Duration.ofDays(7);
  private static final int MOST = 2_000;
  private static final String COMMA = ",";

  private static final Field<BigDecimal> VIEWS =
      field(
          select(coalesce(sum(SEEN_PAGE_HOUR.VIEWS), BigDecimal.ZERO))
              .from(SEEN_PAGE_HOUR)
              .where(SEEN_PAGE_HOUR.PAGE_ID.eq(SEEN_PAGE.ID)));

  private static final Condition NEEDS_THE_OWNER =
      SEEN_PAGE
          .DOUBT
          .isNotNull()
          .or(SEEN_PAGE.LACKING_SPOTS.ne(""))
          .or(SEEN_PAGE.KNOWN_CARDS.lt(SEEN_PAGE.CARDS));

  /** More that are built alike, and lack nothing, are one row. */
  private static final int MOST_ALIKE = 5;

  /** What stands in a shape for what differs. */
  private static final String DIFFERS = "…";

  /** How an address is built: its product left out, where that is all that can differ. */
  private static final Field<String> SHAPE =
      when(
              NEEDS_THE_OWNER
                  .not()
                  .and(SEEN_PAGE.PAGE_KIND.eq(PageKind.PRODUCT))
                  .and(SEEN_PAGE.SIGN.eq(Sign.ADDRESS))
                  .and(SEEN_PAGE.NAMED.isNotNull()),
              replace(SEEN_PAGE.ADDRESS, SEEN_PAGE.NAMED, val(DIFFERS)))
          .otherwise(SEEN_PAGE.ADDRESS);

  private static final Field<Integer> ALIKE = field(name("alike"), Integer.class);
  private static final Field<Integer> NTH = field(name("nth"), Integer.class);
  private static final Field<String> BUILT = field(name("shape"), String.class);
  private static final Field<BigDecimal> OF_ALL = field(name("of_all"), BigDecimal.class);
  private static final Condition IS_SHOWN = ALIKE.le(MOST_ALIKE).or(NTH.eq(1));

  private final Database database;

  SeenPageStore(Database database) {
    this.database = database;
  }

  /** A page with how often and when last it was seen. */
  record Row(SeenPage page, Optional<String> title, long views, Instant lastAt, Alike alike) {}

  /**
   * A page stands for those that are built like it.
   *
   * @param shape how they are built; empty where it stands for itself
   */
  record Alike(String shape, int pages) {
    static final Alike ALONE = new Alike("", 1);
  }

  /**
   * Sums over all pages.
   *
   * @param views since an instant
   * @param bySign of those, of pages that were known, by what
   */
  record Sums(
      long pages,
      SeenPages.Standing standing,
      long views,
      Map<Sign, Long> bySign,
      Optional<Row> last) {}

  void save(Collection<SeenPages.Views> seen, Instant now) {
    if (seen.isEmpty()) {
      return;
    }
    database.change(
        sql -> {
          Map<String, Long> products = products(sql, seen);
          seen.forEach(views -> save(sql, views, products));
          sql.deleteFrom(SEEN_PAGE).where(SEEN_PAGE.LAST_AT.lt(now.minus(KEPT))).execute();
          sql.deleteFrom(SEEN_PAGE_HOUR)
              .where(SEEN_PAGE_HOUR.HOUR.lt(now.minus(KEPT).getEpochSecond()))
              .execute();
          sql.deleteFrom(SEEN_PAGE)
              .where(
                  SEEN_PAGE.ID.in(
                      select(SEEN_PAGE.ID)
                          .from(SEEN_PAGE)
                          .orderBy(SEEN_PAGE.LAST_AT.desc())
                          .limit(-1)
                          .offset(MOST)))
              .execute();
        });
  }

  private static void save(DSLContext sql, SeenPages.Views views, Map<String, Long> products) {
    SeenPage page = views.page();
    SeenPage.What what = page.what();
    var row = sql.newRecord(SEEN_PAGE);
    row.setAddress(page.address());
    row.setPageKind(what.kind().orElse(null));
    row.setProductId(what.product().map(slug -> products.get(slug.value())).orElse(null));
    row.setSign(what.by().orElse(null));
    row.setNamedType(what.named().map(Identifier::type).orElse(null));
    row.setNamed(what.named().map(Identifier::value).orElse(null));
    row.setDoubt(what.doubt().orElse(null));
    row.setCards((long) page.cards());
    row.setKnownCards((long) page.knownCards());
    row.setLackingSpots(String.join(COMMA, page.lacking()));
    row.setLastAt(views.lastAt());
    Long id =
        Objects.requireNonNull(
            sql.insertInto(SEEN_PAGE)
                .set(row)
                .onConflict(SEEN_PAGE.ADDRESS)
                .doUpdate()
                .setAllToExcluded()
                .returningResult(SEEN_PAGE.ID)
                .fetchOne(SEEN_PAGE.ID));
    views
        .byHour()
        .forEach(
            (hour, count) ->
                sql.insertInto(
                        SEEN_PAGE_HOUR,
                        SEEN_PAGE_HOUR.PAGE_ID,
                        SEEN_PAGE_HOUR.HOUR,
                        SEEN_PAGE_HOUR.VIEWS)
                    .values(id, hour.getEpochSecond(), count)
                    .onConflict(SEEN_PAGE_HOUR.PAGE_ID, SEEN_PAGE_HOUR.HOUR)
                    .doUpdate()
                    .set(
                        SEEN_PAGE_HOUR.VIEWS,
                        SEEN_PAGE_HOUR.VIEWS.plus(excluded(SEEN_PAGE_HOUR.VIEWS)))
                    .execute());
  }

  /** Ids by name of all that pages were of, asked for once. */
  private static Map<String, Long> products(DSLContext sql, Collection<SeenPages.Views> seen) {
    return sql.select(PRODUCT.SLUG, PRODUCT.ID)
        .from(PRODUCT)
        .where(
            PRODUCT.SLUG.in(
                seen.stream()
                    .flatMap(views -> views.page().what().product().stream())
                    .map(Slug::value)
                    .distinct()
                    .toList()))
        .fetchMap(PRODUCT.SLUG, PRODUCT.ID);
  }

  /**
   * Those that need the owner first, each in the order in which they were seen last.
   *
   * @param shape those that are built so, each for itself; empty for all
   */
  PagedResult<Row> list(String shape, int page, int size) {
    var built = built();
    Condition wanted = shape.isEmpty() ? IS_SHOWN : BUILT.eq(shape);
    return database.read(
        sql ->
            new PagedResult<>(
                sql.select(SEEN_PAGE.asterisk(), PRODUCT.SLUG, PRODUCT.TITLE)
                    .select(VIEWS.as("all_views"), BUILT, ALIKE, OF_ALL)
                    .from(SEEN_PAGE)
                    .join(built)
                    .on(SEEN_PAGE.ID.eq(built.field(SEEN_PAGE.ID)))
                    .leftJoin(PRODUCT)
                    .on(PRODUCT.ID.eq(SEEN_PAGE.PRODUCT_ID))
                    .where(wanted)
                    .orderBy(
                        when(NEEDS_THE_OWNER, 0).otherwise(1),
                        SEEN_PAGE.LAST_AT.desc(),
                        SEEN_PAGE.ID)
                    .limit(size)
                    .offset((page - 1) * size)
                    .fetch(row -> shape.isEmpty() ? rowOfAlike(row) : row(row)),
                page,
                size,
                sql.fetchCount(sql.selectOne().from(built).where(wanted))));
  }

  /** Each page with how it is built, and which of those that are built so it is. */
  private static Table<Record5<Long, String, Integer, Integer, BigDecimal>> built() {
    return select(
            SEEN_PAGE.ID,
            SHAPE.as(BUILT),
            rowNumber()
                .over(partitionBy(SHAPE).orderBy(SEEN_PAGE.LAST_AT.desc(), SEEN_PAGE.ID))
                .as(NTH),
            count().over(partitionBy(SHAPE)).as(ALIKE),
            sum(VIEWS).over(partitionBy(SHAPE)).as(OF_ALL))
        .from(SEEN_PAGE)
        .asTable("built");
  }

  private static Row rowOfAlike(Record record) {
    Row row = row(record);
    int pages = record.get(ALIKE);
    return pages <= MOST_ALIKE
        ? row
        : new Row(
            row.page(),
            row.title(),
            record.get(OF_ALL).longValue(),
            row.lastAt(),
            new Alike(record.get(BUILT), pages));
  }

  /** What names a product in the address under which its page was seen last. */
  Optional<String> addressName(Slug product) {
    return database.read(
        sql ->
            sql.select(SEEN_PAGE.NAMED)
                .from(SEEN_PAGE)
                .join(PRODUCT)
                .on(PRODUCT.ID.eq(SEEN_PAGE.PRODUCT_ID))
                .where(
                    PRODUCT
                        .SLUG
                        .eq(product.value())
                        .and(SEEN_PAGE.SIGN.eq(Sign.ADDRESS))
                        .and(SEEN_PAGE.NAMED_TYPE.eq(Identifier.Type.ADDRESS)))
                .orderBy(SEEN_PAGE.LAST_AT.desc())
                .limit(1)
                .fetchOptional(SEEN_PAGE.NAMED));
  }

  SeenPages.Standing standing() {
    return database.read(SeenPageStore::standing);
  }

  private static SeenPages.Standing standing(DSLContext sql) {
    return new SeenPages.Standing(
        sql.select(max(SEEN_PAGE.LAST_AT)).from(SEEN_PAGE).fetchOptional(row -> row.value1()),
        sql.fetchCount(SEEN_PAGE, NEEDS_THE_OWNER));
  }

  Sums sums(Instant since) {
    return database.read(
        sql -> {
          var bySign = new EnumMap<Sign, Long>(Sign.class);
          long all = 0;
          for (var row :
              sql.select(SEEN_PAGE.SIGN, SEEN_PAGE.PAGE_KIND, sum(SEEN_PAGE_HOUR.VIEWS))
                  .from(SEEN_PAGE_HOUR)
                  .join(SEEN_PAGE)
                  .on(SEEN_PAGE.ID.eq(SEEN_PAGE_HOUR.PAGE_ID))
                  .where(SEEN_PAGE_HOUR.HOUR.ge(since.getEpochSecond()))
                  .groupBy(SEEN_PAGE.SIGN, SEEN_PAGE.PAGE_KIND)
                  .fetch()) {
            all += row.value3().longValue();
            if (row.value1() != null && row.value2() != null) {
              bySign.merge(row.value1(), row.value3().longValue(), Long::sum);
            }
          }
          return new Sums(
              sql.fetchCount(SEEN_PAGE),
              standing(sql),
              all,
              bySign,
              rows(sql)
                  .orderBy(SEEN_PAGE.LAST_AT.desc())
                  .limit(1)
                  .fetchOptional(SeenPageStore::row));
        });
  }

  private static SelectJoinStep<? extends Record> rows(DSLContext sql) {
    return sql.select(SEEN_PAGE.asterisk(), PRODUCT.SLUG, PRODUCT.TITLE, VIEWS.as("all_views"))
        .from(SEEN_PAGE)
        .leftJoin(PRODUCT)
        .on(PRODUCT.ID.eq(SEEN_PAGE.PRODUCT_ID));
  }

  private static Row row(Record row) {
    return new Row(
        new SeenPage(
            row.get(SEEN_PAGE.ADDRESS),
            new SeenPage.What(
                Optional.ofNullable(row.get(SEEN_PAGE.PAGE_KIND)),
                Optional.ofNullable(row.get(PRODUCT.SLUG)).map(Slug::new),
                Optional.ofNullable(row.get(SEEN_PAGE.SIGN)),
                named(row.get(SEEN_PAGE.NAMED_TYPE), row.get(SEEN_PAGE.NAMED)),
                Optional.ofNullable(row.get(SEEN_PAGE.DOUBT))),
            row.get(SEEN_PAGE.CARDS).intValue(),
            row.get(SEEN_PAGE.KNOWN_CARDS).intValue(),
            Stream.of(row.get(SEEN_PAGE.LACKING_SPOTS).split(COMMA))
                .filter(spot -> !spot.isEmpty())
                .toList()),
        Optional.ofNullable(row.get(PRODUCT.TITLE)),
        row.get("all_views", Long.class),
        row.get(SEEN_PAGE.LAST_AT),
        Alike.ALONE);
  }

  private static Optional<Identifier> named(
      Identifier.@Nullable Type type, @Nullable String value) {
    return type == null || value == null ? Optional.empty() : Identifier.of(type, value);
  }
}
