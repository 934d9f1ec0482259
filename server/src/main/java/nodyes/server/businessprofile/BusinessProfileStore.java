package nodyes.server.businessprofile;

import static nodyes.generated.Tables.BUSINESS_PROFILE;
import static nodyes.generated.Tables.BUSINESS_PROFILE_REVIEW;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nodyes.generated.tables.records.BusinessProfileRecord;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class BusinessProfileStore {
  private static final long ONLY = 1;

  private final Database database;

  BusinessProfileStore(Database database) {
    this.database = database;
  }

  /** What is needed to ask. */
  record Asking(
      String service, String profileId, String secret, int everyHours, Optional<Instant> at) {}

  Optional<Asking> asking() {
    return database.read(
        sql ->
            sql.selectFrom(BUSINESS_PROFILE)
                .fetchOptional(
                    row ->
                        new Asking(
                            row.getServiceUrl(),
                            row.getProfileId(),
                            row.getSecret(),
                            Math.toIntExact(row.getEveryHours()),
                            Optional.ofNullable(row.getRequestedAt()))));
  }

  Optional<BusinessProfileView> find() {
    return database.read(
        sql ->
            sql.selectFrom(BUSINESS_PROFILE)
                .fetchOptional(
                    row -> {
                      List<BusinessProfileView.Item> all =
                          sql.selectFrom(BUSINESS_PROFILE_REVIEW)
                              .orderBy(BUSINESS_PROFILE_REVIEW.POSITION)
                              .fetch(
                                  review ->
                                      new BusinessProfileView.Item(
                                          stars(review.getStars()),
                                          review.getText(),
                                          review.getReviewer(),
                                          review.getLanguage(),
                                          review.getReviewedOn(),
                                          review.getLink()));
                      return view(row, all);
                    }));
  }

  private static BusinessProfileView view(
      BusinessProfileRecord row, List<BusinessProfileView.Item> all) {
    BigDecimal least = BigDecimal.valueOf(row.getMinStars());
    List<BusinessProfileView.Item> shown =
        all.stream().filter(item -> item.stars().compareTo(least) >= 0).toList();
    return new BusinessProfileView(
        new BusinessProfileView.Connection(
            row.getServiceUrl(),
            row.getProfileId(),
            Math.toIntExact(row.getMinStars()),
            Math.toIntExact(row.getEveryHours())),
        new BusinessProfileView.Entry(
            row.getTitle(),
            row.getRating() == null ? null : stars(row.getRating()),
            row.getReviews(),
            row.getLink()),
        new BusinessProfileView.Lookup(row.getRequestedAt(), row.getUpdatedAt(), row.getFailure()),
        shown,
        all.size() - shown.size());
  }

  private static BigDecimal stars(Number stars) {
    return BigDecimal.valueOf(stars.doubleValue()).setScale(1, RoundingMode.HALF_UP);
  }

  void save(BusinessProfiles.Connection connection, String secret) {
    database.change(
        sql -> {
          var row = sql.newRecord(BUSINESS_PROFILE);
          row.setId(ONLY);
          row.setServiceUrl(connection.service());
          row.setProfileId(connection.profileId());
          row.setSecret(secret);
          row.setMinStars((long) connection.minStars());
          row.setEveryHours((long) connection.everyHours());
          sql.insertInto(BUSINESS_PROFILE)
              .set(row)
              .onConflict(BUSINESS_PROFILE.ID)
              .doUpdate()
              .set(BUSINESS_PROFILE.SERVICE_URL, connection.service())
              .set(BUSINESS_PROFILE.PROFILE_ID, connection.profileId())
              .set(BUSINESS_PROFILE.SECRET, secret)
              .set(BUSINESS_PROFILE.MIN_STARS, (long) connection.minStars())
              .set(BUSINESS_PROFILE.EVERY_HOURS, (long) connection.everyHours())
              .execute();
        });
  }

  /** Puts an answer in the place of the one before, whole. */
  void answered(DirectoryResponse answer, Instant now) {
    database.change(
        sql -> {
          sql.update(BUSINESS_PROFILE)
              .set(BUSINESS_PROFILE.TITLE, answer.title())
              .set(
                  BUSINESS_PROFILE.RATING, answer.rating().map(BigDecimal::floatValue).orElse(null))
              .set(BUSINESS_PROFILE.REVIEWS, answer.reviews().map(Integer::longValue).orElse(null))
              .set(BUSINESS_PROFILE.LINK, answer.link().orElse(null))
              .set(BUSINESS_PROFILE.REQUESTED_AT, now)
              .set(BUSINESS_PROFILE.UPDATED_AT, now)
              .setNull(BUSINESS_PROFILE.FAILURE)
              .execute();
          sql.deleteFrom(BUSINESS_PROFILE_REVIEW).execute();
          int position = 0;
          for (BusinessProfileView.Item item : answer.items()) {
            var row = sql.newRecord(BUSINESS_PROFILE_REVIEW);
            row.setPosition(position++);
            row.setStars(item.stars().floatValue());
            row.setText(item.text());
            row.setReviewer(item.reviewer());
            row.setLanguage(item.language());
            row.setReviewedOn(item.reviewedOn());
            row.setLink(item.link());
            row.insert();
          }
        });
  }

  /** Says why nothing came; what was here stays. */
  void failed(String why, Instant now) {
    database.change(
        sql ->
            sql.update(BUSINESS_PROFILE)
                .set(BUSINESS_PROFILE.FAILURE, why)
                .set(BUSINESS_PROFILE.REQUESTED_AT, now)
                .execute());
  }

  void forget() {
    database.change(
        sql -> {
          sql.deleteFrom(BUSINESS_PROFILE_REVIEW).execute();
          sql.deleteFrom(BUSINESS_PROFILE).execute();
        });
  }
}
