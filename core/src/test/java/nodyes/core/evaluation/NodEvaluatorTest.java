package nodyes.core.evaluation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.NodId;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.nod.FactRequirements;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodOptions;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.Placement;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StarLine;
import nodyes.core.nod.Viewpoint;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.Excerpt;
import nodyes.core.review.Provenance;
import nodyes.core.review.Quote;
import nodyes.core.review.ReviewOrder;
import nodyes.core.review.ReviewOrigin;
import nodyes.core.review.ReviewText;
import nodyes.core.review.Writer;
import nodyes.core.targeting.Condition;
import org.joda.money.Money;
import org.testng.annotations.Test;

public class NodEvaluatorTest {
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
  private static final Slug POT = new Slug("slate-pot");
  private static final Slug BARE = new Slug("new-pot");
  private static final Instant NOON = Instant.parse("2026-11-26T12:00:00Z");

  @Test
  public void aStarLineShowsWithItsFigures() {
    Verdict verdict = of(starLine(Condition.everyone()), POT);
    assertEquals(
        ((Verdict.Shown) verdict).content(),
        new StarLine.StarLineContent(
            new BigDecimal("4.5"), new BigDecimal("4.50"), 2, 0, true, StarLine.Counted.ALL));
    assertEquals(Told.of(verdict), "shown: REVIEWS 2");
  }

  @Test
  public void withoutReviewsItIsWithheldAndSaysSo() {
    Verdict verdict = of(starLine(Condition.everyone()), BARE);
    assertTrue(verdict instanceof Verdict.Withheld);
    assertEquals(Told.of(verdict), "withheld: REVIEWS 0 of 1");
  }

  @Test
  public void anUnknownProductIsUnknownAndNotZero() {
    Verdict verdict = of(starLine(Condition.everyone()), new Slug("no-such-pot"));
    assertEquals(Told.of(verdict), "withheld: PRODUCT Unknown[] of [no-such-pot]");
  }

  @Test
  public void anEmptyAnyOfMatchesNothingAndSaysSo() {
    assertEquals(
        Told.of(of(starLine(new Condition.AnyOf(List.of())), POT)),
        "withheld: GROUP_CONDITIONS 0 of 1");
  }

  @Test
  public void aNarrowScreenIsNotAWideOne() {
    Nod nod = starLine(Condition.everyone());
    var placement =
        new Placement(
            nod.placement().spot(),
            nod.placement().pages(),
            Condition.everyone(),
            true,
            EnumSet.of(Viewpoint.Screen.WIDE));
    Viewpoint narrow = viewpoint(Optional.empty()).on(Optional.of(Viewpoint.Screen.NARROW));
    Verdict verdict = NodEvaluator.of(nod.placed(placement), POT, facts(), narrow);
    assertEquals(Told.of(verdict), "withheld: SCREEN [narrow] of [wide]");
    // a page that does not say its width gets it, and the script fits it
    assertTrue(of(nod.placed(placement), POT) instanceof Verdict.Shown);
  }

  @Test
  public void anUnknownCountryIsUnknown() {
    Verdict verdict = of(starLine(new Condition.CountryIn(Set.of("JP", "DE"))), POT);
    assertEquals(Told.of(verdict), "withheld: COUNTRY Unknown[] of [DE, JP]");
  }

  @Test
  public void aPeriodSaysWhenInTheShopsTime() {
    Instant end = Instant.parse("2026-11-27T23:59:00Z");
    Verdict verdict = of(starLine(new Condition.Between(Optional.empty(), Optional.of(end))), POT);
    assertEquals(verdict.validUntil().end(), Optional.of(end));
    assertEquals(
        Told.of(verdict),
        "shown: REVIEWS 2; DATE_RANGE WITHIN of Period[from=-, to=2026-11-27T23:59:00Z]");
  }

  @Test
  public void thePriceIsTheChosenVariants() {
    Condition upTo30 =
        new Condition.PriceBetween(Optional.empty(), Optional.of(Money.parse("EUR 30.00")));
    assertTrue(of(starLine(upTo30), POT) instanceof Verdict.Shown);
    Verdict chosen =
        NodEvaluator.of(starLine(upTo30), POT, facts(), viewpoint(Optional.of("PL-SLA-30")));
    assertEquals(Told.of(chosen), "withheld: PRICE EUR 41.00 of AmountRange[min=-, max=EUR 30.00]");
  }

  @Test
  public void switchedOffOrOnAnotherKindOfPageItIsNotHere() {
    Nod off = starLine(Condition.everyone());
    off = off.placed(off.placement().switched(false));
    assertEquals(Told.of(of(off, POT)), "withheld: ENABLED OFF of ON");
    var listing =
        new StarLine(
            new NodId("s"),
            new Placement(
                new Spot("listing-card"),
                EnumSet.of(PageKind.LISTING, PageKind.HOME),
                Condition.everyone(),
                true));
    assertEquals(Told.of(of(listing, POT)), "withheld: PAGE_KIND [product] of [listing, home]");
  }

