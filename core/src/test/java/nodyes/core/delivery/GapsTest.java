package nodyes.core.delivery;

import static nodyes.core.delivery.Orders.WORKDAYS;
import static nodyes.core.delivery.Orders.handling;
import static nodyes.core.delivery.Orders.settings;
import static nodyes.core.delivery.Orders.shop;
import static nodyes.core.delivery.Orders.week;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.Test;

public class GapsTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);
  private static final Gaps.Known KNOWN =
      new Gaps.Known(
          Set.of("pot"),
          Set.of("pots"),
          Set.of("heavy"),
          Set.of("PT", "JP"),
          region -> region.code().equals("AQ"));
  private static final Layer SHOP = shop(week("16:00", WORKDAYS), new DayRange(0, 1), "PT");
  private static final Destination HOME = Destination.of("pt", "PT", new DayRange(1, 2));

  private static String found(DeliverySettings settings) {
    return Gaps.of(settings, KNOWN, TODAY).stream().map(Gaps.Gap::words).toList().toString();
  }

  private static void assertFinds(DeliverySettings settings, String words) {
    assertTrue(found(settings).contains(words), found(settings));
  }

  @Test
  public void findsNothingInWhatIsWhole() {
    assertEquals(
        found(settings(List.of(SHOP), HOME, Destination.of("jp", "JP", new DayRange(5, 9)))), "[]");
    assertEquals(found(DeliverySettings.NONE), "[]", "nothing is set yet, which is no gap");
  }

  @Test
  public void findsCountriesWithoutDays() {
    assertFinds(settings(List.of(SHOP), HOME), "Orders went to Japan");
    var never =
        new Destination(
            "jp",
            "JP",
            true,
            Optional.empty(),
            true,
            Optional.of(new DayRange(5, 9)),
            Optional.of(Set.of()),
            Optional.empty());
    assertFinds(settings(List.of(SHOP), HOME, never), "No carrier days for Japan");
    assertFinds(settings(List.of(SHOP)), "Portugal, the shop’s own country");
  }

  @Test
  public void findsCountriesWhoseHolidaysAreOnNoRecord() {
    assertFinds(
        settings(List.of(SHOP), HOME, Destination.of("aq", "AQ", new DayRange(5, 9))),
        "The public holidays of Antarctica are not on record here");
    DeliverySettings set = settings(List.of(SHOP), HOME);
    var everywhere = new Carrier(Optional.of(new DayRange(5, 9)), WORKDAYS);
    var known =
        new Gaps.Known(
            Set.of(), Set.of(), Set.of(), Set.of("AQ"), region -> region.code().equals("AQ"));
    assertEquals(
        Gaps.of(
            new DeliverySettings(
                set.home(), set.layers(), set.destinations(), everywhere, List.of()),
            known,
            TODAY),
        List.of(
            new Gaps.Gap(
                "",
                "The public holidays of Antarctica are not on record here, so promises for it count"
                    + " weekdays alone.")));
  }

  @Test
  public void findsWeeksThatAreHardlyMeant() {
    assertFinds(
        settings(List.of(shop(week("00:30", WORKDAYS), new DayRange(0, 1))), HOME),
        "comes soon after midnight");
    assertFinds(
        settings(List.of(shop(new DispatchWeek(Map.of()), new DayRange(0, 1))), HOME),
        "All weekdays are closed");
    assertFinds(
        settings(List.of(handling("pot", new Scope.Product("pot"), 1, 2)), HOME),
        "on which weekdays orders leave");
  }

  @Test
  public void findsLayersForWhatIsNotThereAndSaysWhichOfTwoWins() {
    assertFinds(
        settings(List.of(SHOP, handling("a", new Scope.Product("vase"), 1, 2)), HOME),
        "no product vase");
    assertFinds(
        settings(List.of(SHOP, handling("a", new Scope.Category("vases"), 1, 2)), HOME),
        "no category vases");
    assertFinds(
        settings(List.of(SHOP, handling("a", new Scope.Tag("blue"), 1, 2)), HOME), "tag blue");
    assertFinds(
        settings(
            List.of(
                SHOP,
                handling("a", new Scope.Category("pots"), 1, 2),
                handling("b", new Scope.Category("pots"), 3, 4)),
            HOME),
        "the upper one wins");
    var over =
        new Layer(
            "old",
            new Scope.Shop(),
            true,
            Optional.of(new Season(TODAY.minusDays(9), TODAY.minusDays(1))),
            Optional.empty(),
            SHOP.timing());
    assertFinds(settings(List.of(SHOP, over), HOME), "Its season is over");
  }
}
