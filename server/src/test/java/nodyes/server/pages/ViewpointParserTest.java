package nodyes.server.pages;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nodyes.core.common.Slug;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.server.web.ApiProblem;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Who looks at what, and when, as an address says it. */
public class ViewpointParserTest {
  private static final Instant NOW = Instant.parse("2026-11-26T14:20:00Z");
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");

  /** Lisbon's clock skips 01:00 to 02:00 on 29 March 2026 and repeats it on 25 October (IANA). */
  @DataProvider
  public Object[][] moments() {
    return new Object[][] {
      {"2026-11-26T14:20", "2026-11-26T14:20:00Z"},
      {"2026-07-01T14:20", "2026-07-01T13:20:00Z"},
      {"2026-07-01T14:20:00Z", "2026-07-01T14:20:00Z"},
      {"2026-03-29T00:59", "2026-03-29T00:59:00Z"},
      {"2026-03-29T01:30", "2026-03-29T01:30:00Z"},
      {"2026-03-29T02:00", "2026-03-29T01:00:00Z"},
      {"2026-10-25T01:30", "2026-10-25T00:30:00Z"},
      {"2026-10-25T02:00", "2026-10-25T02:00:00Z"},
      {"", "2026-11-26T14:20:00Z"},
      {"  ", "2026-11-26T14:20:00Z"},
    };
  }

  @Test(dataProvider = "moments")
  public void aMomentIsReadOnTheShopsClock(String at, String instant) {
    assertEquals(ViewpointParser.moment(at, LISBON, NOW), Instant.parse(instant));
  }

  @Test
  public void whatIsNoMomentIsRefused() {
    for (String at :
        new String[] {
          "soon",
          "2026-11-26",
          "14:20",
          "2026-02-30T10:00",
          "1999-12-31T23:00",
          "2100-01-02T00:00",
          "2026-11-26T14:20+01:00",
          "-999999999-01-01T00:00",
          "2026-11-26T24:30"
        }) {
      assertThrows(ApiProblem.class, () -> ViewpointParser.moment(at, LISBON, NOW));
    }
  }

  @Test
  public void productsThatAreNoneArePassedOver() {
    assertEquals(
        ViewpointParser.slugs(" slate-pot , ,slate-pot,<b>,Oat trough,oat-trough"),
        List.of(new Slug("slate-pot"), new Slug("oat-trough")));
    assertEquals(ViewpointParser.slugs(null), List.of());
    assertEquals(ViewpointParser.slugs(""), List.of());
    assertEquals(ViewpointParser.slugs(many(100)).size(), 100);
    assertThrows(ApiProblem.class, () -> ViewpointParser.slugs(many(101)));
  }

  private static String many(int count) {
    return IntStream.range(0, count).mapToObj(i -> "pot-" + i).collect(Collectors.joining(","));
  }

  @Test
  public void aViewpointSaysWhatItWasAsked() {
    Viewpoint view =
        ViewpointParser.of(
            new ViewpointParser.Asked("listing", "a-pot,b-pot", " PL-1 ", "pt", "pt-BR"), NOW);
    assertEquals(view.page(), PageKind.LISTING);
    assertEquals(view.products().size(), 2);
    assertEquals(view.variant(), Optional.of("PL-1"));
    assertEquals(view.country(), Optional.of("PT"));
    assertEquals(view.language(), Locale.forLanguageTag("pt-BR"));
    Viewpoint plain =
        ViewpointParser.of(new ViewpointParser.Asked("home", null, "", " ", null), NOW);
    assertEquals(plain.country(), Optional.empty());
    assertEquals(plain.variant(), Optional.empty());
    assertEquals(plain.language(), Locale.ENGLISH);
    assertThrows(
        ApiProblem.class,
        () ->
            ViewpointParser.of(new ViewpointParser.Asked("checkout", null, null, null, null), NOW));
  }

  /** An order is of the last three months; clocks of shops may be ten minutes ahead. */
  @Test
  public void whenAnOrderWasPlacedIsBelievedWithinReason() {
    assertEquals(
        ViewpointParser.ordered("2026-11-26T14:00:00Z", NOW), Optional.of(NOW.minusSeconds(1200)));
    assertEquals(
        ViewpointParser.ordered("2026-11-26T14:29:00Z", NOW), Optional.of(NOW.plusSeconds(540)));
    for (String at :
        new String[] {
          "", "yesterday", "2026-11-26T15:00:00Z", "2026-08-01T00:00:00Z", "2026-11-26"
        }) {
      assertEquals(ViewpointParser.ordered(at, NOW), Optional.empty(), at);
    }
    assertEquals(ViewpointParser.ordered(null, NOW), Optional.empty());
    Viewpoint confirmed =
        ViewpointParser.of(
            new ViewpointParser.Asked("confirmation", "a-pot", null, null, null), NOW);
    assertEquals(ViewpointParser.orderedThen(confirmed).orderedAt(), Optional.of(NOW));
    Viewpoint other =
        ViewpointParser.of(new ViewpointParser.Asked("basket", "a-pot", null, null, null), NOW);
    assertEquals(ViewpointParser.orderedThen(other).orderedAt(), Optional.empty());
  }
}
