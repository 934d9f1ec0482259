package nodyes.server.reviews;

import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.REVIEW;
import static org.jooq.impl.DSL.exists;
import static org.jooq.impl.DSL.falseCondition;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.noCondition;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.selectCount;
import static org.jooq.impl.DSL.selectOne;
import static org.jooq.impl.DSL.table;
import static org.jooq.impl.DSL.val;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import nodyes.core.rating.Rating;
import nodyes.core.review.ReviewDate;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.SortOrder;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;

/**
 * Which reviews a filter asks for, so that the first of very many come at once.
 *
 * <p>One part of the filter, the one that lets the fewest through, leads: its index is walked in
 * the order of arrival until the page is full. The other parts only check what it finds, and are
 * written so that SQLite cannot take one of their indexes and sort instead.
 */
public final class ReviewQueryStore {
  private static final Table<?> WORDS = table("review_fts");
  private static final Field<Long> WORDS_OF = field("review_fts.rowid", Long.class);

  /** A longer stretch of days holds so many reviews that sorting them takes longer than walking. */
  private static final long FEW_DAYS = 92;

  /** What can lead, most selective first. */
  private enum Lead {
    TEXT,
    BATCH,
    PRODUCT,
    FLAG,
    PICTURES,
    ORIGIN,
    LANGUAGE,
    COUNTRY,
    DAYS,
    STATE
  }

  private final ReviewFilter filter;
  private final Lead lead;
  private final Optional<String> words;

  private ReviewQueryStore(ReviewFilter filter) {
    this.filter = filter;
    this.lead = lead(filter);
    this.words =
        filter.text().isBlank() ? Optional.empty() : Optional.of(SearchText.query(filter.text()));
  }

  /** As a condition on the reviews, for those that take all of them. */
  public static Condition condition(ReviewFilter filter) {
    var wanted = new ReviewQueryStore(filter);
    Condition other = wanted.columns();
    return wanted.words.isPresent() ? other.and(saying(filter.text())) : other;
  }

  /** Their ids, in the order in which they came or the other way round, from one on. */
  static Select<Record1<Long>> ids(ReviewFilter filter, SortOrder order, int size, long offset) {
    var wanted = new ReviewQueryStore(filter);
    if (wanted.words.isPresent()) {
      String query = wanted.words.get();
      Field<Long> id = WORDS_OF.as("id");
      if (query.isEmpty()) {
        return select(id).from(WORDS).where(falseCondition());
      }
      Condition other = wanted.columns();
      return select(id)
          .from(WORDS)
          .where(matching(query))
          .and(
              wanted.isOnlyText()
                  ? noCondition()
                  : exists(selectOne().from(REVIEW).where(REVIEW.ID.eq(WORDS_OF)).and(other)))
          .orderBy(WORDS_OF.sort(order))
          .limit(size)
          .offset(offset);
    }
    return select(REVIEW.ID)
        .from(REVIEW)
        .where(wanted.columns())
        .orderBy(REVIEW.ID.sort(order))
        .limit(size)
        .offset(offset);
  }

  /** How many there are. */
  static Select<Record1<Integer>> count(ReviewFilter filter) {
    var wanted = new ReviewQueryStore(filter);
    if (wanted.words.isPresent() && wanted.isOnlyText()) {
      String query = wanted.words.get();
      return selectCount().from(WORDS).where(query.isEmpty() ? falseCondition() : matching(query));
    }
    return selectCount().from(REVIEW).where(condition(filter));
  }

  /** As a condition: all words of a text occur, each by its beginning. */
  public static Condition saying(String text) {
    String query = SearchText.query(text);
    return query.isEmpty()
        ? falseCondition()
        : REVIEW.ID.in(select(WORDS_OF).from(WORDS).where(matching(query)));
  }

  private static Condition matching(String query) {
    return DSL.condition("review_fts match {0}", val(query));
  }

  private static Lead lead(ReviewFilter filter) {
    if (!filter.text().isBlank()) {
      return Lead.TEXT;
    }
    if (filter.batch() != null) {
      return Lead.BATCH;
    }
    if (filter.product() != null) {
      return Lead.PRODUCT;
    }
    if (filter.flag() != null) {
      return Lead.FLAG;
    }
    if (Boolean.TRUE.equals(filter.traits().pictures())) {
      return Lead.PICTURES;
    }
    if (filter.traits().origin() != null
        && filter.traits().origin() != ReviewListItem.Origin.IMPORTED) {
      return Lead.ORIGIN;
    }
    if (filter.traits().language() != null) {
      return Lead.LANGUAGE;
    }
    if (filter.traits().country() != null) {
      return Lead.COUNTRY;
    }
    return isFewDays(filter.traits().from(), filter.traits().to()) ? Lead.DAYS : Lead.STATE;
  }

