package nodyes.core.nod;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.Unfit;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ShopPromiseTest {
  private static ShopPromise promise(String drawing, String link, Set<String> countries) {
    return new ShopPromise(
        ShopPromise.About.OTHER,
        drawing,
        link,
        countries,
        Map.of("en", new ShopPromise.Said("Kept", ""), "pt", new ShopPromise.Said("", "")));
  }

  @DataProvider
  Object[][] links() {
    return new Object[][] {
      // browsers take a backslash for a slash (WHATWG URL): these lead to another site
      {"/\\elsewhere.example", false},
      {"\\\\elsewhere.example", false},
      {"https:\\\\elsewhere.example", false},
      {"https://shop.example@elsewhere.example/", false},
      {"https:///nowhere", false},
      {"HTTP://shop.example/returns", true},
      {"/devoluções?de=casa#já", true},
      {"", true},
      {"/", true},
      {"/returns", true},
      {"https://shop.example/returns", true},
      {"http://shop.example", true},
      {"//evil.example", false},
      {"javascript:alert(1)", false},
      {"data:text/html,x", false},
      {"returns", false},
      {"/two words", false},
      {"https://" + "a".repeat(600), false},
    };
  }

  @Test(dataProvider = "links")
  public void aLinkIsAnAddressOrAPathOfTheShop(String link, boolean isOne) {
    if (isOne) {
      assertEquals(promise("back", link, Set.of()).link(), link);
    } else {
      Unfit fault = expectThrows(Unfit.class, () -> promise("back", link, Set.of()));
      assertEquals(fault.said().values(), Map.of("promise", "Kept"));
    }
  }

  @Test
  public void wordsFallBackToEnglishAndThenToAny() {
    ShopPromise promise = promise("back", "", Set.of());
    assertEquals(promise.said("pt").title(), "Kept");
    assertEquals(promise.said("ja").title(), "Kept");
    var german =
        new ShopPromise(
            ShopPromise.About.OTHER,
            "none",
            "",
            Set.of(),
            Map.of("de", new ShopPromise.Said("Gehalten", "")));
    assertEquals(german.said("fr").title(), "Gehalten");
    assertFalse(german.saysNothing());
    assertTrue(
        new ShopPromise(ShopPromise.About.OTHER, "none", "", Set.of(), Map.of()).saysNothing());
  }

  @Test
  public void itHoldsInItsCountriesAndNowhereElse() {
    ShopPromise some = promise("back", "", Set.of("PT", "ES"));
    assertTrue(some.holdsIn(Optional.of("PT")));
    assertFalse(some.holdsIn(Optional.of("US")));
    assertFalse(some.holdsIn(Optional.empty()));
    assertTrue(promise("back", "", Set.of()).holdsIn(Optional.empty()));
  }

  @Test
  public void whatIsWrongIsSaid() {
    expectThrows(IllegalArgumentException.class, () -> promise("no-such-drawing", "", Set.of()));
    expectThrows(IllegalArgumentException.class, () -> promise("back", "", Set.of("Spain")));
    expectThrows(IllegalArgumentException.class, () -> new ShopPromise.Said("x".repeat(61), ""));
    expectThrows(IllegalArgumentException.class, () -> new ShopPromise.Said("x", "y".repeat(141)));
  }
}
