package nodyes.server.dashboard;

import static org.testng.Assert.assertEquals;

import java.time.LocalDate;
import java.util.Optional;
import nodyes.core.suggestions.Matter;
import nodyes.core.suggestions.Suggestion;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ActWordsTest {
  private static final LocalDate TUESDAY = LocalDate.parse("2026-11-24");

  @DataProvider
  Object[][] matters() {
    return new Object[][] {
      {
        new Matter.RiskyClaim("False urgency", "It went on.", "Seed week", "/pages", 1),
        "False urgency: Seed week | It went on. This affects 1 product. | /pages"
      },
      {
        new Matter.RiskyClaim("Promise not kept", "Germany: 86%.", "", "/delivery", 0),
        "Promise not kept | Germany: 86%. | /delivery"
      },
      {
        new Matter.FailedUpdate("products", TUESDAY, true, 30),
        "The product file of Tue 24 Nov needs your decision | With it, 30 products would no longer"
            + " be sold. Until you decide, your pages stay as they are. | /catalogue/feeds"
      },
      {
        new Matter.FailedUpdate("orders", TUESDAY, false, 0),
        "Your orders could not be read on Tue 24 Nov | Your pages still use the previous data."
            + " Prices, stock and sales may have changed since. | /catalogue/feeds"
      },
      {
        new Matter.Unconnected(48),
        "Your shop is not connected yet | The script has not been seen on any page, so shoppers see"
            + " nothing about your 48 products. | /setup/connect"
      },
      {
        new Matter.SilentPages(TUESDAY),
        "No page views since Tue 24 Nov | The script was on your pages before. It may have been"
            + " removed, or something blocks it. | /setup/connect"
      },
      {
        new Matter.UnknownPages(1),
        "1 page of your shop needs you | Shoppers saw it this week, and some nods could not be shown"
            + " there. | /setup/connect"
      },
      {
        new Matter.WaitingReviews(14, 9, 1, TUESDAY, Optional.of("Inês R."), "Oat trough"),
        "14 reviews are waiting for you | 9 have photos. 1 has 3 stars or fewer. The oldest is from"
            + " Tue 24 Nov, by Inês R., about Oat trough. | /reviews"
      },
      {
        new Matter.WaitingReviews(1, 0, 0, TUESDAY, Optional.empty(), "Oat trough"),
        "1 review is waiting for you | The oldest is from Tue 24 Nov and about Oat trough."
            + " | /reviews"
      },
      {
        new Matter.UnrepliedReviews(1, 1),
        "1 review with 1 star has no reply | It is published with text you could reply to."
            + " Shoppers read both. | /reviews?state=PUBLISHED&stars=1"
      },
      {
        new Matter.UnrepliedReviews(2, 67),
        "67 reviews with 2 stars have no reply | They are published with text you could reply to."
            + " Shoppers read both. The newest 10 are a good start."
            + " | /reviews?state=PUBLISHED&stars=2"
      },
      {
        new Matter.UnreviewedBestseller("Hand fork", 23, 30, 2),
        "Hand fork sells but has no reviews | 23 sold in the past 30 days. 2 more products sell"
            + " without reviews. | /reviews/bring-in"
      },
    };
  }

  @Test(dataProvider = "matters")
  public void eachMatterIsSaidWithItsFigures(Matter matter, String said) {
    ActWords.ActView act = ActWords.of(new Suggestion(Suggestion.Priority.GROWTH, 0, matter, 1));
    assertEquals(act.title() + " | " + act.text() + " | " + act.path(), said);
  }
}
