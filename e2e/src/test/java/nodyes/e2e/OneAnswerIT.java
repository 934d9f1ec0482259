package nodyes.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/**
 * Catalogue, Pages, the reasons and what shoppers get contradicted each other: quotes were 'Not
 * here: .' in the catalogue while they showed. Over all products of the demo, all kinds of page and
 * some who look, they say the same, and none without a finding.
 */
public class OneAnswerIT extends InBrowser {
  /** How many look moves while one asks. */
  private static final String MOVES = "visitor-count";

  private static final int ON_A_LISTING = 12;
  private static final int ASKED_WHY = 4;

  private final ObjectMapper json = new ObjectMapper();

  @DataProvider
  public Object[][] whoLooks() {
    return new Object[][] {
      {""}, {"&country=PT&lang=pt"}, {"&country=DE&lang=de"}, {"&country=JP&lang=ja"},
    };
  }

  private JsonNode read(String path) throws IOException, InterruptedException {
    return json.readTree(demo.ask(demo.office(path)).body());
  }

  private List<String> products() throws IOException, InterruptedException {
    return read("/api/v1/products?size=100")
        .path("rows")
        .path("items")
        .valueStream()
        .map(item -> item.path("slug").asString())
        .toList();
  }

  private String published() throws IOException, InterruptedException {
    return "&version=" + read("/api/v1/layout").path("publishedVersion").asInt();
  }

  private static Set<String> shown(JsonNode nods, String id) {
    Set<String> shown = new TreeSet<>();
    for (JsonNode nod : nods) {
      boolean isHere = !nod.has("shown") || nod.path("shown").asBoolean();
      if (isHere
          && nod.path("isForThisPage").asBoolean(true)
          && !nod.path("kind").asString().equals(MOVES)) {
        shown.add(nod.path(id).asString() + " of " + nod.path("product").asString());
      }
    }
    return shown;
  }

  @Test(dataProvider = "whoLooks")
  public void pagesSayWhatShoppersGetAndWhy(String view) throws IOException, InterruptedException {
    List<String> all = products();
    assertTrue(all.size() > ON_A_LISTING, all.toString());
    String version = published();
    var pages = new ArrayList<String>();
    all.forEach(product -> pages.add("kind=product&product=" + product));
    for (int i = 0; i + ON_A_LISTING <= all.size(); i += ON_A_LISTING) {
      String some = String.join(",", all.subList(i, i + ON_A_LISTING));
      // a confirmation is told by the shop's page when the order was placed: asked differently
      for (String kind : List.of("listing", "home", "basket")) {
        pages.add("kind=" + kind + "&product=" + some);
      }
    }
    for (String asked : pages) {
      JsonNode owner = read("/api/v1/page?" + asked + view + version).path("nods");
      JsonNode shoppers = read("/embed/v1/page?" + asked + view).path("nods");
      assertEquals(shown(owner, "nod"), shown(shoppers, "id"), asked + view);
      for (JsonNode nod : owner) {
        assertFalse(nod.path("findings").isEmpty(), nod.toString());
        assertFalse(nod.path("because").asString().contains(": ."), nod.toString());
      }
    }
  }

  @Test
  public void theCatalogueSaysWhatPagesSay() throws IOException, InterruptedException {
    String version = published();
    for (String product : products()) {
      JsonNode page = read("/api/v1/page?kind=product&product=" + product + version);
      Set<String> here = new TreeSet<>();
      for (JsonNode nod : read("/api/v1/products/" + product).path("nods")) {
        assertFalse(nod.path("findings").isEmpty(), nod.toString());
        if (nod.path("page").asString().equals("product") && nod.path("shown").asBoolean()) {
          here.add(nod.path("nod").asString() + " of " + product);
        }
      }
      here.removeIf(one -> one.startsWith("looking "));
      assertEquals(here, shown(page.path("nods"), "nod"), product);
    }
  }

  @Test
  public void whyItIsNotHereContradictsNothing() throws IOException, InterruptedException {
    for (String product : products().subList(0, ASKED_WHY)) {
      String asked = "kind=product&product=" + product;
      for (JsonNode nod : read("/api/v1/page?" + asked + published()).path("nods")) {
        if (nod.path("kind").asString().equals(MOVES)) {
          continue;
        }
        boolean shows = nod.path("shown").asBoolean() && nod.path("isForThisPage").asBoolean();
        JsonNode why =
            read("/api/v1/page/diagnosis?" + asked + "&nod=" + nod.path("nod").asString());
        assertEquals(why.path("shows").asBoolean(), shows, product + ": " + why);
        assertEquals(
            why.path("needs").valueStream().allMatch(OneAnswerIT::isSo),
            shows,
            product + ": " + why);
      }
    }
  }

  private static boolean isSo(JsonNode need) {
    return need.path("status").asString().equals("SO");
  }
}
