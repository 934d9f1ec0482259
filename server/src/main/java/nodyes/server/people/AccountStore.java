package nodyes.server.people;

import static nodyes.generated.Tables.ACCOUNT;
import static nodyes.generated.Tables.INVITATION;
import static nodyes.generated.Tables.RECOVERY_CODE;
import static nodyes.generated.Tables.SIGN_IN_RULE;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import nodyes.generated.tables.records.AccountRecord;
import nodyes.server.database.Database;
import org.jooq.Condition;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

@Component
class AccountStore {
  private final Database database;

  AccountStore(Database database) {
    this.database = database;
  }

  boolean hasPeople() {
    return database.read(sql -> sql.fetchExists(ACCOUNT));
  }

  Optional<Account> person(String email) {
    return person(ACCOUNT.EMAIL.eq(email));
  }

  Optional<Account> person(long id) {
    return person(ACCOUNT.ID.eq(id));
  }

  private Optional<Account> person(Condition which) {
    return database.read(
        sql -> sql.selectFrom(ACCOUNT).where(which).fetchOptional(AccountStore::read));
  }

  List<Account> people(int most) {
    return database.read(
        sql -> sql.selectFrom(ACCOUNT).orderBy(ACCOUNT.ID).limit(most).fetch(AccountStore::read));
  }

  private static Account read(AccountRecord row) {
    return new Account(
        row.getId(),
        row.getEmail(),
        row.getName(),
        row.getPasswordHash(),
        row.getRole(),
        Optional.ofNullable(row.getSecondStepSecret()),
        Optional.ofNullable(row.getLanguage()),
        row.getCreatedAt());
  }

  Account add(String email, String name, String passwordHash, Role role, Instant now) {
    return database.write(
        sql -> {
          AccountRecord row = sql.newRecord(ACCOUNT);
          row.setEmail(email);
          row.setName(name);
          row.setPasswordHash(passwordHash);
          row.setRole(role);
          row.setCreatedAt(now);
          row.store();
          return new Account(
              row.getId(),
              email,
              name,
              passwordHash,
              role,
              Optional.empty(),
              Optional.empty(),
              now);
        });
  }

  void setLanguage(long person, String language) {
    database.change(
        sql ->
            sql.update(ACCOUNT)
                .set(ACCOUNT.LANGUAGE, language)
                .where(ACCOUNT.ID.eq(person))
                .execute());
  }

  void setPassword(long person, String hash) {
    database.change(
        sql ->
            sql.update(ACCOUNT)
                .set(ACCOUNT.PASSWORD_HASH, hash)
                .where(ACCOUNT.ID.eq(person))
                .execute());
  }

  /** Gives another role; not to the last owner. */
  boolean setRole(long person, Role role) {
    return database.write(
        sql -> {
          if (role != Role.OWNER && isLastOwner(person)) {
            return false;
          }
          sql.update(ACCOUNT).set(ACCOUNT.ROLE, role).where(ACCOUNT.ID.eq(person)).execute();
          return true;
        });
  }

  /** Removes a person with all sign-ins; not the last owner. */
  boolean remove(long person) {
    return database.write(
        sql -> {
          if (isLastOwner(person)) {
            return false;
          }
          sql.deleteFrom(ACCOUNT).where(ACCOUNT.ID.eq(person)).execute();
          return true;
        });
  }

  private boolean isLastOwner(long person) {
    return database.read(
        sql -> !sql.fetchExists(ACCOUNT, ACCOUNT.ROLE.eq(Role.OWNER).and(ACCOUNT.ID.ne(person))));
  }

  /** Sets the second step, or takes it away; its recovery codes go with it. */
  void setSecondStep(long person, @Nullable String secret, Collection<String> codeHashes) {
    database.change(
        sql -> {
          sql.update(ACCOUNT)
              .set(ACCOUNT.SECOND_STEP_SECRET, secret)
              .set(ACCOUNT.SECOND_STEP_LAST, 0L)
              .where(ACCOUNT.ID.eq(person))
              .execute();
          replaceCodes(person, codeHashes);
        });
  }

