package nodyes.server.listing;

import static nodyes.generated.Tables.LISTING;
import static nodyes.generated.Tables.LISTING_REVIEW;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nodyes.generated.tables.records.ListingRecord;
import nodyes.server.database.Database;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

@Component
class ListingStore {
  private static final long ONLY = 1;

  private final Database database;

  ListingStore(Database database) {
    this.database = database;
  }

  /** What is needed to ask. */
  record Asking(
      String service, String place, String secret, int everyHours, Optional<Instant> at) {}

  Optional<Asking> asking() {
    return database.read(
        sql ->
            sql.selectFrom(LISTING)
                .fetchOptional(
                    row ->
                        new Asking(
                            row.getService(),
                            row.getPlace(),
                            row.getSecret(),
                            Math.toIntExact(row.getEveryHours()),
                            Optional.ofNullable(row.getAskedAt()))));
  }

  Optional<ListingView> find() {
    return database.read(
        sql ->
            sql.selectFrom(LISTING)
                .fetchOptional(
                    row -> {
                      List<ListingView.Item> all =
                          sql.selectFrom(LISTING_REVIEW)
                              .orderBy(LISTING_REVIEW.POSITION)
                              .fetch(
                                  review ->
                                      new ListingView.Item(
                                          stars(review.getStars()),
                                          review.getWords(),
                                          review.getReviewer(),
                                          review.getLanguage(),
                                          day(review.getWrittenOn()),
                                          review.getLink()));
                      return view(row, all);
                    }));
  }

  private static ListingView view(ListingRecord row, List<ListingView.Item> all) {
    BigDecimal least = BigDecimal.valueOf(row.getLeastStars());
    List<ListingView.Item> shown =
        all.stream().filter(item -> item.stars().compareTo(least) >= 0).toList();
    return new ListingView(
        row.getService(),
        row.getPlace(),
        Math.toIntExact(row.getLeastStars()),
        Math.toIntExact(row.getEveryHours()),
        row.getTitle(),
        row.getRating() == null ? null : stars(row.getRating()),
        row.getReviews(),
        row.getLink(),
        row.getAskedAt(),
        row.getAnsweredAt(),
        row.getFailure(),
        shown,
        all.size() - shown.size());
  }

  private static BigDecimal stars(Number stars) {
    return BigDecimal.valueOf(stars.doubleValue()).setScale(1, RoundingMode.HALF_UP);
  }

  private static @Nullable LocalDate day(@Nullable String text) {
    return text == null ? null : LocalDate.parse(text);
  }

  void save(Listing.Connection connection, String secret) {
    database.change(
        sql -> {
          var row = sql.newRecord(LISTING);
          row.setId(ONLY);
          row.setService(connection.service());
          row.setPlace(connection.place());
          row.setSecret(secret);
          row.setLeastStars((long) connection.leastStars());
          row.setEveryHours((long) connection.everyHours());
          sql.insertInto(LISTING)
              .set(row)
              .onConflict(LISTING.ID)
              .doUpdate()
              .set(LISTING.SERVICE, connection.service())
              .set(LISTING.PLACE, connection.place())
              .set(LISTING.SECRET, secret)
              .set(LISTING.LEAST_STARS, (long) connection.leastStars())
              .set(LISTING.EVERY_HOURS, (long) connection.everyHours())
              .execute();
        });
  }

  /** Puts an answer in the place of the one before, whole. */
  void answered(DirectoryAnswer answer, Instant now) {
    database.change(
        sql -> {
          sql.update(LISTING)
              .set(LISTING.TITLE, answer.title())
              .set(LISTING.RATING, answer.rating().map(BigDecimal::floatValue).orElse(null))
              .set(LISTING.REVIEWS, answer.reviews().map(Integer::longValue).orElse(null))
              .set(LISTING.LINK, answer.link().orElse(null))
              .set(LISTING.ASKED_AT, now)
              .set(LISTING.ANSWERED_AT, now)
              .setNull(LISTING.FAILURE)
              .execute();
          sql.deleteFrom(LISTING_REVIEW).execute();
          int position = 0;
          for (ListingView.Item item : answer.items()) {
            var row = sql.newRecord(LISTING_REVIEW);
            row.setPosition(position++);
            row.setStars(item.stars().floatValue());
            row.setWords(item.words());
            row.setReviewer(item.reviewer());
            row.setLanguage(item.language());
            row.setWrittenOn(item.writtenOn() == null ? null : item.writtenOn().toString());
            row.setLink(item.link());
            row.insert();
          }
        });
  }

  /** Says why nothing came; what was here stays. */
  void failed(String why, Instant now) {
    database.change(
        sql -> sql.update(LISTING).set(LISTING.FAILURE, why).set(LISTING.ASKED_AT, now).execute());
  }

  void forget() {
    database.change(
        sql -> {
          sql.deleteFrom(LISTING_REVIEW).execute();
          sql.deleteFrom(LISTING).execute();
        });
  }
}
