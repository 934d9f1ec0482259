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

public class SettingsCheckTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);
  private static final SettingsCheck.Known KNOWN =
      new SettingsCheck.Known(
          Set.of("pot"),
          Set.of("pots"),
          Set.of("heavy"),
          Set.of("PT", "JP"),
          region -> region.code().equals("AQ"));
  private static final DeliveryRule SHOP = shop(week("16:00", WORKDAYS), new DayRange(0, 1), "PT");
  private static final Destination HOME = Destination.of("pt", "PT", new DayRange(1, 2));

  private static List<String> found(DeliverySettings settings) {
    return SettingsCheck.of(settings, KNOWN, TODAY).stream()
        .map(gap -> (gap.kind() + " " + gap.of()).strip())
        .toList();
  }

  private static void assertFinds(DeliverySettings settings, String gap) {
    assertTrue(found(settings).contains(gap), found(settings).toString());
  }

  @Test
  public void findsNothingInWhatIsWhole() {
    assertEquals(
        found(settings(List.of(SHOP), HOME, Destination.of("jp", "JP", new DayRange(5, 9)))),
        List.of());
    assertEquals(found(DeliverySettings.NONE), List.of(), "nothing is set yet, which is no gap");
  }

  @Test
  public void findsCountriesWithoutDays() {
    assertFinds(settings(List.of(SHOP), HOME), "NO_TRANSIT_ORDERED JP");
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
    assertFinds(settings(List.of(SHOP), HOME, never), "NO_CARRIER_DAYS JP");
    assertFinds(settings(List.of(SHOP)), "NO_TRANSIT_HOME PT");
  }

  @Test
  public void findsCountriesWhoseHolidaysAreOnNoRecord() {
    assertFinds(
        settings(List.of(SHOP), HOME, Destination.of("aq", "AQ", new DayRange(5, 9))),
        "HOLIDAYS_UNKNOWN AQ");
    DeliverySettings set = settings(List.of(SHOP), HOME);
    var everywhere = new CarrierDefaults(Optional.of(new DayRange(5, 9)), WORKDAYS);
    var known =
        new SettingsCheck.Known(
            Set.of(), Set.of(), Set.of(), Set.of("AQ"), region -> region.code().equals("AQ"));
    assertEquals(
        SettingsCheck.of(
            new DeliverySettings(
                set.home(), set.layers(), set.destinations(), everywhere, List.of()),
            known,
            TODAY),
        List.of(new SettingsCheck.SettingsWarning("", SettingsCheck.Kind.HOLIDAYS_UNKNOWN, "AQ")));
  }

  @Test
  public void findsWeeksThatAreHardlyMeant() {
    assertFinds(
        settings(List.of(shop(week("00:30", WORKDAYS), new DayRange(0, 1))), HOME), "SMALL_HOURS");
    assertFinds(
        settings(List.of(shop(new DispatchSchedule(Map.of()), new DayRange(0, 1))), HOME),
        "ALL_CLOSED");
    assertFinds(
        settings(List.of(handling("pot", new RuleScope.Product("pot"), 1, 2)), HOME),
        "NO_DISPATCH");
  }

  @Test
  public void findsLayersForWhatIsNotThereAndSaysWhichOfTwoWins() {
    assertFinds(
        settings(List.of(SHOP, handling("a", new RuleScope.Product("vase"), 1, 2)), HOME),
        "NO_SUCH_PRODUCT vase");
    assertFinds(
        settings(List.of(SHOP, handling("a", new RuleScope.Category("vases"), 1, 2)), HOME),
        "NO_SUCH_CATEGORY vases");
    assertFinds(
        settings(List.of(SHOP, handling("a", new RuleScope.Tag("blue"), 1, 2)), HOME),
        "NO_SUCH_TAG blue");
    assertFinds(
        settings(
            List.of(
                SHOP,
                handling("a", new RuleScope.Category("pots"), 1, 2),
                handling("b", new RuleScope.Category("pots"), 3, 4)),
            HOME),
        "OVERLAP");
    var over =
        new DeliveryRule(
            "old",
            new RuleScope.Shop(),
            true,
            Optional.of(new Season(TODAY.minusDays(9), TODAY.minusDays(1))),
            Optional.empty(),
            SHOP.timing());
    assertFinds(settings(List.of(SHOP, over), HOME), "SEASON_OVER");
  }
}
