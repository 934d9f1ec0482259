package nodyes.core.evaluation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BiConsumer;
import java.util.stream.IntStream;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.Viewpoint;
import nodyes.core.targeting.Condition;
import org.testng.annotations.Test;

/** The law of every answer: it holds until its end, and where time alone decides it ends there. */
public class LawTest {
  private static final Set<NodKind> MOVED_BY_FACTS_ALONE =
      EnumSet.of(
          NodKind.STAR_LINE,
          NodKind.REVIEW_TAB,
          NodKind.PICKED_QUOTES,
          NodKind.LOW_STOCK_LABEL,
          NodKind.SOLD_OUT_LABEL,
          NodKind.VISITOR_COUNT,
          NodKind.TRUST_BADGES);

  /** One case of many, drawn by its number alone: it comes out the same in any order. */
  private record Drawn(SplittableRandom random, RandomShop shop) {
    static Drawn of(int law, int number) {
      var random = new SplittableRandom(20_26_000_000L + law * 100_000L + number);
      return new Drawn(random, new RandomShop(random));
    }
  }

  /** Draws so many cases and asks of all of them, on all processors. */
  private static void ofMany(int law, int cases, BiConsumer<SplittableRandom, RandomShop> asked) {
    IntStream.range(0, cases)
        .parallel()
        .mapToObj(number -> Drawn.of(law, number))
        .forEach(drawn -> asked.accept(drawn.random(), drawn.shop()));
  }

  @Test
  public void sameAnswerUntilItsEndAndNeverInThePast() {
    ofMany(
        1,
        3000,
        (random, shop) -> {
          List<Nod> nods = List.of(shop.nod(shop.condition(0)), shop.nod(shop.condition(0)));
          Facts facts = shop.facts();
          Viewpoint then = shop.sometime();
          Page page = Page.compose(nods, facts, then);
          Instant end = page.validUntil().end().orElse(then.moment().plus(Duration.ofDays(40)));
          assertTrue(end.isAfter(then.moment()), nods + " at " + then.moment());
          long millis = Duration.between(then.moment(), end).toMillis();
          for (int k = 0; k < 12; k++) {
            Instant later = then.moment().plusMillis(k == 0 ? millis - 1 : random.nextLong(millis));
            assertSameVerdicts(page, Page.compose(nods, facts, then.at(later)), nods + " " + later);
          }
        });
  }

  @Test
  public void aPageSaysOfEachNodWhatIsSaidOfItAlone() {
    var shown = new AtomicInteger();
    ofMany(
        2,
        1000,
        (random, shop) -> {
          List<Nod> nods =
              List.of(shop.timeless(shop.condition(0)), shop.timeless(shop.condition(0)));
          Facts facts = shop.facts();
          Viewpoint then = shop.sometime();
          Page page = Page.compose(nods, facts, then);
          assertEquals(page.placed().size(), nods.size());
          for (Page.Placed placed : page.placed()) {
            shown.addAndGet(placed.verdict() instanceof Verdict.Shown ? 1 : 0);
            assertEquals(
                placed.verdict(), NodEvaluator.of(placed.nod(), RandomShop.POT, facts, then));
          }
        });
    assertTrue(shown.get() > 100, "too few show: " + shown);
  }

  @Test
  public void theEndIsTightWhereTimeAloneDecides() {
    var ends = new AtomicInteger();
    ofMany(
        3,
        2000,
        (random, shop) -> {
          Condition byTime = random.nextBoolean() ? shop.between() : shop.daily();
          List<Nod> nods = List.of(shop.timeless(byTime));
          Facts facts = shop.facts();
          Viewpoint then = shop.sometime();
          Page page = Page.compose(nods, facts, then);
          if (page.validUntil().end().isPresent()) {
            ends.incrementAndGet();
            Page next = Page.compose(nods, facts, then.at(page.validUntil().end().get()));
            assertNotEquals(verdicts(next), verdicts(page), byTime + " at " + then.moment());
          }
        });
    assertTrue(ends.get() > 1000, "too few cases had an end: " + ends);
  }

