package nodyes.server.publishedreviews;

import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_VOTE;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.when;

import java.time.Instant;
import java.util.Optional;
import nodyes.core.review.ReviewStatus;
import nodyes.core.review.Votes;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

/** Votes of shoppers on published reviews. */
@Component
class VoteStore {
  private final Database database;

  VoteStore(Database database) {
    this.database = database;
  }

  /** Who votes and from where: names that can be told apart and traced to nobody. */
  record From(String voter, String network) {}

  /**
   * Keeps a shopper's vote in place of the one before from that browser or network, or takes it
   * away; the counts that come of it. Empty for a review that shoppers do not see.
   *
   * @param isHelpful empty to take it away
   */
  Optional<Votes> vote(long review, From from, Optional<Boolean> isHelpful, Instant now) {
    return database.write(
        sql -> {
          if (!sql.fetchExists(
              REVIEW, REVIEW.ID.eq(review).and(REVIEW.STATUS.eq(inline(ReviewStatus.PUBLISHED))))) {
            return Optional.empty();
          }
          sql.deleteFrom(REVIEW_VOTE)
              .where(REVIEW_VOTE.REVIEW_ID.eq(review))
              .and(REVIEW_VOTE.VOTER.eq(from.voter()).or(REVIEW_VOTE.NETWORK.eq(from.network())))
              .execute();
          isHelpful.ifPresent(
              helpful ->
                  sql.insertInto(REVIEW_VOTE)
                      .set(REVIEW_VOTE.REVIEW_ID, review)
                      .set(REVIEW_VOTE.VOTER, from.voter())
                      .set(REVIEW_VOTE.NETWORK, from.network())
                      .set(REVIEW_VOTE.IS_HELPFUL, helpful)
                      .set(REVIEW_VOTE.VOTED_AT, now)
                      .execute());
          var helpful = count(when(REVIEW_VOTE.IS_HELPFUL.isTrue(), inline(1)));
          Votes atSource =
              sql.select(REVIEW.SOURCE_HELPFUL, REVIEW.SOURCE_NOT_HELPFUL)
                  .from(REVIEW)
                  .where(REVIEW.ID.eq(review))
                  .fetchSingle(row -> new Votes(row.value1(), row.value2()));
          Votes here =
              sql.select(helpful, count())
                  .from(REVIEW_VOTE)
                  .where(REVIEW_VOTE.REVIEW_ID.eq(review))
                  .fetchSingle(
                      row -> new Votes(row.value1(), row.value2().longValue() - row.value1()));
          Votes votes = here.with(atSource);
          sql.update(REVIEW)
              .set(REVIEW.HELPFUL, votes.helpful())
              .set(REVIEW.NOT_HELPFUL, votes.notHelpful())
              .set(REVIEW.HELPFULNESS, votes.helpfulness())
              .where(REVIEW.ID.eq(review))
              .execute();
          return Optional.of(votes);
        });
  }
}
