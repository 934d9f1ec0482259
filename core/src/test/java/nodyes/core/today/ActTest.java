package nodyes.core.today;

import static org.testng.Assert.assertEquals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import nodyes.core.today.Act.Worth;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ActTest {
  private static final LocalDate TUESDAY = LocalDate.parse("2026-11-24");
  private static final Figures NOTHING =
      new Figures(
          List.of(), List.of(), 48, true, Optional.empty(), Optional.empty(), Optional.empty());

  private static Act act(Worth worth, long size) {
    return new Act(worth, size, "", "", "", "", 1);
  }

  @Test
  public void whatIsUntrueComesFirstAndOfTheSameWorthTheLarger() {
    var random = new SplittableRandom(11);
    for (int round = 0; round < 200; round++) {
      var all = new ArrayList<Act>();
      for (int i = random.nextInt(9); i >= 0; i--) {
        all.add(act(Worth.values()[random.nextInt(3)], random.nextInt(5)));
      }
      List<Act> next = Act.next(all, 5);
      assertEquals(next.size(), Math.min(5, all.size()));
      for (int i = 1; i < next.size(); i++) {
        Act before = next.get(i - 1);
        int step = before.worth().compareTo(next.get(i).worth());
        assertEquals(step < 0 || (step == 0 && before.size() >= next.get(i).size()), true);
      }
      // none that is left out is worth more than one that is told
      var left = new ArrayList<>(all);
      next.forEach(left::remove);
      for (Act one : left) {
        assertEquals(
            Act.next(List.of(one, next.getLast()), 1).getFirst().worth().ordinal()
                >= next.getLast().worth().ordinal(),
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
    assertEquals(Act.minutes(reviews, 25), minutes);
  }

  @Test
  public void whereNothingIsThereIsNothingToDo() {
    assertEquals(WorthDoing.of(NOTHING), List.of());
  }

  private static List<String> said(Figures figures) {
    return WorthDoing.of(figures).stream().map(act -> act.title() + " | " + act.words()).toList();
  }

  @Test
  public void eachActTellsItsFigures() {
    var figures =
        new Figures(
            List.of(
                new Figures.Doubted("False urgency", "It went on.", "Seed week", "/pages", 1),
                new Figures.Doubted("Promise not kept", "Germany: 86%.", "", "/delivery", 0)),
            List.of(
                new Figures.Stalled("products", TUESDAY, true, 30),
                new Figures.Stalled("orders", TUESDAY, false, 0)),
            48,
            false,
            Optional.of(
                new Figures.Waiting(14, 9, 1, TUESDAY, Optional.of("Inês R."), "Oat trough")),
            Optional.of(new Figures.Unanswered(1, 1)),
            Optional.of(new Figures.Unreviewed("Hand fork", 23, 30, 2)));
    assertEquals(
        said(figures),
        List.of(
            "False urgency: Seed week | It went on. It is so for 1 product.",
            "Promise not kept | Germany: 86%.",
            "The products of Tue 24 Nov wait for a look | 30 products would no longer be sold."
                + " Until you decide, pages show what was so before.",
            "Your orders could not be read on Tue 24 Nov | Pages show what was so before: prices,"
                + " stock and sales may have changed since.",
            "The script was never seen on a page | Shoppers see nothing of this on the pages of"
                + " your 48 products.",
            "14 reviews wait | 9 have a picture, 1 has 3 stars or fewer. The oldest came on"
                + " Tue 24 Nov, from Inês R., about Oat trough.",
            "1 review of 1 star has no answer | Published, with words that you could reply to."
                + " Shoppers read both.",
            "Hand fork sells without a review | 23 were sold in 30 days; 2 other products sold"
                + " without one too."));
  }

  @Test
  public void whatIsNotSoIsNotSaid() {
    var figures =
        new Figures(
            List.of(),
            List.of(),
            0,
            false,
            Optional.of(new Figures.Waiting(1, 0, 0, TUESDAY, Optional.empty(), "Oat trough")),
            Optional.of(new Figures.Unanswered(2, 67)),
            Optional.of(new Figures.Unreviewed("Hand fork", 4, 30, 0)));
    assertEquals(
        said(figures),
        List.of(
            "1 review waits | The oldest came on Tue 24 Nov, about Oat trough.",
            "67 reviews of 2 stars have no answer | Published, with words that you could reply to."
                + " Shoppers read both. The newest 10 are a good start."));
    assertEquals(WorthDoing.of(figures).getLast().minutes(), 20);
  }
}
