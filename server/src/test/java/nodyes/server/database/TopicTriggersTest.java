package nodyes.server.database;

import static org.testng.Assert.assertEquals;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nodyes.generated.DefaultSchema;
import nodyes.server.ServerTest;
import org.jooq.Field;
import org.jooq.Table;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;

/** Nothing is written past the revisions: each table raises a topic, or nothing is kept of it. */
public class TopicTriggersTest extends ServerTest {
  /** Read anew each time they are asked for. */
  private static final Set<String> NOTHING_KEPT_OF =
      Set.of(
          "account",
          "api_key",
          "asset",
          "changed_topic",
          "column_mapping",
          "feed_memory",
          "page_pattern",
          "draft_change",
          "feed",
          "feed_change",
          "feed_error",
          "feed_recording",
          "feed_run",
          "form_submission",
          "heartbeat",
          "import_error",
          "incomplete_nod",
          "invitation",
          "job_run",
          "moderation_action",
          "moderation_item",
          "order_status_word",
          "picture_upload",
          "local_shop",
          "publication_record",
          "publishing_permission",
          "recovery_code",
          "replaced_draft",
          "reply_draft",
          "review_event",
          "review_form",
          "review_fts",
          "review_import",
          "review_translation",
          "review_vote",
          "reviewer_mail",
          "script_detection",
          "seen_page",
          "seen_page_hour",
          "sign_in",
          "sign_in_rule",
          "submission_policy",
          "trail",
          "undone_change",
          "variant_alias",
          "visitor_count_shown",
          "visitor_counter");

  /** What was promised of an order's delivery, and what became of that: the desk reads it anew. */
  private static final Map<String, Set<String>> NOTHING_KEPT_OF_COLUMNS =
      Map.of(
          "shop_order",
          Set.of(
              "shipped_on",
              "arrived_on",
              "promised_leaves_first",
              "promised_leaves_last",
              "promised_first",
              "promised_last",
              "is_promised_late",
              "is_promise_settled"),
          // written once, with the review
          "review",
          Set.of("is_verified_at_source", "source_helpful", "source_not_helpful"));

  private static final Pattern TRIGGER =
      Pattern.compile(
          "AFTER (INSERT|DELETE|UPDATE)(?:\\s+OF\\s+(.*?))?\\s+ON\\s+\"?(\\w+)\"?", Pattern.DOTALL);

  @Autowired private Database database;

  private record Trigger(String table, String event, Set<String> columns) {}

  private List<Trigger> triggers() {
    return TablesRead.triggers(database).stream().map(one -> parsed(one.sql())).toList();
  }

  private static Trigger parsed(String sql) {
    Matcher found = TRIGGER.matcher(sql);
    if (!found.find()) {
      throw new IllegalArgumentException(sql);
    }
    String columns = found.group(2);
    return new Trigger(
        found.group(3),
        found.group(1),
        columns == null ? Set.of("*") : Set.of(columns.strip().split("\\s*,\\s*")));
  }

  @Test
  public void eachTableRaisesATopicOrNothingIsKeptOfIt() {
    var raising = new TreeSet<String>();
    triggers().forEach(trigger -> raising.add(trigger.table()));
    var rest = new TreeSet<String>();
    for (Table<?> table : DefaultSchema.DEFAULT_SCHEMA.getTables()) {
      rest.add(table.getName().toLowerCase(Locale.ROOT));
    }
    rest.removeAll(raising);
    assertEquals(rest, new TreeSet<>(NOTHING_KEPT_OF));
  }

  @Test
  public void eachColumnAndEachKindOfWriteIsCovered() {
    var missing = new ArrayList<String>();
    List<Trigger> triggers = triggers();
    for (Table<?> table : DefaultSchema.DEFAULT_SCHEMA.getTables()) {
      String name = table.getName();
      if (NOTHING_KEPT_OF.contains(name)) {
        continue;
      }
      List<Trigger> own = triggers.stream().filter(one -> one.table().equals(name)).toList();
      var covered = new HashSet<String>();
      own.stream()
          .filter(one -> one.event().equals("UPDATE"))
          .forEach(one -> covered.addAll(one.columns()));
      // an order comes and goes with its lines
      for (String event :
          name.equals("shop_order") ? List.<String>of() : List.of("INSERT", "DELETE")) {
        if (own.stream().noneMatch(one -> one.event().equals(event))) {
          missing.add(event + " of " + name);
        }
      }
      for (Field<?> field : table.fields()) {
        if (!covered.contains("*")
            && !covered.contains(field.getName())
            && !field.getName().equals("primary_language")
            && !NOTHING_KEPT_OF_COLUMNS.getOrDefault(name, Set.of()).contains(field.getName())) {
          missing.add(name + "." + field.getName());
        }
      }
    }
    assertEquals(missing, List.of());
  }

  @Test
  public void triggersNameTopicsThatThereAre() {
    var named = new TreeSet<String>();
    for (TablesRead.Trigger trigger : TablesRead.triggers(database)) {
      Matcher found = Pattern.compile("(?:VALUES \\(|SELECT )'([A-Z_]+)'").matcher(trigger.sql());
      while (found.find()) {
        named.add(found.group(1));
      }
    }
    var topics = new TreeSet<String>();
    for (Topic topic : Topic.values()) {
      topics.add(topic.name());
    }
    assertEquals(named, topics);
  }

  @Test
  public void nothingIsLeftToTell() {
    assertEquals(
        (int) database.read(sql -> sql.fetchCount(nodyes.generated.Tables.CHANGED_TOPIC)), 0);
  }
}
