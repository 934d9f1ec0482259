package nodyes.server.people;

import static nodyes.generated.Tables.ACCOUNT;
import static nodyes.generated.Tables.SIGN_IN;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class SignInStore {
  private final Database database;

  SignInStore(Database database) {
    this.database = database;
  }

  long add(long person, String tokenHash, String device, Instant now) {
    return database.write(
        sql ->
            sql.insertInto(
                    SIGN_IN,
                    SIGN_IN.ACCOUNT_ID,
                    SIGN_IN.TOKEN_HASH,
                    SIGN_IN.DEVICE,
                    SIGN_IN.SINCE_AT,
                    SIGN_IN.SEEN_AT)
                .values(person, tokenHash, device, now, now)
                .returning(SIGN_IN.ID)
                .fetchSingle(SIGN_IN.ID));
  }

  Optional<SignIn> find(String tokenHash) {
    return database.read(
        sql ->
            sql.selectFrom(SIGN_IN)
                .where(SIGN_IN.TOKEN_HASH.eq(tokenHash))
                .fetchOptional(SignInStore::read));
  }

  List<SignIn> of(long person, int most) {
    return database.read(
        sql ->
            sql.selectFrom(SIGN_IN)
                .where(SIGN_IN.ACCOUNT_ID.eq(person))
                .orderBy(SIGN_IN.SEEN_AT.desc(), SIGN_IN.ID.desc())
                .limit(most)
                .fetch(SignInStore::read));
  }

  /** When each person was seen last. */
  Map<Long, Instant> lastSeen() {
    var last = org.jooq.impl.DSL.max(SIGN_IN.SEEN_AT);
    return database.read(
        sql ->
            sql.select(ACCOUNT.ID, last)
                .from(ACCOUNT)
                .join(SIGN_IN)
                .on(SIGN_IN.ACCOUNT_ID.eq(ACCOUNT.ID))
                .groupBy(ACCOUNT.ID)
                .fetchMap(ACCOUNT.ID, last));
  }

  private static SignIn read(nodyes.generated.tables.records.SignInRecord row) {
    return new SignIn(
        row.getId(), row.getAccountId(), row.getDevice(), row.getSinceAt(), row.getSeenAt());
  }

  boolean end(long person, long id) {
    return database.write(
        sql ->
            sql.deleteFrom(SIGN_IN)
                    .where(SIGN_IN.ID.eq(id).and(SIGN_IN.ACCOUNT_ID.eq(person)))
                    .execute()
                > 0);
  }

  /** Ends all of a person but one; 0 spares none. */
  void endOthers(long person, long spared) {
    database.change(
        sql ->
            sql.deleteFrom(SIGN_IN)
                .where(SIGN_IN.ACCOUNT_ID.eq(person).and(SIGN_IN.ID.ne(spared)))
                .execute());
  }

  void seen(Map<Long, Instant> when) {
    database.change(
        sql ->
            when.forEach(
                (id, at) ->
                    sql.update(SIGN_IN)
                        .set(SIGN_IN.SEEN_AT, at)
                        .where(SIGN_IN.ID.eq(id))
                        .execute()));
  }

  int forget(Instant sinceBefore, Instant seenBefore) {
    return database.write(
        sql ->
            sql.deleteFrom(SIGN_IN)
                .where(SIGN_IN.SINCE_AT.lt(sinceBefore).or(SIGN_IN.SEEN_AT.lt(seenBefore)))
                .execute());
  }
}
