package nodyes.server.database;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.flywaydb.core.Flyway;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** A shop that was kept under the names before finds all of it under the names now. */
public class RenamedTablesTest {
  private Path folder;
  private Connection database;

  @BeforeClass
  public void migrate() throws IOException, SQLException {
    folder = Files.createTempDirectory("nodyes-renamed");
    Path file = folder.resolve("shop.sqlite");
    Flyway.configure().dataSource("jdbc:sqlite:" + file, null, null).target("21").load().migrate();
    try (Connection before = DriverManager.getConnection("jdbc:sqlite:" + file)) {
      for (String statement : BEFORE.strip().split(";\\R")) {
        DSL.using(before, SQLDialect.SQLITE).execute(statement);
      }
    }
    Database.migrate(file);
    database = DriverManager.getConnection("jdbc:sqlite:" + file + "?foreign_keys=true");
  }

  private static final String BEFORE =
      """
      insert into product(id, slug, title, position, is_gone) values (1, 'pot', 'Pot', 1, 1);
      insert into batch(id, file_name, file_size, state, look, choices, taken, bad, brought_by, created_at)
        values (7, 'reviews.csv', 10, 'READ', '{}', '{}', 4, 1, 'Ana', 1);
      insert into feed_run(id, kind, source, ran_at, state, taken, wrong, gone, held_file)
        values (5, 'ORDERS', 'orders.csv', 1, 'HELD', 12, 2, 0, 'held.csv');
      insert into feed_problem(run_id, line, field, value, reason, number) values (5, 4, 'day', 'x', 'no date', 1);
      insert into batch_problem(batch_id, line, value, reason) values (7, 3, 'x', 'no date');
      insert into review(id, product_id, rating_parts, given_rating, words, reviewer_given, language, written_on, state,
          left_out_because, origin, order_number, batch_id, fingerprint, evidence, sorted, arrived_at)
        values
          (1, 1, 5, '5', 'Holds.', 'Ana L.', 'pt-BR', '2026-01-02', 'WAITING', null, 'BROUGHT_IN', null, 7, 11, 'a.webp', 'KEPT', 9),
          (2, 1, 4, '4', null, null, 'de', null, 'HELD', null, 'UNVERIFIED', null, null, 12, null, null, 9),
          (3, 1, 3, '3', null, null, null, null, 'LEFT_OUT', 'A_COPY', 'BROUGHT_IN', null, 7, 13, null, 'LEFT_OUT', 9),
          (4, 1, 2, '2', null, null, null, null, 'PUBLISHED', null, 'VERIFIED', 'N-1', null, 14, null, null, 9);
      insert into review_picture(review_id, position, address, file) values (1, 0, 'https://shop.example/a.jpg', 'b.webp');
      insert into review_vote(review_id, voter, is_helpful, voted_at) values (4, 'v', 1, 9);
      insert into review_move(id, to_state, moved_by, moved_at) values (1, 'HELD', 'Ana', 9);
      insert into review_move_item(move_id, review_id, from_state) values (1, 2, 'WAITING');
      insert into review_change(review_id, what, done_by, done_at) values (2, 'HELD', 'Ana', 9);
      insert into own_review_rule(id, admission, notice, notice_to, told_to)
        values (1, 'AFTER_A_LOOK', 'DAILY', 'ana@shop.example', 4);
      insert into person(id, email, name, password_hash, created_at) values (3, 'ana@shop.example', 'Ana', 'h', 1);
      insert into sign_in(token_hash, person_id, device, since_at, seen_at) values ('t', 3, 'here', 1, 2);
      """;

  private String all(String query) {
    return DSL.using(database, SQLDialect.SQLITE).fetch(query).formatCSV(false).strip();
  }

  @Test
  public void reviewsKeepWhatTheyAreUnderTheirNewNames() {
    assertEquals(
        all(
            "select id, text, raw_reviewer, primary_language, reviewed_on, status,"
                + " left_out_reason, origin, import_id, original_file, import_decision from review"
                + " order by id"),
        """
        1,Holds.,Ana L.,pt,2026-01-02,PENDING,"",IMPORTED,7,a.webp,ACCEPTED
        2,"","",de,"",ON_HOLD,"",UNVERIFIED,"","",""
        3,"","","","",LEFT_OUT,A_COPY,IMPORTED,7,"",LEFT_OUT
        4,"","","","",PUBLISHED,"",VERIFIED,"","",""\
        """);
  }

  /** The table is made anew by dropping the old one, which took its pictures and votes along. */
  @Test
  public void whatHangsOnAReviewStays() {
    assertEquals(all("select review_id, file from review_picture"), "1,b.webp");
    assertEquals(all("select review_id, voter from review_vote"), "4,v");
    assertEquals(
        all(
            "select a.to_status, i.review_id, i.from_status, e.type from moderation_action a join"
                + " moderation_item i on i.action_id = a.id join review_event e using (review_id)"),
        "ON_HOLD,2,PENDING,ON_HOLD");
    assertEquals(all("pragma foreign_key_check"), "");
    assertEquals(all("pragma integrity_check"), "ok");
  }

  @Test
  public void settingsImportsAndPeopleStay() {
    assertEquals(
        all(
            "select publication, notification, notify_email, notified_until from submission_policy"),
        "MANUAL,DAILY,ana@shop.example,4");
    assertEquals(
        all(
            "select state, imported, unreadable, imported_by, e.line from review_import i join"
                + " import_error e on e.import_id = i.id"),
        "DONE,4,1,Ana,3");
    assertEquals(
        all(
            "select state, imported, errors, pending_file, e.line from feed_run r join"
                + " feed_error e on e.run_id = r.id"),
        "NEEDS_APPROVAL,12,2,held.csv,4");
    assertEquals(all("select is_discontinued from product"), "1");
    assertEquals(
        all("select name, device from account a join sign_in s on s.account_id = a.id"),
        "Ana,here");
  }

  /** What a review hangs on still minds it: the references name the table that is there now. */
  @Test
  public void referencesAreMindedAsBefore() {
    assertEquals(all("select \"table\" from pragma_foreign_key_list('review_picture')"), "review");
    assertEquals(
        all("select \"table\" from pragma_foreign_key_list('review') order by 1"),
        "product\nreview_import");
  }

  @AfterClass(alwaysRun = true)
  public void close() throws SQLException, IOException {
    if (database != null) {
      database.close();
    }
    for (String file : folder.toFile().list()) {
      Files.delete(folder.resolve(file));
    }
    Files.delete(folder);
  }
}