  /** Of two nods of any kind: an end is told where something differs at it, and nowhere else. */
  @Test
  public void atItsEndThePageDiffers() {
    var reasons = new AtomicInteger();
    var shown = new AtomicInteger();
    var without = new AtomicInteger();
    ofMany(
        4,
        3000,
        (random, shop) -> {
          List<Nod> nods = List.of(shop.nod(shop.condition(0)), shop.nod(shop.condition(0)));
          Facts facts = shop.facts();
          Viewpoint then = shop.sometime();
          Page page = Page.compose(nods, facts, then);
          Instant end = page.validUntil().end().orElse(null);
          if (end != null) {
            reasons.incrementAndGet();
            without.addAndGet(
                verdicts(Page.compose(nods, facts, then.at(end))).equals(verdicts(page)) ? 1 : 0);
          }
          Instant shownEnd = page.shownUntil().end().orElse(null);
          if (shownEnd != null) {
            shown.incrementAndGet();
            assertFalse(shownEnd.isBefore(end), "what shows is part of the page");
            without.addAndGet(
                shows(Page.compose(nods, facts, then.at(shownEnd))).equals(shows(page)) ? 1 : 0);
          }
          long millis =
              Duration.between(
                      then.moment(),
                      shownEnd == null ? then.moment().plus(Duration.ofDays(60)) : shownEnd)
                  .toMillis();
          for (int k = 0; k < 6; k++) {
            Instant later = then.moment().plusMillis(k == 0 ? millis - 1 : random.nextLong(millis));
            assertEquals(
                shows(Page.compose(nods, facts, then.at(later))), shows(page), nods + " " + later);
          }
        });
    assertEquals(without.get(), 0, "spans that end without a change");
    assertTrue(
        reasons.get() > 1000 && shown.get() > 500, reasons + " and " + shown + " spans had an end");
  }

  /** Each kind by itself, so that none hides behind another. */
  @Test
  public void everyKindKeepsToTheLaw() {
    for (NodKind kind : NodKind.values()) {
      var ended = new AtomicInteger();
      ofMany(
          10 + kind.ordinal(),
          400,
          (random, shop) -> {
            List<Nod> nods = List.of(shop.nod(kind, Condition.everyone()));
            assertEquals(nods.getFirst().kind(), kind);
            Facts facts = shop.facts();
            Viewpoint then = shop.sometime();
            Page page = Page.compose(nods, facts, then);
            Instant end = page.validUntil().end().orElse(then.moment().plus(Duration.ofDays(40)));
            long millis = Duration.between(then.moment(), end).toMillis();
            for (int k = 0; k < 6; k++) {
              Instant later =
                  then.moment().plusMillis(k == 0 ? millis - 1 : random.nextLong(millis));
              assertSameVerdicts(
                  page, Page.compose(nods, facts, then.at(later)), nods + " " + later);
            }
            if (page.validUntil().end().isPresent()) {
              ended.incrementAndGet();
              assertNotEquals(
                  verdicts(Page.compose(nods, facts, then.at(end))),
                  verdicts(page),
                  nods + " " + end);
            }
          });
      assertTrue(ended.get() > 0 || MOVED_BY_FACTS_ALONE.contains(kind), kind + " never ended");
    }
  }

  private static List<Object> shows(Page page) {
    return page.placed().stream()
        .<Object>map(
            placed -> placed.verdict() instanceof Verdict.Shown shown ? shown.content() : "nothing")
        .toList();
  }

  @Test
  public void theDailyWindowAgreesWithTheWallClockMinuteByMinute() {
    for (ZoneId zone : RandomShop.ZONES) {
      for (int i = 0; i < 5; i++) {
        var window = Drawn.of(9, i).shop().daily();
        Instant at = RandomShop.START;
        Optional<Instant> claimed = Optional.empty();
        boolean before = false;
        for (int minute = 0; minute < RandomShop.SPAN_MINUTES; minute++, at = at.plusSeconds(60)) {
          boolean open = openByWallClock(window, at.atZone(zone).toLocalDateTime());
          var answer = window.ask(Samples.situation(at, zone));
          assertEquals(answer.met(), open, window + " in " + zone + " at " + at);
          if (minute > 0 && open != before) {
            assertEquals(claimed, Optional.of(at), window + " in " + zone);
          }
          claimed = answer.validUntil().end();
          before = open;
        }
      }
    }
  }

  private static boolean openByWallClock(Condition.Daily window, java.time.LocalDateTime wall) {
    int now = wall.toLocalTime().toSecondOfDay();
    int from = window.from().toSecondOfDay();
    int to = window.to().toSecondOfDay();
    if (from < to) {
      return window.days().contains(wall.getDayOfWeek()) && from <= now && now < to;
    }
    return now >= from
        ? window.days().contains(wall.getDayOfWeek())
        : now < to && window.days().contains(wall.getDayOfWeek().minus(1));
  }

  private static void assertSameVerdicts(Page expected, Page actual, String where) {
    assertEquals(verdicts(actual), verdicts(expected), where);
    assertEquals(actual.validUntil(), expected.validUntil(), where);
  }

  /** What is shown and why, without until when. */
  private static List<Object> verdicts(Page page) {
    return page.placed().stream()
        .<Object>map(
            placed ->
                switch (placed.verdict()) {
                  case Verdict.Shown shown -> List.of(shown.content(), shown.because());
                  case Verdict.Withheld withheld -> List.of("withheld", withheld.because());
                })
        .toList();
  }
}
