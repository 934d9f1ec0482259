package nodyes.core.evaluation;

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
import nodyes.core.common.NodId;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.nod.Appearance;
import nodyes.core.nod.FactRequirements;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodOptions;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Placement;
import nodyes.core.nod.ShopPromise;
import nodyes.core.nod.Spot;
import nodyes.core.nod.Style;
import nodyes.core.nod.TextOverrides;
import nodyes.core.nod.TextValue;
import nodyes.core.nod.TrustBadges;
import nodyes.core.nod.Viewpoint;
import nodyes.core.price.PriceChange;
import nodyes.core.price.PriceHistory;
import nodyes.core.sales.DailySales;
import nodyes.core.targeting.Condition;
import nodyes.core.targeting.FactName;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;
import nodyes.core.targeting.ProductCondition;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;
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
  private static VariantFacts variant(String sku, @Nullable Long stock, Object... aheadAndPrice) {
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
            new ProductAttributes(
                Optional.of("Quillwort"),
                true,
                Optional.of(TODAY.minusDays(10)),
                Optional.of(new ProductAttributes.Filed("planters", "Planters"))),
            bySku,
            ReviewFacts.NONE);
    var group =
        new DailySales.Group(
            "planters", Set.of(new ProductId(1), new ProductId(2), new ProductId(3)));
    var book =
        DailySales.of(
            Map.of(
                new ProductId(1),
                new TreeMap<>(Map.of(TODAY.minusDays(29), 6L, TODAY.minusDays(3), 6L)),
                new ProductId(2),
                new TreeMap<>(Map.of(TODAY.minusDays(3), 8L))));
    return new Facts(
        LISBON,
        Map.of(POT, pot),
        BusinessProfile.NONE,
        new ShopSales(book, new DailySales.Group("", group.products()), Map.of("planters", group)));
  }

  private static Label label(Label.LabelType claim, Map<String, String> options) {
    return new Label(
        new NodId("label"),
        claim,
        new Placement(
            new Spot("on-picture"), EnumSet.allOf(PageKind.class), Condition.everyone(), true),
        new NodOptions(options),
        Appearance.DEFAULT);
  }

  private static Label saying(Label label, String text) {
    return label.dressed(
        new Appearance(
            new TextOverrides(Map.of("en", Map.of(Label.words(label.claim()).getFirst(), text))),
            Style.DEFAULT));
  }

  private static Viewpoint viewpoint(@Nullable String sku, @Nullable String country) {
    return new Viewpoint(
        PageKind.PRODUCT,
        List.of(POT),
        Optional.ofNullable(sku),
        Optional.ofNullable(country),
        Locale.ENGLISH,
        Optional.empty(),
        NOW);
  }

  private static Verdict ask(Nod nod, Facts facts, @Nullable String sku) {
    return NodEvaluator.of(nod, POT, facts, viewpoint(sku, null));
  }

  private static Label.LabelContent content(Verdict verdict) {
    assertTrue(verdict instanceof Verdict.Shown, verdict.because().toString());
    return (Label.LabelContent) ((Verdict.Shown) verdict).content();
  }

  private static final Facts DROPS =
      facts(
          variant("A", 5L, -90, "40.00", -4, "25.00", 3, "40.00"),
          variant("B", 2L, -90, "36.00"),
          variant("C", null, -90, "45.00", -2, "30.00"));

  /** 25.00 against 40.00 reads 37 %, 30.00 against 45.00 reads 33 %: rounded down. */
  @Test
  public void aPriceDropFollowsTheVariantAndSaysUpToWhereTheyDiffer() {
    Label drop = label(Label.LabelType.PRICE_DROP, Map.of());
    Label.LabelContent a = content(ask(drop, DROPS, "A"));
    assertEquals(a.word(), "off");
    assertEquals(a.known(), Map.of(TextValue.Name.PERCENT_OFF, new TextValue.Percent(37)));
    assertEquals(
        content(ask(drop, DROPS, "C")).known(),
        Map.of(TextValue.Name.PERCENT_OFF, new TextValue.Percent(33)));
    assertTrue(ask(drop, DROPS, "B") instanceof Verdict.Withheld);
    assertTrue(ask(drop, DROPS, "no-such") instanceof Verdict.Withheld);
    Label.LabelContent all = content(ask(drop, DROPS, null));
    assertEquals(all.word(), "upTo");
    assertEquals(all.known().get(TextValue.Name.PERCENT_OFF), new TextValue.Percent(37));
    Label amount = label(Label.LabelType.PRICE_DROP, Map.of("tells", "amount"));
    assertEquals(content(ask(amount, DROPS, null)).word(), "upToLess");
    assertEquals(
        content(ask(amount, DROPS, "A")).known().get(TextValue.Name.AMOUNT_OFF),
        new TextValue.Amount(Money.parse("EUR 15.00")));
  }

  @Test
  public void aPriceDropEndsWhenThePriceGoesBack() {
    Verdict shown = ask(label(Label.LabelType.PRICE_DROP, Map.of()), DROPS, "A");
    assertEquals(shown.validUntil().end(), Optional.of(day(3)));
    assertEquals(
        Told.of(shown),
        "shown: DISCOUNT Discount[price=EUR 25.00, prior=EUR 40.00, percent=37, daysBefore=30]");
    Verdict after =
        NodEvaluator.of(
            label(Label.LabelType.PRICE_DROP, Map.of()),
            POT,
            DROPS,
            viewpoint("A", null).at(day(3)));
    assertTrue(after instanceof Verdict.Withheld);
  }

  @Test
  public void theLeastPercentageIsTheOwners() {
    assertTrue(
        ask(label(Label.LabelType.PRICE_DROP, Map.of("least-percent", "37")), DROPS, "A")
            instanceof Verdict.Shown);
    Verdict less =
        ask(label(Label.LabelType.PRICE_DROP, Map.of("least-percent", "38")), DROPS, "A");
    assertEquals(
        Told.of(less),
        "withheld: DISCOUNT Discount[price=EUR 25.00, prior=EUR 40.00, percent=37, daysBefore=30] of PercentRange[min=38, max=-]");
  }

  @Test
  public void anOwnersReferenceAndAShortHistoryAreDoubted() {
    Label own = label(Label.LabelType.PRICE_DROP, Map.of("against", "own-reference"));
    Verdict shown = ask(own, DROPS, "B");
    assertEquals(content(shown).known().get(TextValue.Name.PERCENT_OFF), new TextValue.Percent(28));
    assertEquals(shown.because().doubts(), List.of(ClaimRisk.CUSTOM_REFERENCE_PRICE));
    Facts young = facts(variant("A", 5L, -12, "40.00", -4, "25.00"));
    assertEquals(
        ask(label(Label.LabelType.PRICE_DROP, Map.of()), young, "A").because().doubts(),
        List.of(ClaimRisk.SHORT_PRICE_HISTORY));
    assertEquals(
        ask(label(Label.LabelType.PRICE_DROP, Map.of()), DROPS, "A").because().doubts(), List.of());
  }

  @DataProvider
  Object[][] stocks() {
    return new Object[][] {
      {Label.LabelType.LOW_STOCK, 3L, "A", true},
      {Label.LabelType.LOW_STOCK, 4L, "A", false},
      {Label.LabelType.LOW_STOCK, 0L, "A", false},
      {Label.LabelType.LOW_STOCK, null, "A", false},
      {Label.LabelType.LOW_STOCK, 2L, "MADE", false},
      {Label.LabelType.SOLD_OUT, 0L, "A", true},
      {Label.LabelType.SOLD_OUT, 1L, "A", false},
      {Label.LabelType.SOLD_OUT, null, "A", false},
      {Label.LabelType.SOLD_OUT, 0L, "MADE", false},
      {Label.LabelType.BACK_ON, 0L, "A", true},
      {Label.LabelType.BACK_ON, 1L, "A", false},
    };
  }

  @Test(dataProvider = "stocks")
  public void stockIsReadOnBothSidesOfEachBoundary(
      Label.LabelType claim, Long stock, String sku, boolean shows) {
    Verdict verdict = ask(label(claim, Map.of()), facts(variant(sku, stock, -9, "9.00")), null);
    assertEquals(verdict instanceof Verdict.Shown, shows, verdict.because().toString());
  }

  @Test
  public void theStockOfAProductIsThatOfAllItsVariantsAndUnknownWhereOneIs() {
    Label low = label(Label.LabelType.LOW_STOCK, Map.of("at-most", "7"));
    Facts two = facts(variant("A", 5L, -9, "9.00"), variant("B", 2L, -9, "9.00"));
    assertEquals(
        content(ask(low, two, null)).known().get(TextValue.Name.STOCK),
        new TextValue.Plain(new java.math.BigDecimal("7")));
    assertTrue(ask(low, DROPS, null) instanceof Verdict.Withheld, "one is not known");
    assertTrue(ask(low, DROPS, "B") instanceof Verdict.Shown);
  }

  @Test
  public void backAgainHoldsUntilTheDayBegins() {
    Facts none = facts(variant("A", 0L, -9, "9.00"));
    Verdict shown = ask(label(Label.LabelType.BACK_ON, Map.of()), none, null);
    assertEquals(shown.validUntil().end(), Optional.of(day(9)));
    assertEquals(
        content(shown).known().get(TextValue.Name.BACK_ON), new TextValue.Day(TODAY.plusDays(9)));
    assertTrue(
        NodEvaluator.of(
                label(Label.LabelType.BACK_ON, Map.of()),
                POT,
                none,
                viewpoint(null, null).at(day(9)))
            instanceof Verdict.Withheld);
  }

  /** First shown ten days ago: so many days are counted from that day on, it included. */
  @Test
  public void newEndsAtTheShopsMidnightAndIsDoubtedWhenLong() {
    Verdict shown = ask(label(Label.LabelType.NEW, Map.of("days", "11")), DROPS, null);
    assertEquals(shown.validUntil().end(), Optional.of(day(1)));
    assertTrue(
        ask(label(Label.LabelType.NEW, Map.of("days", "10")), DROPS, null)
            instanceof Verdict.Withheld);
    Label longer = label(Label.LabelType.NEW, Map.of("days", "90"));
    assertEquals(
        NodEvaluator.of(longer, POT, DROPS, viewpoint(null, null).at(day(51))).because().doubts(),
        List.of(ClaimRisk.NEW_TOO_LONG));
    assertEquals(ask(longer, DROPS, null).because().doubts(), List.of());
  }

  @Test
  public void aBestsellerLeavesWhenItsSalesAgeOutOfTheWindow() {
    Label best = label(Label.LabelType.BESTSELLER, Map.of("least-sold", "5"));
    Verdict shown = ask(best, DROPS, null);
    assertEquals(content(shown).word(), "bestIn");
    assertEquals(
        content(shown).known().get(TextValue.Name.CATEGORY), new TextValue.Text("Planters"));
    // the six of thirty days ago count until midnight; then it has 6 and the other 8
    assertEquals(shown.validUntil().end(), Optional.of(day(1)));
    assertEquals(
        Told.of(shown),
        "shown: UNITS_SOLD UnitsSold[units=12, days=30]; SALES_RANK RankInGroup[group=Planters, rank=SalesRank[units=12, rank=1, of=3, next=-], days=30]");
    Verdict tomorrow = NodEvaluator.of(best, POT, DROPS, viewpoint(null, null).at(day(1)));
    assertEquals(
        Told.of(tomorrow),
        "withheld: SALES_RANK RankInGroup[group=Planters, rank=SalesRank[units=6, rank=2, of=3, next=8], days=30] of TopN[places=1]");
    Verdict few =
        NodEvaluator.of(
            label(Label.LabelType.BESTSELLER, Map.of("least-sold", "5", "first", "2")),
            POT,
            DROPS,
            viewpoint(null, null).at(day(1)));
    assertEquals(few.because().doubts(), List.of(ClaimRisk.FEW_SALES));
  }

  @Test
  public void aValueThatIsNotKnownHereWithholdsTheLabel() {
    Label own = label(Label.LabelType.OWN_WORDS, Map.of());
    assertEquals(content(ask(own, DROPS, null)).known(), Map.of());
    Label sent = saying(own, "Sent to {country} in a box");
    Verdict unknown = ask(sent, DROPS, null);
    assertEquals(Told.of(unknown), "withheld: TEXT_VALUE Unknown[] of [country]");
    assertEquals(
        Told.of(Finding.unknown(FactName.TEXT_VALUE, new FactValue.NameList(List.of("backOn")))),
        "TEXT_VALUE Unknown[] of [backOn]");
    assertEquals(Told.of(ask(own, DROPS, null)), "shown: ");
    assertEquals(
        content(NodEvaluator.of(sent, POT, DROPS, viewpoint(null, "PT"))).known(),
        Map.of(TextValue.Name.COUNTRY, new TextValue.Country("PT")));
    Verdict left = ask(saying(own, "{daysLeft} days left at {price}"), DROPS, "A");
    assertEquals(
        content(left).known().get(TextValue.Name.DAYS_LEFT),
        new TextValue.Plain(new java.math.BigDecimal("3")),
        "today and two more");
    assertEquals(left.validUntil().end(), Optional.of(day(1)), "tomorrow it is one less");
    Map<TextValue.Name, Optional<TextValue>> all =
        NodEvaluator.values(own, POT, DROPS, viewpoint("A", null));
    assertEquals(all.size(), TextValue.Name.values().length);
    assertEquals(
        all.get(TextValue.Name.PRIOR_PRICE),
        Optional.of(new TextValue.Amount(Money.parse("EUR 40.00"))));
    assertEquals(all.get(TextValue.Name.RATING), Optional.empty());
  }

  /** Of each of ten thousand products all was loaded anew, to know what is kept of all of them. */
  @Test
  public void whatWasSoldIsAmongTheFigures() {
    Nod bestseller = label(Label.LabelType.BESTSELLER, Map.of());
    assertEquals(
        FactRequirements.of(List.of(bestseller), bestseller.placement().pages().iterator().next())
            .areFigures(),
        true);
  }

  /** So that a sale clears kept answers where it may change one, and nowhere else. */
  @Test
  public void whatRestsOnSalesIsKnown() {
    Nod isNew = label(Label.LabelType.NEW, Map.of());
    assertEquals(FactRequirements.asksForSales(List.of(isNew)), false);
    assertEquals(
        FactRequirements.asksForSales(List.of(isNew, label(Label.LabelType.BESTSELLER, Map.of()))),
        true);
    Label own = label(Label.LabelType.OWN_WORDS, Map.of());
    assertEquals(FactRequirements.asksForSales(List.of(saying(own, "{stock} left"))), false);
    assertEquals(FactRequirements.asksForSales(List.of(saying(own, "{unitsSold} sold"))), true);
    Placement placement = own.placement();
    var byRank =
        new Placement(
            placement.spot(),
            placement.pages(),
            new Condition.AllOf(
                List.of(
                    new Condition.AnyOf(List.of(new ProductCondition.RankAtMost(3, 30, true))))),
            true);
    assertEquals(FactRequirements.asksForSales(List.of(own.placed(byRank))), true);
  }

  /** By the owner's order, so many as each allows; those elsewhere do not count. */
  @Test
  public void asManyLabelsLieOnAPictureAsEachAllows() {
    Label first = label(Label.LabelType.NEW, Map.of());
    Label second = label(Label.LabelType.OWN_WORDS, Map.of()).copied(new NodId("second"));
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
    assertEquals(crowded.because().missing().getFirst().fact(), FactName.LABELS_ON_IMAGE);
    assertEquals(Told.of(crowded), "withheld: LABELS_ON_IMAGE 2 of CountRange[min=-, max=1]");
  }

  private static ShopPromise promise(
      ShopPromise.About about, String link, Set<String> countries, String title) {
    return new ShopPromise(
        about, "back", link, countries, Map.of("en", new ShopPromise.Said(title, "")));
  }

  @Test
  public void promisesShowWhereTheyHoldAndAreDoubtedWithoutTerms() {
    var badges =
        new TrustBadges(
            new NodId("badges"),
            new Placement(
                new Spot("under-buy"), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), true),
            List.of(
                promise(ShopPromise.About.RETURNS, "", Set.of("PT"), "Sent back free"),
                promise(ShopPromise.About.MAKING, "", Set.of(), "Straw and paper")),
            NodOptions.USUAL,
            Appearance.DEFAULT);
    Verdict there = NodEvaluator.of(badges, POT, DROPS, viewpoint(null, "PT"));
    assertEquals(titles(there), List.of("Sent back free", "Straw and paper"));
    assertEquals(there.because().doubts(), List.of(ClaimRisk.PROMISE_WITHOUT_TERMS));
    Verdict elsewhere = NodEvaluator.of(badges, POT, DROPS, viewpoint(null, "US"));
    assertEquals(titles(elsewhere), List.of("Straw and paper"));
    assertEquals(elsewhere.because().doubts(), List.of());
    assertEquals(titles(ask(badges, DROPS, null)), List.of("Straw and paper"));
    Nod none = new TrustBadges(badges.id(), badges.placement());
    assertEquals(Told.of(ask(none, DROPS, null)), "withheld: PROMISES 0 of 1");
  }

  private static List<String> titles(Verdict verdict) {
    return ((TrustBadges.TrustBadgesContent) ((Verdict.Shown) verdict).content())
        .items().stream().map(TrustBadges.Item::title).toList();
  }
}
