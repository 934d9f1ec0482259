package nodyes.server.reviews;

import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_PICTURE;
import static org.jooq.impl.DSL.max;

import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nodyes.core.imports.ImportedReview;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.review.ReviewDate;
import nodyes.core.review.ReviewStatus;
import nodyes.generated.tables.records.ReviewPictureRecord;
import nodyes.server.database.Database;
import nodyes.server.database.Lines;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Stores reviews as files bring them, many at once: one statement, rendered once from the typed
 * columns and bound by the driver itself, which takes a third of the time of binding through jOOQ.
 */
@Component
class ReviewWriter {
  private static final List<Field<?>> COLUMNS =
      List.of(
          REVIEW.ID,
          REVIEW.PRODUCT_ID,
          REVIEW.VARIANT,
          REVIEW.RAW_VARIANT,
          REVIEW.RATING_PARTS,
          REVIEW.RAW_RATING,
          REVIEW.TITLE,
          REVIEW.TEXT,
          REVIEW.REVIEWER,
          REVIEW.RAW_REVIEWER,
          REVIEW.COUNTRY,
          REVIEW.LANGUAGE,
          REVIEW.REVIEWED_ON,
          REVIEW.STATUS,
          REVIEW.ORIGIN,
          REVIEW.ORDER_NUMBER,
          REVIEW.SOURCE,
          REVIEW.SOURCE_ID,
          REVIEW.SOURCE_LINE,
          REVIEW.IMPORT_ID,
          REVIEW.FINGERPRINT,
          REVIEW.FLAGS,
          REVIEW.PICTURE_COUNT,
          REVIEW.REPLY,
          REVIEW.REPLIED_BY,
          REVIEW.REPLIED_AT,
          REVIEW.PROS,
          REVIEW.CONS,
          REVIEW.INCENTIVE,
          REVIEW.IS_VERIFIED_AT_SOURCE,
          REVIEW.SOURCE_HELPFUL,
          REVIEW.SOURCE_NOT_HELPFUL,
          REVIEW.HELPFUL,
          REVIEW.NOT_HELPFUL,
          REVIEW.HELPFULNESS,
          REVIEW.IS_FEATURED,
          REVIEW.IMPORT_DECISION,
          REVIEW.IMPORT_DECISION_REASON,
          REVIEW.IS_CONTACT_HIDDEN,
          REVIEW.RECEIVED_AT);

  /** The table is virtual, so there is no generated type for it. */
  private static final String INDEX = "insert into review_fts(rowid, text) values (?, ?)";

  private static final Lines LINES = new Lines();

  private final Database database;

  ReviewWriter(Database database) {
    this.database = database;
  }

  /** Stores them; the id of the first, which those of the others follow. */
  long add(List<NewReview> reviews) {
    return database.write(
        sql -> {
          long first =
              sql.select(max(REVIEW.ID)).from(REVIEW).fetchOptional(max(REVIEW.ID)).orElse(0L) + 1;
          String insert =
              sql.insertInto(REVIEW, COLUMNS)
                  .values(Collections.nCopies(COLUMNS.size(), null))
                  .getSQL();
          sql.connection(
              connection -> {
                try (PreparedStatement row = connection.prepareStatement(insert);
                    PreparedStatement text = connection.prepareStatement(INDEX)) {
                  long id = first;
                  for (NewReview review : reviews) {
                    bind(row, id, review);
                    row.addBatch();
                    text.setLong(1, id);
                    text.setString(2, searched(review));
                    text.addBatch();
                    id++;
                  }
                  row.executeBatch();
                  text.executeBatch();
                }
              });
          pictures(sql, first, reviews);
          criteria(sql, first, reviews);
          return first;
        });
  }

  private static String searched(NewReview review) {
    var candidate = review.candidate();
    return SearchText.indexed(
        candidate.text().title().orElse(""),
        candidate.text().body().orElse(""),
        review.reviewer().orElse(""));
  }

