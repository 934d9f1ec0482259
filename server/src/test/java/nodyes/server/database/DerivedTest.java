package nodyes.server.database;

import static nodyes.generated.Tables.CATEGORY;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import nodyes.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class DerivedTest extends ServerTest {
  private static final String SLUG = "derived-category";
  private static final int CHANGES = 300;

  @Autowired private Database database;

  private final AtomicInteger made = new AtomicInteger();

  @BeforeMethod
  public void begin() {
    made.set(0);
    write("");
  }

  @AfterMethod(alwaysRun = true)
  public void asItWas() {
    database.change(sql -> sql.deleteFrom(CATEGORY).where(CATEGORY.SLUG.eq(SLUG)).execute());
  }

  private void write(String title) {
    database.change(
        sql ->
            sql.insertInto(CATEGORY)
                .set(CATEGORY.SLUG, SLUG)
                .set(CATEGORY.TITLE, title)
                .set(CATEGORY.POSITION, 999)
                .onConflict(CATEGORY.SLUG)
                .doUpdate()
                .set(CATEGORY.TITLE, title)
                .execute());
  }

  private String title() {
    made.incrementAndGet();
    return database.read(
        sql ->
            sql.select(CATEGORY.TITLE)
                .from(CATEGORY)
                .where(CATEGORY.SLUG.eq(SLUG))
                .fetchSingle(CATEGORY.TITLE));
  }

  @Test
  public void itIsMadeOnceAndAnewAfterAChange() {
    Derived<String> title = database.derive(this::title, Topic.CATALOGUE);
    write("Pots");
    assertEquals(title.get(), "Pots");
    assertSame(title.get(), title.get());
    assertEquals(made.get(), 1);
    write("Jars");
    assertEquals(title.get(), "Jars");
    assertEquals(made.get(), 2);
  }

  @Test
  public void aChangeOfSomethingElseKeepsIt() {
    var title = new Derived<>(database, Set.of(Topic.SHOP), _ -> title());
    title.get();
    write("Other");
    title.get();
    assertEquals(made.get(), 1);
  }

  @Test
  public void whoChangesItSeesTheChangeBeforeItIsCommittedAndNobodyElseKeepsIt() {
    Derived<String> title = database.derive(this::title, Topic.CATALOGUE);
    write("Before");
    assertEquals(title.get(), "Before");
    assertThrows(
        IllegalStateException.class,
        () ->
            database.change(
                _ -> {
                  write("Within");
                  assertEquals(title.get(), "Within");
                  throw new IllegalStateException("on purpose");
                }));
    assertEquals(title.get(), "Before");
  }

  @Test
  public void itIsMadeOutOfWhatItWasBeforeWhereItCan() {
    Derived<List<String>> titles =
        database.derive(
            Set.of(Topic.CATALOGUE),
            before -> {
              Optional<List<String>> known = before.map(Derived.Made::value);
              return known
                  .map(one -> Stream.concat(one.stream(), Stream.of(title())).toList())
                  .orElseGet(() -> List.of(title()));
            });
    write("One");
    titles.get();
    write("Two");
    assertEquals(titles.get(), List.of("One", "Two"));
  }

  /** Others make it without a pause; whoever wrote finds nothing from before. */
  @Test
  public void nothingFromBeforeAChangeIsFoundAfterIt() throws Exception {
    Derived<String> title = database.derive(this::title, Topic.CATALOGUE);
    var isOver = new AtomicBoolean();
    try (var readers = Executors.newFixedThreadPool(2)) {
      var reading =
          List.of(
              readers.submit(() -> readUntil(isOver, title)),
              readers.submit(() -> readUntil(isOver, title)));
      try {
        for (int now = 1; now <= CHANGES; now++) {
          write("Title " + now);
          assertEquals(title.get(), "Title " + now);
        }
      } finally {
        isOver.set(true);
      }
      for (var one : reading) {
        assertTrue(one.get() > 0);
      }
    }
  }

  @Test
  public void nothingIsMadeOfMoreThanItIsToldOf() {
    var unwatched = new ArrayList<String>();
    for (Derived<?> one : database.derived()) {
      Set<String> read = TablesRead.by(one::fromNothing);
      read.removeAll(TablesRead.of(database, one.topics()));
      unwatched.addAll(read);
    }
    assertEquals(unwatched, List.of());
  }

  private static int readUntil(AtomicBoolean isOver, Derived<String> title) {
    int read = 0;
    do {
      title.get();
      read++;
    } while (!isOver.get());
    return read;
  }
}