  void replaceCodes(long person, Collection<String> codeHashes) {
    database.change(
        sql -> {
          sql.deleteFrom(RECOVERY_CODE).where(RECOVERY_CODE.ACCOUNT_ID.eq(person)).execute();
          for (String hash : codeHashes) {
            sql.insertInto(RECOVERY_CODE).values(person, hash).execute();
          }
        });
  }

  /** Whether a time step is later than the last one used; from now on it is used. */
  boolean useStep(long person, long step) {
    return database.write(
        sql ->
            sql.update(ACCOUNT)
                    .set(ACCOUNT.SECOND_STEP_LAST, step)
                    .where(ACCOUNT.ID.eq(person).and(ACCOUNT.SECOND_STEP_LAST.lt(step)))
                    .execute()
                > 0);
  }

  boolean useCode(long person, String hash) {
    return database.write(
        sql ->
            sql.deleteFrom(RECOVERY_CODE)
                    .where(
                        RECOVERY_CODE.ACCOUNT_ID.eq(person).and(RECOVERY_CODE.CODE_HASH.eq(hash)))
                    .execute()
                > 0);
  }

  int codesLeft(long person) {
    return database.read(sql -> sql.fetchCount(RECOVERY_CODE, RECOVERY_CODE.ACCOUNT_ID.eq(person)));
  }

  SignInRule rule() {
    return database.read(
        sql ->
            sql.selectFrom(SIGN_IN_RULE)
                .fetchOptional(
                    row ->
                        new SignInRule(
                            row.getSecondStep(), row.getDays().intValue(), row.getIsTold()))
                .orElse(SignInRule.FIRST));
  }

  void setRule(SignInRule rule) {
    database.change(
        sql -> {
          var row = sql.newRecord(SIGN_IN_RULE);
          row.setId(1L);
          row.setSecondStep(rule.secondStep());
          row.setDays((long) rule.days());
          row.setIsTold(rule.isTold());
          sql.insertInto(SIGN_IN_RULE)
              .set(row)
              .onConflict(SIGN_IN_RULE.ID)
              .doUpdate()
              .set(row)
              .execute();
        });
  }

  List<Invitation> invitations(int most) {
    return database.read(
        sql ->
            sql.selectFrom(INVITATION)
                .orderBy(INVITATION.ID)
                .limit(most)
                .fetch(AccountStore::invitation));
  }

  Optional<Invitation> invitation(String tokenHash) {
    return database.read(
        sql ->
            sql.selectFrom(INVITATION)
                .where(INVITATION.TOKEN_HASH.eq(tokenHash))
                .fetchOptional(AccountStore::invitation));
  }

  private static Invitation invitation(nodyes.generated.tables.records.InvitationRecord row) {
    return new Invitation(
        row.getId(), row.getEmail(), row.getRole(), row.getMadeAt(), row.getEndsAt());
  }

  /** Invites; an older invitation of the same address is worth nothing from then on. */
  void invite(String email, Role role, String tokenHash, Instant now, Instant end) {
    database.change(
        sql -> {
          sql.deleteFrom(INVITATION).where(INVITATION.EMAIL.eq(email)).execute();
          sql.insertInto(
                  INVITATION,
                  INVITATION.EMAIL,
                  INVITATION.ROLE,
                  INVITATION.TOKEN_HASH,
                  INVITATION.MADE_AT,
                  INVITATION.ENDS_AT)
              .values(email, role, tokenHash, now, end)
              .execute();
        });
  }

  /** Takes an invitation, once: the person it made. */
  Optional<Account> take(Invitation invitation, String name, String passwordHash, Instant now) {
    return database.write(
        _ ->
            withdraw(invitation.id())
                ? Optional.of(add(invitation.email(), name, passwordHash, invitation.role(), now))
                : Optional.empty());
  }

  boolean withdraw(long id) {
    return database.write(
        sql -> sql.deleteFrom(INVITATION).where(INVITATION.ID.eq(id)).execute() > 0);
  }
}