  private static void pictures(DSLContext sql, long first, List<NewReview> reviews) {
    var rows = new ArrayList<ReviewPictureRecord>();
    for (int i = 0; i < reviews.size(); i++) {
      List<String> addresses = reviews.get(i).candidate().media().pictures();
      for (int position = 0; position < addresses.size(); position++) {
        var row = sql.newRecord(REVIEW_PICTURE);
        row.setReviewId(first + i);
        row.setPosition(position);
        row.setAddress(addresses.get(position));
        rows.add(row);
      }
    }
    if (!rows.isEmpty()) {
      sql.batchInsert(rows).execute();
    }
  }

  private static void criteria(DSLContext sql, long first, List<NewReview> reviews) {
    var given = new LinkedHashMap<Long, Map<String, Integer>>();
    for (int i = 0; i < reviews.size(); i++) {
      Map<String, Integer> stars = reviews.get(i).candidate().extras().criteria();
      if (!stars.isEmpty()) {
        given.put(first + i, stars);
      }
    }
    if (!given.isEmpty()) {
      DetailStore.rateByName(sql, given);
    }
  }

  private static @Nullable String lines(List<String> notes) {
    return LINES.to(notes);
  }

  /**
   * What shoppers could not see before they do not see now; all else waits. What was left out waits
   * on the sorting table, so that it counts where what is kept is compared with what came.
   */
  private static ReviewStatus status(ImportedReview.Decided before) {
    return switch (before.status()) {
      case ON_HOLD, SPAM -> before.status();
      case PENDING, PUBLISHED, LEFT_OUT -> ReviewStatus.PENDING;
    };
  }

  private static @Nullable String decision(ImportedReview.Decided before) {
    return before.status() == ReviewStatus.LEFT_OUT
        ? ReviewFilter.ImportDecision.LEFT_OUT.name()
        : null;
  }

  private static ReviewListItem.Origin origin(NewReview review) {
    if (review.orderNumber().isPresent()) {
      return ReviewListItem.Origin.VERIFIED;
    }
    return review.source().isPresent()
        ? ReviewListItem.Origin.IMPORTED
        : ReviewListItem.Origin.UNVERIFIED;
  }

  /** In the order of {@link #COLUMNS}. */
  private static void bind(PreparedStatement statement, long id, NewReview review)
      throws SQLException {
    var candidate = review.candidate();
    ImportedReview.Extras extras = candidate.extras();
    @Nullable Object[] values = {
      id,
      review.productId(),
      review.variant().orElse(null),
      candidate.variant().orElse(null),
      candidate.rating().parts(),
      candidate.givenRating(),
      candidate.text().title().orElse(null),
      candidate.text().body().orElse(null),
      review.reviewer().orElse(null),
      candidate.writer().name().orElse(null),
      candidate.writer().country().orElse(null),
      candidate.text().language().orElse(null),
      candidate.source().reviewedOn().map(ReviewDate::toString).orElse(null),
      status(extras.decided()).name(),
      origin(review).name(),
      review.orderNumber().orElse(null),
      review.source().orElse(null),
      candidate.source().sourceId().orElse(null),
      candidate.line() == 0 ? null : candidate.line(),
      review.batchId() == 0 ? null : review.batchId(),
      review.fingerprint(),
      review.flags(),
      candidate.media().pictures().size(),
      extras.reply().map(ImportedReview.Reply::text).orElse(null),
      extras.reply().flatMap(_ -> review.source()).orElse(null),
      extras.reply().flatMap(ImportedReview.Reply::at).map(Instant::toEpochMilli).orElse(null),
      lines(candidate.text().pros()),
      lines(candidate.text().cons()),
      candidate.source().incentive().orElse(null),
      candidate.source().isVerifiedThere() ? 1 : 0,
      extras.votes().helpful(),
      extras.votes().notHelpful(),
      extras.votes().helpful(),
      extras.votes().notHelpful(),
      extras.votes().helpfulness(),
      extras.decided().isFeatured() ? 1 : 0,
      decision(extras.decided()),
      extras.decided().reason().map(Enum::name).orElse(null),
      // hidden until the owner decides otherwise
      (review.flags() & ReviewFlag.CONTACT_DETAILS.bit()) == 0 ? 0 : 1,
      review.arrivedAt().toEpochMilli()
    };
    for (int i = 0; i < values.length; i++) {
      statement.setObject(i + 1, values[i]);
    }
  }
}
