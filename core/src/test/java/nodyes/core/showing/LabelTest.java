package nodyes.core.showing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import nodyes.core.audience.Condition;
import nodyes.core.audience.FactName;
import nodyes.core.audience.Figure;
import nodyes.core.audience.Finding;
import nodyes.core.audience.WaresCondition;
import nodyes.core.common.NodId;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.nod.Dress;
import nodyes.core.nod.Label;
import nodyes.core.nod.LabelValue;
import nodyes.core.nod.Look;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodOptions;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Placement;
import nodyes.core.nod.Promise;
import nodyes.core.nod.Spot;
import nodyes.core.nod.TrustBadges;
import nodyes.core.nod.Viewpoint;
import nodyes.core.nod.Wording;
import nodyes.core.price.PriceChange;
import nodyes.core.price.PriceHistory;
import nodyes.core.sales.SalesBook;
import org.joda.money.Money;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class LabelTest {
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);
  private static final Instant NOW = TODAY.atTime(14, 20).atZone(LISBON).toInstant();
  private static final Slug POT = new Slug("pot");

  private static Instant day(int ahead) {
    return TODAY.plusDays(ahead).atStartOfDay(LISBON).toInstant();
  }

  /** As 'days ahead: price'. */
  private static VariantFacts variant(String sku, Long stock, Object... aheadAndPrice) {
    var changes = new ArrayList<PriceChange>();
    for (int i = 0; i < aheadAndPrice.length; i += 2) {
      changes.add(
          new PriceChange(
              day((Integer) aheadAndPrice[i]), Money.parse("EUR " + aheadAndPrice[i + 1])));
    }
    return new VariantFacts(
        sku,
        Optional.empty(),
        new PriceHistory(changes),
        Optional.of(Money.parse("EUR 50.00")),
        Optional.ofNullable(stock),
        Optional.of(TODAY.plusDays(9)),
        sku.startsWith("MADE"));
  }

  private static Facts facts(VariantFacts... variants) {
    var bySku = new LinkedHashMap<String, VariantFacts>();
    for (VariantFacts one : variants) {
      bySku.put(one.sku(), one);
    }
    var pot =
        new ProductFacts(
            new ProductId(1),
            POT,
            "Pot",
            Set.of("planters"),
            Set.of(),
            new Traits(
                Optional.of("Quillwort"),
                true,
                Optional.of(TODAY.minusDays(10)),
                Optional.of(new Traits.Filed("planters", "Planters"))),
            bySku,
            ReviewFacts.NONE);
    var group =
        new SalesBook.Group(
            "planters", Set.of(new ProductId(1), new ProductId(2), new ProductId(3)));
    var book =
        SalesBook.of(
            Map.of(
                new ProductId(1),
                new TreeMap<>(Map.of(TODAY.minusDays(29), 6L, TODAY.minusDays(3), 6L)),
                new ProductId(2),
                new TreeMap<>(Map.of(TODAY.minusDays(3), 8L))));
    return new Facts(
        LISBON,
        Map.of(POT, pot),
        ShopListing.NONE,
        new ShopSales(book, new SalesBook.Group("", group.products()), Map.of("planters", group)));
  }

  private static Label label(Label.Claim claim, Map<String, String> options) {
    return new Label(
        new NodId("label"),
        claim,
        new Placement(
            new Spot("on-picture"), EnumSet.allOf(PageKind.class), Condition.everyone(), true),
        new NodOptions(options),
        Dress.DEFAULT);
  }

  private static Label saying(Label label, String text) {
    return label.dressed(
        new Dress(
            new Wording(Map.of("en", Map.of(Label.words(label.claim()).getFirst(), text))),
            Look.DEFAULT));
  }

  private static Viewpoint viewpoint(String sku, String country) {
    return new Viewpoint(
        PageKind.PRODUCT,
        List.of(POT),
        Optional.ofNullable(sku),
        Optional.ofNullable(country),
        Locale.ENGLISH,
        Optional.empty(),
        NOW);
  }

  private static Verdict ask(Nod nod, Facts facts, String sku) {
    return Showing.of(nod, POT, facts, viewpoint(sku, null));
  }

  private static Label.Content content(Verdict verdict) {
    assertTrue(verdict instanceof Verdict.Shown, verdict.because().toString());
    return (Label.Content) ((Verdict.Shown) verdict).content();
  }

  private static final Facts DROPS =
      facts(
          variant("A", 5L, -90, "40.00", -4, "25.00", 3, "40.00"),
          variant("B", 2L, -90, "36.00"),
          variant("C", null, -90, "45.00", -2, "30.00"));

  /** 25.00 against 40.00 reads 37 %, 30.00 against 45.00 reads 33 %: rounded down. */
  @Test
  public void aPriceDropFollowsTheVariantAndSaysUpToWhereTheyDiffer() {
    Label drop = label(Label.Claim.PRICE_DROP, Map.of());
    Label.Content a = content(ask(drop, DROPS, "A"));
    assertEquals(a.word(), "off");
    assertEquals(a.known(), Map.of(LabelValue.Name.PERCENT_OFF, new LabelValue.Percent(37)));
    assertEquals(
        content(ask(drop, DROPS, "C")).known(),
        Map.of(LabelValue.Name.PERCENT_OFF, new LabelValue.Percent(33)));
    assertTrue(ask(drop, DROPS, "B") instanceof Verdict.Withheld);
    assertTrue(ask(drop, DROPS, "no-such") instanceof Verdict.Withheld);
    Label.Content all = content(ask(drop, DROPS, null));
    assertEquals(all.word(), "upTo");
    assertEquals(all.known().get(LabelValue.Name.PERCENT_OFF), new LabelValue.Percent(37));
    Label amount = label(Label.Claim.PRICE_DROP, Map.of("tells", "amount"));
    assertEquals(content(ask(amount, DROPS, null)).word(), "upToLess");
    assertEquals(
        content(ask(amount, DROPS, "A")).known().get(LabelValue.Name.AMOUNT_OFF),
        new LabelValue.Amount(Money.parse("EUR 15.00")));
  }

  @Test
  public void aPriceDropEndsWhenThePriceGoesBack() {
    Verdict shown = ask(label(Label.Claim.PRICE_DROP, Map.of()), DROPS, "A");
    assertEquals(shown.validUntil().end(), Optional.of(day(3)));
    assertEquals(
        BecauseSentence.of(shown, LISBON),
        "Shows because €25.00 is 37% under €40.00, the lowest price of the 30 days before the"
            + " drop.");
    Verdict after =
        Showing.of(
            label(Label.Claim.PRICE_DROP, Map.of()), POT, DROPS, viewpoint("A", null).at(day(3)));
    assertTrue(after instanceof Verdict.Withheld);
  }

  @Test
  public void theLeastPercentageIsTheOwners() {
    assertTrue(
        ask(label(Label.Claim.PRICE_DROP, Map.of("least-percent", "37")), DROPS, "A")
            instanceof Verdict.Shown);
    Verdict less = ask(label(Label.Claim.PRICE_DROP, Map.of("least-percent", "38")), DROPS, "A");
    assertEquals(
        BecauseSentence.of(less, LISBON),
        "Not here: €25.00 is 37% under €40.00, the lowest price of the 30 days before the drop;"
            + " the rule wants at least 38%.");
  }

  @Test
  public void anOwnersReferenceAndAShortHistoryAreDoubted() {
    Label own = label(Label.Claim.PRICE_DROP, Map.of("against", "own-reference"));
    Verdict shown = ask(own, DROPS, "B");
    assertEquals(
        content(shown).known().get(LabelValue.Name.PERCENT_OFF), new LabelValue.Percent(28));
    assertEquals(shown.because().doubts(), List.of(Doubt.OWN_REFERENCE));
    Facts young = facts(variant("A", 5L, -12, "40.00", -4, "25.00"));
    assertEquals(
        ask(label(Label.Claim.PRICE_DROP, Map.of()), young, "A").because().doubts(),
        List.of(Doubt.SHORT_HISTORY));
    assertEquals(
        ask(label(Label.Claim.PRICE_DROP, Map.of()), DROPS, "A").because().doubts(), List.of());
  }

  @DataProvider
  Object[][] stocks() {
    return new Object[][] {
      {Label.Claim.LOW_STOCK, 3L, "A", true},
      {Label.Claim.LOW_STOCK, 4L, "A", false},
      {Label.Claim.LOW_STOCK, 0L, "A", false},
      {Label.Claim.LOW_STOCK, null, "A", false},
      {Label.Claim.LOW_STOCK, 2L, "MADE", false},
      {Label.Claim.SOLD_OUT, 0L, "A", true},
      {Label.Claim.SOLD_OUT, 1L, "A", false},
      {Label.Claim.SOLD_OUT, null, "A", false},
      {Label.Claim.SOLD_OUT, 0L, "MADE", false},
      {Label.Claim.BACK_ON, 0L, "A", true},
      {Label.Claim.BACK_ON, 1L, "A", false},
    };
  }

  @Test(dataProvider = "stocks")
  public void stockIsReadOnBothSidesOfEachBoundary(
      Label.Claim claim, Long stock, String sku, boolean shows) {
    Verdict verdict = ask(label(claim, Map.of()), facts(variant(sku, stock, -9, "9.00")), null);
    assertEquals(verdict instanceof Verdict.Shown, shows, verdict.because().toString());
  }

  @Test
  public void theStockOfAProductIsThatOfAllItsVariantsAndUnknownWhereOneIs() {
    Label low = label(Label.Claim.LOW_STOCK, Map.of("at-most", "7"));
    Facts two = facts(variant("A", 5L, -9, "9.00"), variant("B", 2L, -9, "9.00"));
    assertEquals(
        content(ask(low, two, null)).known().get(LabelValue.Name.STOCK),
        new LabelValue.Plain(new java.math.BigDecimal("7")));
    assertTrue(ask(low, DROPS, null) instanceof Verdict.Withheld, "one is not known");
    assertTrue(ask(low, DROPS, "B") instanceof Verdict.Shown);
  }

  @Test
  public void backAgainHoldsUntilTheDayBegins() {
    Facts none = facts(variant("A", 0L, -9, "9.00"));
    Verdict shown = ask(label(Label.Claim.BACK_ON, Map.of()), none, null);
    assertEquals(shown.validUntil().end(), Optional.of(day(9)));
    assertEquals(
        content(shown).known().get(LabelValue.Name.BACK_ON), new LabelValue.Day(TODAY.plusDays(9)));
    assertTrue(
        Showing.of(
                label(Label.Claim.BACK_ON, Map.of()), POT, none, viewpoint(null, null).at(day(9)))
            instanceof Verdict.Withheld);
  }

  /** First shown ten days ago: so many days are counted from that day on, it included. */
  @Test
  public void newEndsAtTheShopsMidnightAndIsDoubtedWhenLong() {
    Verdict shown = ask(label(Label.Claim.NEW, Map.of("days", "11")), DROPS, null);
    assertEquals(shown.validUntil().end(), Optional.of(day(1)));
    assertTrue(
        ask(label(Label.Claim.NEW, Map.of("days", "10")), DROPS, null) instanceof Verdict.Withheld);
    Label longer = label(Label.Claim.NEW, Map.of("days", "90"));
    assertEquals(
        Showing.of(longer, POT, DROPS, viewpoint(null, null).at(day(51))).because().doubts(),
        List.of(Doubt.NEW_FOR_LONG));
    assertEquals(ask(longer, DROPS, null).because().doubts(), List.of());
  }

  @Test
  public void aBestsellerLeavesWhenItsSalesAgeOutOfTheWindow() {
    Label best = label(Label.Claim.BESTSELLER, Map.of("least-sold", "5"));
    Verdict shown = ask(best, DROPS, null);
    assertEquals(content(shown).word(), "bestIn");
    assertEquals(
        content(shown).known().get(LabelValue.Name.CATEGORY), new LabelValue.Text("Planters"));
    // the six of thirty days ago count until midnight; then it has 6 and the other 8
    assertEquals(shown.validUntil().end(), Optional.of(day(1)));
    assertEquals(
        BecauseSentence.of(shown, LISBON),
        "Shows because 12 units were sold in 30 days, and it is 1st of 3 in planters: 12 units in"
            + " 30 days.");
    Verdict tomorrow = Showing.of(best, POT, DROPS, viewpoint(null, null).at(day(1)));
    assertEquals(
        BecauseSentence.of(tomorrow, LISBON),
        "Not here: it is 2nd of 3 in planters: 6 units in 30 days; the next above it sold 8; the"
            + " rule takes the first.");
    Verdict few =
        Showing.of(
            label(Label.Claim.BESTSELLER, Map.of("least-sold", "5", "first", "2")),
            POT,
            DROPS,
            viewpoint(null, null).at(day(1)));
    assertEquals(few.because().doubts(), List.of(Doubt.FEW_SALES));
  }

  @Test
  public void aValueThatIsNotKnownHereWithholdsTheLabel() {
    Label own = label(Label.Claim.OWN_WORDS, Map.of());
    assertEquals(content(ask(own, DROPS, null)).known(), Map.of());
    Label sent = saying(own, "Sent to {country} in a box");
    Verdict unknown = ask(sent, DROPS, null);
    assertEquals(
        BecauseSentence.of(unknown, LISBON),
        "Not here: the value “country” of your words is not known here.");
    assertEquals(
        BecauseSentence.clause(
            Finding.unknown(FactName.VALUE, new Figure.Names(List.of("backOn"))), LISBON),
        "the value “back on” of your words is not known here");
    assertEquals(
        BecauseSentence.of(ask(own, DROPS, null), LISBON),
        "Shows because you put it here, and nothing more is asked of it.");
    assertEquals(
        content(Showing.of(sent, POT, DROPS, viewpoint(null, "PT"))).known(),
        Map.of(LabelValue.Name.COUNTRY, new LabelValue.Country("PT")));
    Verdict left = ask(saying(own, "{daysLeft} days left at {price}"), DROPS, "A");
    assertEquals(
        content(left).known().get(LabelValue.Name.DAYS_LEFT),
        new LabelValue.Plain(new java.math.BigDecimal("3")),
        "today and two more");
    assertEquals(left.validUntil().end(), Optional.of(day(1)), "tomorrow it is one less");
    Map<LabelValue.Name, Optional<LabelValue>> all =
        Showing.values(own, POT, DROPS, viewpoint("A", null));
    assertEquals(all.size(), LabelValue.Name.values().length);
    assertEquals(
        all.get(LabelValue.Name.PRIOR_PRICE),
        Optional.of(new LabelValue.Amount(Money.parse("EUR 40.00"))));
    assertEquals(all.get(LabelValue.Name.RATING), Optional.empty());
  }

  /** So that a sale clears kept answers where it may change one, and nowhere else. */
  @Test
  public void whatRestsOnSalesIsKnown() {
    Nod isNew = label(Label.Claim.NEW, Map.of());
    assertEquals(FactNeed.asksForSales(List.of(isNew)), false);
    assertEquals(
        FactNeed.asksForSales(List.of(isNew, label(Label.Claim.BESTSELLER, Map.of()))), true);
    Label own = label(Label.Claim.OWN_WORDS, Map.of());
    assertEquals(FactNeed.asksForSales(List.of(saying(own, "{stock} left"))), false);
    assertEquals(FactNeed.asksForSales(List.of(saying(own, "{unitsSold} sold"))), true);
    Placement placement = own.placement();
    var byRank =
        new Placement(
            placement.spot(),
            placement.pages(),
            new Condition.AllOf(
                List.of(new Condition.AnyOf(List.of(new WaresCondition.RankAtMost(3, 30, true))))),
            true);
    assertEquals(FactNeed.asksForSales(List.of(own.placed(byRank))), true);
  }

  /** By the owner's order, so many as each allows; those elsewhere do not count. */
  @Test
  public void asManyLabelsLieOnAPictureAsEachAllows() {
    Label first = label(Label.Claim.NEW, Map.of());
    Label second = label(Label.Claim.OWN_WORDS, Map.of()).copied(new NodId("second"));
    Label third = second.copied(new NodId("third"));
    Label inText =
        second.copied(new NodId("text")).placed(second.placement().in(new Spot("above-title")));
    Label roomy = third.copied(new NodId("roomy")).opted(new NodOptions(Map.of("on-picture", "3")));
    Page page =
        Page.compose(List.of(first, second, inText, third, roomy), DROPS, viewpoint(null, null));
    assertEquals(
        page.placed().stream()
            .filter(placed -> placed.verdict() instanceof Verdict.Shown)
            .map(placed -> placed.nod().id().value())
            .toList(),
        List.of("label", "second", "roomy", "text"));
    Verdict crowded =
        page.placed().stream()
            .filter(placed -> placed.nod().id().value().equals("third"))
            .findFirst()
            .orElseThrow()
            .verdict();
    assertEquals(crowded.because().missing().getFirst().fact(), FactName.LABELS_BEFORE);
    assertEquals(
        BecauseSentence.of(crowded, LISBON),
        "Not here: 2 labels stand on the picture before it, and it allows 1.");
  }

  private static Promise promise(
      Promise.About about, String link, Set<String> countries, String title) {
    return new Promise(about, "back", link, countries, Map.of("en", new Promise.Said(title, "")));
  }

  @Test
  public void promisesShowWhereTheyHoldAndAreDoubtedWithoutTerms() {
    var badges =
        new TrustBadges(
            new NodId("badges"),
            new Placement(
                new Spot("under-buy"), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), true),
            List.of(
                promise(Promise.About.RETURNS, "", Set.of("PT"), "Sent back free"),
                promise(Promise.About.MAKING, "", Set.of(), "Straw and paper")),
            NodOptions.USUAL,
            Dress.DEFAULT);
    Verdict there = Showing.of(badges, POT, DROPS, viewpoint(null, "PT"));
    assertEquals(titles(there), List.of("Sent back free", "Straw and paper"));
    assertEquals(there.because().doubts(), List.of(Doubt.PROMISE_WITHOUT_LINK));
    Verdict elsewhere = Showing.of(badges, POT, DROPS, viewpoint(null, "US"));
    assertEquals(titles(elsewhere), List.of("Straw and paper"));
    assertEquals(elsewhere.because().doubts(), List.of());
    assertEquals(titles(ask(badges, DROPS, null)), List.of("Straw and paper"));
    Nod none = new TrustBadges(badges.id(), badges.placement());
    assertEquals(
        BecauseSentence.of(ask(none, DROPS, null), LISBON),
        "Not here: it makes no promise that holds here.");
  }

  private static List<String> titles(Verdict verdict) {
    return ((TrustBadges.Content) ((Verdict.Shown) verdict).content())
        .items().stream().map(TrustBadges.Item::title).toList();
  }
}