  @Test
  public void aPageComesInTheOrderOfItsSpots() {
    Nod wall =
        new ReviewWall(
            new NodId("w"),
            new Placement(
                new Spot("page-end"), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), true),
            8);
    Page page =
        Page.compose(
            List.of(wall, starLine(Condition.everyone())), facts(), viewpoint(Optional.empty()));
    assertEquals(
        page.placed().stream().map(placed -> placed.nod().id().value()).toList(),
        List.of("s", "w"));
    assertEquals(
        FactRequirements.of(List.of(wall), PageKind.PRODUCT).first(),
        Map.of(ReviewOrder.NEWEST, 8));
    assertEquals(FactRequirements.of(List.of(wall), PageKind.HOME), FactRequirements.FIGURES);
  }

  @Test
  public void groupsNestOnce() {
    var inner = new Condition.AnyOf(List.of(new Condition.ReviewsAtLeast(1)));
    var nested = new Condition.AllOf(List.of(inner));
    assertThrows(IllegalArgumentException.class, () -> new Condition.AnyOf(List.of(nested)));
  }

  private static Verdict of(Nod nod, Slug product) {
    return NodEvaluator.of(nod, product, facts(), viewpoint(Optional.empty()));
  }

  private static Nod starLine(Condition audience) {
    return new StarLine(
        new NodId("s"),
        new Placement(new Spot("under-title"), EnumSet.of(PageKind.PRODUCT), audience, true));
  }

  private static Viewpoint viewpoint(Optional<String> variant) {
    return new Viewpoint(
        PageKind.PRODUCT,
        List.of(POT),
        variant,
        Optional.empty(),
        Locale.ENGLISH,
        Optional.empty(),
        NOON);
  }

  private static Facts facts() {
    var prices = new LinkedHashMap<String, Money>();
    prices.put("PL-SLA-24", Money.parse("EUR 29.00"));
    prices.put("PL-SLA-30", Money.parse("EUR 41.00"));
    return new Facts(
        LISBON,
        Map.of(
            POT,
            product(POT, prices, RatingSummary.of(List.of(Rating.ofStars(5), Rating.ofStars(4)))),
            BARE,
            product(BARE, Map.of(), RatingSummary.NONE)));
  }

  private static ProductFacts product(Slug slug, Map<String, Money> prices, RatingSummary rating) {
    return new ProductFacts(
        new ProductId(1),
        slug,
        slug.value(),
        Set.of("planters"),
        Set.of(),
        prices,
        ReviewFacts.of(rating, 0));
  }

  private static Placement onProductPages(String spot) {
    return new Placement(new Spot(spot), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), true);
  }

  private static Quote listed(int stars) {
    return new Quote(
        Optional.empty(),
        Rating.ofStars(stars),
        ReviewText.of(Optional.empty(), Optional.of("Found what I came for"), Optional.of("en")),
        new Excerpt("Found what I came for", false),
        new Writer(Optional.of("Jonas"), Optional.empty()),
        new ReviewOrigin(
            new Provenance.BroughtIn("directory.example", Optional.empty(), NOON),
            Optional.empty(),
            Optional.empty()),
        Optional.empty());
  }

  @Test
  public void aWallAsksForTheFirstWhereTheOwnerWantsIt() {
    var wall = new ReviewWall(new NodId("w"), onProductPages("page-end"), 8);
    assertTrue(of(wall, BARE) instanceof Verdict.Withheld);
    Verdict asking = of(wall.opted(new NodOptions(Map.of("empty", "be-the-first"))), BARE);
    var content = (ReviewWall.ShapedWall) ((Verdict.Shown) asking).content();
    assertEquals(content.wall().summary().count(), 0);
    assertEquals(content.wall().summary().average(), BigDecimal.ZERO);
  }

  @Test
  public void quotesOfTheShopItselfHaveTheListingsOwnFigure() {
    var quotes =
        new PickedQuotes(new NodId("q"), onProductPages("under-picture"))
            .opted(new NodOptions(Map.of("pick", "of-the-shop")));
    assertEquals(Told.of(of(quotes, POT)), "withheld: SHOP_REVIEWS 0 of 1");
    var listing =
        new BusinessProfile(
            Optional.of(new BigDecimal("4.4")),
            Optional.of(31L),
            Optional.of("https://directory.example/shop"),
            List.of(listed(5), listed(3)));
    var facts = new Facts(LISBON, facts().products(), listing, ShopSales.NONE);
    Verdict shown = NodEvaluator.of(quotes, POT, facts, viewpoint(Optional.empty()));
    var content = (PickedQuotes.PickedQuotesContent) ((Verdict.Shown) shown).content();
    assertEquals(
        content.foot(), Optional.of(new PickedQuotes.SummaryFooter(new BigDecimal("4.4"), 31)));
    assertEquals(content.link(), Optional.of("https://directory.example/shop"));
    assertEquals(Told.of(shown), "shown: SHOP_REVIEWS 2");
  }

  @Test
  public void aLineThatCountsPurchasesAloneNeedsOne() {
    Nod line =
        starLine(Condition.everyone())
            .opted(new NodOptions(Map.of("stars", "no", "counts", "verified")));
    assertEquals(Told.of(of(line, POT)), "withheld: VERIFIED_PURCHASES 0 of 1");
  }
}
