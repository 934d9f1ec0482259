package nodyes.core.nod;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nodyes.core.common.Slug;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Where nods stand, and on which page somebody looks. */
public class SpotTest {
  @DataProvider
  public Object[][] noSpots() {
    return new Object[][] {
      {""}, {"Above"}, {"2nd"}, {"-a"}, {"a b"}, {"a_b"}, {"a\"b"}, {"é"}, {"a".repeat(41)}, {"a\n"}
    };
  }

  /** The name is written into an attribute and a selector of the shop's page. */
  @Test(dataProvider = "noSpots")
  public void whatIsNoNameIsRefused(String name) {
    assertThrows(IllegalArgumentException.class, () -> new Spot(name));
  }

  @Test
  public void standardOnesComeInPageOrderAndOthersBehindThem() {
    int last = -1;
    for (Spot spot : Spot.STANDARD) {
      assertEquals(spot.order(), ++last, spot.name());
    }
    assertEquals(new Spot("beside-the-price").order(), Spot.STANDARD.size());
    assertEquals(Spot.STANDARD.stream().distinct().count(), Spot.STANDARD.size());
    assertEquals(Spot.STANDARD.stream().filter(Spot::isOnPicture).count(), 1);
    assertEquals(
        Spot.STANDARD.stream().filter(Spot::isOfPage).map(Spot::name).toList(),
        List.of("basket-end", "order-end"));
  }

  @Test
  public void pageKindsAreKnownByTheirWords() {
    for (PageKind kind : PageKind.values()) {
      assertEquals(
          PageKind.parse(kind.name().toLowerCase(Locale.ROOT)), Optional.of(kind), kind.name());
    }
    assertEquals(PageKind.parse("checkout"), Optional.empty());
    assertEquals(PageKind.parse(""), Optional.empty());
  }

  /** Each change of a viewpoint changes that one thing. */
  @Test
  public void aViewpointChangesOneThingAtATime() {
    var moment = java.time.Instant.parse("2026-11-26T14:20:00Z");
    var look =
        new Viewpoint(
            PageKind.PRODUCT,
            List.of(new Slug("pot")),
            Optional.of("POT-1"),
            Optional.of("PT"),
            Locale.ENGLISH,
            Optional.empty(),
            moment);
    var later = moment.plusSeconds(60);
    assertEquals(look.at(later).at(moment), look);
    assertEquals(look.at(later).moment(), later);
    assertEquals(look.choosing(Optional.empty()).choosing(Optional.of("POT-1")), look);
    assertEquals(look.from(Optional.of("DE")).country(), Optional.of("DE"));
    assertEquals(look.from(Optional.of("DE")).from(Optional.of("PT")), look);
    assertEquals(look.on(Optional.of(Viewpoint.Screen.NARROW)).on(Optional.empty()), look);
    assertEquals(look.ordered(Optional.of(later)).ordered(Optional.empty()), look);
    assertThrows(UnsupportedOperationException.class, () -> look.products().add(new Slug("other")));
  }
}
