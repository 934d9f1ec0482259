package nodyes.server.pages;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;

import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nodyes.server.ServerTest;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class PagesApiTest extends ServerTest {
  @BeforeClass
  public void twoPots() throws Exception {
    product("seen-pot");
    product("quiet-pot");
    publish(bringIn("Product,Rating,Words\nseen-pot,5,Fine\nseen-pot,4,Good\n", "{}"));
  }

  @Test
  public void everyNodIsThereShownOrNotWithItsFindings() throws Exception {
    JsonNode page = body(ask("/api/v1/page?kind=product&product=seen-pot"));
    assertEquals(page.path("moment").asString().substring(0, 10), "2026-11-26");
    assertEquals(
        page.path("nods").valueStream().map(nod -> nod.path("nod").asString()).toList(),
        java.util.List.of("stars-card", "stars-product", "reviews"));
    JsonNode stars = page.path("nods").path(1);
    assertEquals(stars.path("shown").asBoolean(), true);
    assertEquals(stars.path("because").asString(), "2 published reviews.");
    assertEquals(stars.path("findings").path(0).path("status").asString(), "MET");
    assertEquals(stars.path("findings").path(0).path("source").asString(), "REVIEWS");
  }

  @Test
  public void aListingAnswersForEachOfItsProducts() throws Exception {
    JsonNode page =
        body(ask("/api/v1/page?kind=listing&product=seen-pot,quiet-pot,seen-pot,no-such-pot"));
    assertEquals(
        page.path("nods")
            .valueStream()
            .filter(nod -> nod.path("nod").asString().equals("stars-card"))
            .map(nod -> nod.path("product").asString() + " " + nod.path("shown").asBoolean())
            .toList(),
        java.util.List.of("seen-pot true", "quiet-pot false", "no-such-pot false"));
  }

  @Test
  public void anyMomentCanBeAskedFor() throws Exception {
    ask("/api/v1/page?kind=product&product=seen-pot&at=2027-02-03T04:05:06Z")
        .andExpect(jsonPath("$.moment").value("2027-02-03T04:05:06Z"));
    ask("/api/v1/page?kind=product&product=seen-pot&at=tomorrow")
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("at"));
    // on the shop's clock, Europe/Lisbon; 01:30 does not occur on the day that summer begins
    ask("/api/v1/page?kind=product&product=seen-pot&at=2026-07-01T12:00")
        .andExpect(jsonPath("$.moment").value("2026-07-01T11:00:00Z"));
    ask("/api/v1/page?kind=product&product=seen-pot&at=2027-03-28T01:30")
        .andExpect(jsonPath("$.moment").value("2027-03-28T01:30:00Z"));
    ask("/api/v1/page?kind=product&product=seen-pot&at=1066-10-14T09:00")
        .andExpect(status().isBadRequest());
    ask("/api/v1/clock").andExpect(jsonPath("$.shopTime").value("2026-11-26T14:20"));
  }

  @Test
  public void whatTimeAloneDoesNotChangeHasNoMoments() throws Exception {
    ask("/api/v1/page/upcoming-changes?kind=product&product=seen-pot")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.moments.length()").value(0))
        .andExpect(jsonPath("$.isCut").value(false));
    ask("/api/v1/page/upcoming-changes?kind=cellar").andExpect(status().isBadRequest());
  }

  @Test
  public void whatIsNoPageIsRefusedWithAReason() throws Exception {
    ask("/api/v1/page?kind=cellar")
        .andExpect(status().isBadRequest())
        .andExpect(
            jsonPath("$.detail")
                .value("The kind must be product, listing, basket, home or confirmation."));
    ask("/api/v1/page").andExpect(status().isBadRequest());
    String many =
        IntStream.range(0, 101).mapToObj(i -> "pot-" + i).collect(Collectors.joining(","));
    ask("/api/v1/page?kind=listing&product={many}", many)
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail").value("A page can ask for up to 100 products."));
  }

  @Test
  public void aPageWithoutProductsHoldsNothing() throws Exception {
    ask("/api/v1/page?kind=basket").andExpect(jsonPath("$.nods.length()").value(0));
  }
}
