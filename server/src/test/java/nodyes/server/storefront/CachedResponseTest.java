package nodyes.server.storefront;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import nodyes.server.database.Revisions;
import nodyes.server.database.Topic;
import nodyes.server.storefront.CachedResponse.KeptBy;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CachedResponseTest {
  private static final Instant NOW = Instant.parse("2026-11-26T14:20:00Z");
  private static final long POT = 1;
  private static final long JAR = 2;
  private static final long LID = 3;
  private static final int CHANGES = 20_000;
  private static final int LOOKS = 50;

  private static CachedResponse.MadeOf madeOf(Long... reviewed) {
    return new CachedResponse.MadeOf(PageResponseCache.OF_ALL, Set.of(reviewed));
  }

  private static CachedResponse answer(@Nullable Instant end, KeptBy keptBy) {
    return CachedResponse.of(
        "{}".getBytes(StandardCharsets.UTF_8), Optional.ofNullable(end), keptBy, madeOf(POT));
  }

  @DataProvider
  Object[][] lives() {
    return new Object[][] {
      {null, KeptBy.ALL, "public, max-age=300"},
      {null, KeptBy.BROWSER, "private, max-age=300"},
      {NOW.plusSeconds(3600), KeptBy.ALL, "public, max-age=300"},
      {NOW.plusSeconds(90), KeptBy.ALL, "public, max-age=90"},
      {NOW.plusMillis(900), KeptBy.ALL, "public, max-age=0"},
      {NOW, KeptBy.ALL, "public, max-age=0"},
      {NOW.minusSeconds(5), KeptBy.ALL, "public, max-age=0"},
    };
  }

  @Test(dataProvider = "lives")
  public void itIsFreshUntilItMayDifferAndFiveMinutesAtMost(
      Instant end, KeptBy keptBy, String header) {
    assertEquals(answer(end, keptBy).cacheControl(NOW), header);
  }

  @Test
  public void equalBytesHaveEqualTagsAndOthersDiffer() {
    String tag = CachedResponse.etag(new byte[] {1, 2});
    assertEquals(CachedResponse.etag(new byte[] {1, 2}), tag);
    assertNotEquals(CachedResponse.etag(new byte[] {1, 3}), tag);
    assertTrue(tag.matches("\"[\\w-]{16}\""), tag);
  }

  /** If-None-Match by RFC 9110 section 13.1.2; the examples' tags from memory. */
  @DataProvider
  Object[][] matches() {
    return new Object[][] {
      {"\"xyzzy\"", true},
      {"W/\"xyzzy\"", true},
      {"\"r2d2xxxx\", \"xyzzy\"", true},
      {"W/\"xyzzy\", W/\"r2d2xxxx\"", true},
      {"*", true},
      {"\"r2d2xxxx\"", false},
      {"xyzzy", false},
      {"", false},
      {"\"xyzz\"", false},
      {null, false},
    };
  }

  @Test(dataProvider = "matches")
  public void anyTagOfTheListMatches(String header, boolean matches) {
    assertEquals(ResponseWriter.matches(header, "\"xyzzy\""), matches);
  }

  private final Revisions revisions = new Revisions();

  private PageResponseCache cache(Instant now) {
    return new PageResponseCache(Clock.fixed(now, ZoneOffset.UTC), revisions);
  }

  private void changes(Topic topic, long item) {
    revisions.raise(List.of(new Revisions.Change(topic, item)));
  }

  @Test
  public void anAnswerIsKeptUntilItsTimeIsUp() {
    var cache = cache(NOW);
    cache.fill("a", () -> answer(NOW.plusSeconds(1), KeptBy.ALL));
    cache.fill("b", () -> answer(NOW, KeptBy.ALL));
    assertTrue(cache.find("a").isPresent());
    assertTrue(cache.find("b").isEmpty());
    assertTrue(cache.find("c").isEmpty());
  }

  @Test
  public void aChangeOfAProductTakesItsPagesAndNoOthers() {
    var cache = cache(NOW);
    cache.fill("pot", () -> answer(null, KeptBy.ALL));
    cache.fill(
        "jar",
        () -> CachedResponse.of(new byte[0], Optional.empty(), KeptBy.ALL, madeOf(JAR, LID)));
    changes(Topic.REVIEWS, LID);
    assertTrue(cache.find("pot").isPresent());
    assertTrue(cache.find("jar").isEmpty());
    changes(Topic.PUBLISHED_LAYOUT, 0);
    assertTrue(cache.find("pot").isEmpty());
  }

  @Test
  public void anOrderTakesThePagesThatSpeakOfSalesAndNoOthers() {
    var cache = cache(NOW);
    cache.fill("pot", () -> answer(null, KeptBy.ALL));
    cache.fill(
        "ranked",
        () ->
            CachedResponse.of(
                new byte[0],
                Optional.empty(),
                KeptBy.ALL,
                new CachedResponse.MadeOf(PageResponseCache.WITH_SALES, Set.of(POT))));
    changes(Topic.ORDERS, JAR);
    assertTrue(cache.find("pot").isPresent());
    assertTrue(cache.find("ranked").isEmpty());
  }

  @Test
  public void whatWasMadeWhileSomethingChangedIsNotKept() {
    var cache = cache(NOW);
    cache.fill(
        "pot",
        () -> {
          CachedResponse made = answer(null, KeptBy.ALL);
          changes(Topic.REVIEWS, POT);
          return made;
        });
    assertTrue(cache.find("pot").isEmpty());
  }

  /** One makes answers without a pause; what another finds is never older than its last change. */
  @Test
  public void whatIsOverIsNotFoundForAnInstant() throws Exception {
    var cache = cache(NOW);
    var state = new AtomicInteger();
    var isOver = new AtomicBoolean();
    try (var makers = Executors.newSingleThreadExecutor()) {
      var made =
          makers.submit(
              () -> {
                while (!isOver.get()) {
                  cache.fill("pot", () -> numbered(state.get()));
                }
              });
      try {
        for (int now = 1; now <= CHANGES; now++) {
          state.set(now);
          changes(Topic.REVIEWS, POT);
          for (int look = 0; look < LOOKS; look++) {
            int least = now;
            cache.find("pot").ifPresent(found -> assertTrue(number(found) >= least, "a past one"));
          }
        }
      } finally {
        isOver.set(true);
      }
      made.get();
    }
  }

  private static CachedResponse numbered(int number) {
    byte[] bytes = ByteBuffer.allocate(Integer.BYTES).putInt(number).array();
    return new CachedResponse(bytes, bytes, "", Optional.empty(), KeptBy.ALL, madeOf(POT));
  }

  private static int number(CachedResponse answer) {
    return ByteBuffer.wrap(answer.plain()).getInt();
  }
}
