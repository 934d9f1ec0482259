package nodyes.core.suggestions;

import static org.testng.Assert.assertEquals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import nodyes.core.suggestions.Suggestion.Priority;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SuggestionTest {
  private static final LocalDate TUESDAY = LocalDate.parse("2026-11-24");
  private static final ShopStatus NOTHING =
      new ShopStatus(
          List.of(),
          List.of(),
          48,
          ShopStatus.Pages.WELL,
          Optional.empty(),
          Optional.empty(),
          Optional.empty());

  private static Suggestion act(Priority worth, long size) {
    return new Suggestion(worth, size, new Matter.Unconnected(size), 1);
  }

  @Test
  public void whatIsUntrueComesFirstAndOfTheSameWorthTheLarger() {
    var random = new SplittableRandom(11);
    for (int round = 0; round < 200; round++) {
      var all = new ArrayList<Suggestion>();
      for (int i = random.nextInt(9); i >= 0; i--) {
        all.add(act(Priority.values()[random.nextInt(3)], random.nextInt(5)));
      }
      List<Suggestion> next = Suggestion.next(all, 5);
      assertEquals(next.size(), Math.min(5, all.size()));
      for (int i = 1; i < next.size(); i++) {
        Suggestion before = next.get(i - 1);
        int step = before.priority().compareTo(next.get(i).priority());
        assertEquals(step < 0 || (step == 0 && before.size() >= next.get(i).size()), true);
      }
      // none that is left out is worth more than one that is told
      var left = new ArrayList<>(all);
      next.forEach(left::remove);
      for (Suggestion one : left) {
        assertEquals(
            Suggestion.next(List.of(one, next.getLast()), 1).getFirst().priority().ordinal()
                >= next.getLast().priority().ordinal(),
            true);
      }
    }
  }

  @DataProvider
  Object[][] times() {
    return new Object[][] {{0L, 1}, {1L, 1}, {2L, 1}, {3L, 2}, {14L, 6}, {1_000_000L, 416_667}};
  }

  /** At 25 seconds each, rounded up to minutes. */
  @Test(dataProvider = "times")
  public void minutesAreWholeAndAtLeastOne(long reviews, int minutes) {
    assertEquals(Suggestion.minutes(reviews, 25), minutes);
  }

  @Test
  public void whereNothingIsThereIsNothingToDo() {
    assertEquals(SuggestionRules.of(NOTHING), List.of());
  }

  private static List<String> matters(ShopStatus figures) {
    return SuggestionRules.of(figures).stream()
        .map(act -> act.priority() + " " + act.matter().getClass().getSimpleName())
        .toList();
  }

  @Test
  public void eachFigureIsAnActOfItsWorth() {
    var figures =
        new ShopStatus(
            List.of(
                new Matter.RiskyClaim("False urgency", "It went on.", "Seed week", "/pages", 1),
                new Matter.RiskyClaim("Promise not kept", "Germany: 86%.", "", "/delivery", 0)),
            List.of(
                new Matter.FailedUpdate("products", TUESDAY, true, 30),
                new Matter.FailedUpdate("orders", TUESDAY, false, 0)),
            48,
            ShopStatus.Pages.NEVER_SEEN,
            Optional.of(
                new Matter.WaitingReviews(14, 9, 1, TUESDAY, Optional.of("Inês R."), "Oat trough")),
            Optional.of(new Matter.UnrepliedReviews(1, 1)),
            Optional.of(new Matter.UnreviewedBestseller("Hand fork", 23, 30, 2)));
    assertEquals(
        matters(figures),
        List.of(
            "INCORRECT RiskyClaim",
            "INCORRECT RiskyClaim",
            "INCORRECT FailedUpdate",
            "INCORRECT FailedUpdate",
            "MISSING Unconnected",
            "MISSING WaitingReviews",
            "GROWTH UnrepliedReviews",
            "GROWTH UnreviewedBestseller"));
  }

  @Test
  public void pagesThatBrokeAreSaid() {
    var broken = new ShopStatus.Pages(true, Optional.of(TUESDAY), 3);
    var figures =
        new ShopStatus(
            List.of(), List.of(), 48, broken, Optional.empty(), Optional.empty(), Optional.empty());
    assertEquals(matters(figures), List.of("MISSING SilentPages", "MISSING UnknownPages"));
  }

  @Test
  public void whatIsNotSoIsNotSaid() {
    var figures =
        new ShopStatus(
            List.of(),
            List.of(),
            0,
            ShopStatus.Pages.NEVER_SEEN,
            Optional.of(
                new Matter.WaitingReviews(1, 0, 0, TUESDAY, Optional.empty(), "Oat trough")),
            Optional.of(new Matter.UnrepliedReviews(2, 67)),
            Optional.of(new Matter.UnreviewedBestseller("Hand fork", 4, 30, 0)));
    assertEquals(matters(figures), List.of("MISSING WaitingReviews", "GROWTH UnrepliedReviews"));
    assertEquals(SuggestionRules.of(figures).getLast().minutes(), 20);
  }
}
