package nodyes.simulators.shop;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import nodyes.demo.DemoFiles;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

public class DemoShopTest {
  private static final Instant TODAY = Instant.parse("2026-11-26T14:20:00Z");
  private final HttpClient client = HttpClient.newHttpClient();
  private DemoShop shop;

  @BeforeClass
  public void start() throws IOException {
    Path folder = Files.createTempDirectory("nodyes-shop");
    DemoFiles.write(folder, TODAY);
    shop =
        new DemoShop(
            DemoShop.bind(0),
            folder.resolve(DemoFiles.CATALOGUE),
            "http://127.0.0.1:1/nodyes.js",
            "some-key",
            () -> TODAY);
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    shop.close();
    client.close();
  }

  @Test
  public void aProductPageCarriesTheScriptAndItsSpots() throws Exception {
    String page = get("/products/celadon-planter?variant=PL-CEL-24").body();
    assertTrue(
        page.contains(
            "<script async src=\"http://127.0.0.1:1/nodyes.js\" data-shop=\"some-key\">"));
    assertTrue(page.contains("data-nod-page=\"product\" data-nod-product=\"celadon-planter\""));
    assertTrue(page.contains("data-nod-spot=\"under-title\""));
    assertTrue(page.contains("€25.00"));
  }

  @Test
  public void halfOfItsCategoriesSayNothingButWhatShopsSay() throws Exception {
    for (String path :
        new String[] {
          "/categories/seeds-and-bulbs",
          "/categories/tools",
          "/categories/grow-lights",
          "/products/hand-fork"
        }) {
      String page = get(path).body();
      assertTrue(page.contains("data-shop=\"some-key\""), path);
      assertFalse(page.contains("data-nod-"), path);
    }
    for (String path :
        new String[] {
          "/categories/planters", "/categories/watering", "/categories/made-to-order"
        }) {
      assertTrue(get(path).body().contains("data-nod-page=\"listing\""), path);
    }
  }

  /** Without a size in the address most of what the demo has to show of it was silent. */
  @Test
  public void aProductPageOpensOnWhatIsReduced() throws Exception {
    assertTrue(get("/products/celadon-planter").body().contains("€25.00"));
    assertEquals(
        get("/products/celadon-planter").body(),
        get("/products/celadon-planter?variant=PL-CEL-24").body());
  }

  @Test
  public void aListingNamesTheProductOfEachCard() throws Exception {
    String page = get("/categories/watering").body();
    assertTrue(page.contains("<li class=\"card\" data-nod-product=\"brass-can\">"));
    assertFalse(page.contains("slate-pot"));
  }

  @Test
  public void theBasketFillsAndIsOrdered() throws Exception {
    var added = post("/basket/add", "sku=PL-SLA-24&quantity=2", "");
    assertEquals(added.statusCode(), 303);
    String cookie = added.headers().firstValue("Set-Cookie").orElseThrow().split(";")[0];
    var request = HttpRequest.newBuilder(address("/basket")).header("Cookie", cookie).build();
    String page = client.send(request, HttpResponse.BodyHandlers.ofString()).body();
    assertTrue(page.contains("24 cm, 2 of it"), page);
    assertTrue(page.contains("€58.00"), page);
    var ordered = post("/basket/order", "", cookie);
    assertTrue(ordered.headers().firstValue("Location").orElseThrow().startsWith("/order/Q-"));
  }

  @Test
  public void anUnknownPageIsMissing() throws Exception {
    assertEquals(get("/products/blue-teapot").statusCode(), 404);
    assertEquals(get("/pictures/..%2fshop.svg").statusCode(), 404);
    assertEquals(get("/pictures/slate-pot.svg").statusCode(), 200);
  }

  private HttpResponse<String> get(String path) throws Exception {
    return client.send(
        HttpRequest.newBuilder(address(path)).build(), HttpResponse.BodyHandlers.ofString());
  }

  private HttpResponse<String> post(String path, String form, String cookie) throws Exception {
    return client.send(
        HttpRequest.newBuilder(address(path))
            .header("Cookie", cookie)
            .POST(HttpRequest.BodyPublishers.ofString(form))
            .build(),
        HttpResponse.BodyHandlers.ofString());
  }

  private URI address(String path) {
    return URI.create("http://127.0.0.1:" + shop.port() + path);
  }
}