  private static boolean isFewDays(@Nullable LocalDate from, @Nullable LocalDate to) {
    return from != null && to != null && ChronoUnit.DAYS.between(from, to) <= FEW_DAYS;
  }

  private boolean isOnlyText() {
    return new ReviewFilter(null, null, null, filter.text(), null, null, ReviewTraits.ANY)
        .equals(filter);
  }

  /** The column, whose index can be taken only when it leads. */
  private <T> Field<T> column(TableField<?, T> column, Lead its) {
    return its == lead ? column : field("+{0}", column.getDataType(), column);
  }

  private Condition columns() {
    return state()
        .and(product())
        .and(batch())
        .and(stars())
        .and(language())
        .and(country())
        .and(origin())
        .and(flag())
        .and(pictures())
        .and(days())
        .and(decided());
  }

  private Condition state() {
    if (filter.status() == null) {
      return noCondition();
    }
    // the indexes of an import and of a product go on with the state
    boolean goesOn =
        switch (lead) {
          case BATCH, PRODUCT, STATE -> true;
          case TEXT, FLAG, PICTURES, ORIGIN, LANGUAGE, COUNTRY, DAYS -> false;
        };
    return (goesOn ? REVIEW.STATUS : column(REVIEW.STATUS, Lead.STATE)).eq(filter.status());
  }

  private Condition product() {
    return filter.product() == null
        ? noCondition()
        : column(REVIEW.PRODUCT_ID, Lead.PRODUCT)
            .eq(select(PRODUCT.ID).from(PRODUCT).where(PRODUCT.SLUG.eq(filter.product())));
  }

  private Condition batch() {
    return filter.batch() == null
        ? noCondition()
        : column(REVIEW.IMPORT_ID, Lead.BATCH).eq(filter.batch());
  }

  private Condition stars() {
    if (filter.traits().stars() == null) {
      return noCondition();
    }
    int middle = filter.traits().stars() * Rating.PER_STAR;
    return REVIEW
        .RATING_PARTS
        .ge(middle - Rating.PER_STAR / 2)
        .and(REVIEW.RATING_PARTS.lt(middle + Rating.PER_STAR / 2));
  }

  /** 'pt' is 'pt-BR' too. */
  private Condition language() {
    if (filter.traits().language() == null) {
      return noCondition();
    }
    String asked = filter.traits().language();
    int region = asked.indexOf('-');
    String spoken = region < 0 ? asked : asked.substring(0, region);
    return column(REVIEW.PRIMARY_LANGUAGE, Lead.LANGUAGE)
        .eq(spoken)
        .and(
            region < 0
                ? noCondition()
                : REVIEW.LANGUAGE.eq(asked).or(REVIEW.LANGUAGE.startsWith(asked + "-")));
  }

  private Condition country() {
    return filter.traits().country() == null
        ? noCondition()
        : column(REVIEW.COUNTRY, Lead.COUNTRY).eq(filter.traits().country());
  }

  private Condition origin() {
    if (filter.traits().origin() == null) {
      return noCondition();
    }
    Condition eq = column(REVIEW.ORIGIN, Lead.ORIGIN).eq(filter.traits().origin());
    return lead == Lead.ORIGIN
        ? eq.and(REVIEW.ORIGIN.ne(inline(ReviewListItem.Origin.IMPORTED)))
        : eq;
  }

  private Condition flag() {
    if (filter.flag() == null) {
      return noCondition();
    }
    Condition marked = REVIEW.FLAGS.bitAnd(filter.flag().bit()).ne(0L);
    return lead == Lead.FLAG ? marked.and(REVIEW.FLAGS.ne(inline(0L))) : marked;
  }

  private Condition pictures() {
    if (filter.traits().pictures() == null) {
      return noCondition();
    }
    return filter.traits().pictures()
        ? REVIEW.PICTURE_COUNT.gt(inline(0L))
        : REVIEW.PICTURE_COUNT.eq(0L);
  }

  private Condition days() {
    Field<ReviewDate> date = column(REVIEW.REVIEWED_ON, Lead.DAYS);
    LocalDate from = filter.traits().from();
    LocalDate to = filter.traits().to();
    return (from == null ? noCondition() : date.ge(ReviewDate.from(from)))
        .and(to == null ? noCondition() : date.le(ReviewDate.on(to)));
  }

  private Condition decided() {
    return switch (filter.decision()) {
      case null -> noCondition();
      case OPEN -> REVIEW.IMPORT_DECISION.isNull();
      case ACCEPTED, LEFT_OUT -> REVIEW.IMPORT_DECISION.eq(filter.decision());
    };
  }
}
