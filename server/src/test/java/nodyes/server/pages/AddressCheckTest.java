package nodyes.server.pages;

import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.stream.Collectors;
import nodyes.server.OutsideServer;
import nodyes.server.ServerTest;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** One address of the shop, looked at step by step. */
public class AddressCheckTest extends ServerTest {
  private static final String PRODUCT =
      "<main><h1>Pot</h1><img src=pot.jpg><p>€ 9.00</p><button>Add to basket</button><p>Thrown by"
          + " hand and glazed in celadon, with a saucer that catches the water of the day.</p></main>";
  private String key = "";

  @BeforeClass
  public void aConnectedShop() throws Exception {
    key = connect("/p/{product}");
    product("seen-pot");
  }

  private String line() {
    return "<script async src=\"https://nods.example/nodyes.js\" data-shop=\""
        + key
        + "\"></script>";
  }

  private JsonNode check(String path, String head, String body) throws Exception {
    OutsideServer.says(
        path, "text/html", "<!doctype html><html><head>" + head + "</head><body>" + body);
    return body(
        http.perform(get("/api/v1/page/check/address?address={a}", path).with(owner()))
            .andExpect(status().isOk()));
  }

  /** The steps in short, those that went well by their first letter. */
  private static String gone(JsonNode checked) {
    return checked
        .path("steps")
        .valueStream()
        .map(
            step ->
                switch (step.path("outcome").asString()) {
                  case "FINE" -> step.path("step").asString().substring(0, 2);
                  case "TROUBLE" -> step.path("step").asString() + "!";
                  default -> "-";
                })
        .collect(Collectors.joining(" "));
  }

  private static JsonNode step(JsonNode checked, String name) {
    return checked
        .path("steps")
        .valueStream()
        .filter(step -> step.path("step").asString().equals(name))
        .findFirst()
        .orElseThrow();
  }

  @Test
  public void aBareProductPageWithTheLineLacksNothing() throws Exception {
    JsonNode checked = check("/p/seen-pot", line(), PRODUCT);
    assertEquals(gone(checked), "OP LI PO PA PL", checked.toString());
    assertEquals(checked.path("product").asString(), "seen-pot");
    assertEquals(checked.path("places").size(), 9);
    assertEquals(checked.path("next").asString(""), "");
  }

  @Test
  public void withoutTheLineItIsGivenToBeCopied() throws Exception {
    JsonNode checked = check("/p/seen-pot", "", PRODUCT);
    assertEquals(gone(checked), "OP LINE! - PA PL");
    assertTrue(step(checked, "LINE").path("code").asString().contains("data-shop=\"" + key));
    assertTrue(checked.path("next").asString().startsWith("Put this line"), checked.toString());
  }

  @Test
  public void aLineWithAnotherKeyOrNoneIsNotOurs() throws Exception {
    String other = line().replace(key, "0123456789abcdef");
    assertTrue(
        step(check("/p/seen-pot", other, PRODUCT), "LINE")
            .path("evidence")
            .asString()
            .contains("0123456789abcdef"));
    String none = line().replaceFirst(" data-shop=\"[^\"]*\"", "");
    assertEquals(gone(check("/p/seen-pot", none, PRODUCT)), "OP LINE! - PA PL");
    // another program's script that is called alike
    String alike = line().replace("/nodyes.js", "/not-nodyes.js");
    assertEquals(gone(check("/p/seen-pot", alike, PRODUCT)), "OP LINE! - PA PL");
  }

  @Test
  public void theLineTwiceIsFineAndSaidSo() throws Exception {
    JsonNode checked = check("/p/seen-pot", line() + line(), PRODUCT);
    assertEquals(gone(checked), "OP LI PO PA PL");
    assertTrue(step(checked, "LINE").path("evidence").asString().startsWith("More than once"));
  }

  @Test
  public void aSecurityRuleThatStopsItIsGivenWithWhatToAdd() throws Exception {
    String rule =
        "<meta http-equiv=\"Content-Security-Policy\" content=\"script-src 'self'; connect-src *\">";
    JsonNode checked = check("/p/seen-pot", rule + line(), PRODUCT);
    assertEquals(gone(checked), "OP LI POLICY! PA PL");
    assertEquals(
        step(checked, "POLICY").path("code").asString(), "script-src https://nods.example");
  }

  @Test
  public void aProductThatNobodyKnowsIsNamed() throws Exception {
    JsonNode checked = check("/p/other-pot", line(), PRODUCT);
    assertEquals(gone(checked), "OP LI PO PAGE! -");
    assertTrue(step(checked, "PAGE").path("evidence").asString().contains("other-pot"));
    JsonNode marked =
        check(
            "/p/seen-pot",
            line(),
            "<main data-nod-page=\"product\" data-nod-product=\"no-pot\"><h1>Pot</h1></main>");
    assertTrue(step(marked, "PAGE").path("evidence").asString().contains("no-pot"));
  }

  @Test
  public void aMissingPlaceIsSaid() throws Exception {
    JsonNode checked = check("/p/seen-pot", line(), PRODUCT.replaceFirst("<button.*</button>", ""));
    assertEquals(gone(checked), "OP LI PO PA PLACES!");
    assertEquals(
        checked
            .path("places")
            .valueStream()
            .filter(place -> !place.path("isFound").asBoolean())
            .map(place -> place.path("spot").asString())
            .toList()
            .toString(),
        "[above-buy, under-buy]");
  }

  @Test
  public void aPageThatCannotBeHadSaysWhy() throws Exception {
    JsonNode checked =
        body(http.perform(get("/api/v1/page/check/address?address=/nowhere").with(owner())));
    assertEquals(gone(checked), "OPENED! - - - -");
    assertTrue(step(checked, "OPENED").path("evidence").asString().contains("404"));
  }

  @Test
  public void onlyPagesOfTheShopAreOpened() throws Exception {
    for (String address :
        new String[] {
          "https://elsewhere.example/p/pot",
          "http://169.254.169.254/latest",
          "file:///etc/passwd",
          "http://" + OutsideServer.host() + "@elsewhere.example/",
          " ",
          "http://exa mple"
        }) {
      http.perform(get("/api/v1/page/check/address?address={a}", address).with(owner()))
          .andExpect(status().is4xxClientError())
          .andExpect(content().string(containsString("address")));
    }
    // the scheme may be left out, and 'www.' be there or not
    http.perform(
            get("/api/v1/page/check/address?address={a}", OutsideServer.host() + "/p/seen-pot")
                .with(owner()))
        .andExpect(status().isOk());
  }

  @Test
  public void theSnippetsSayWhetherShoppersReachThem() throws Exception {
    JsonNode here = body(ask("/api/v1/page/check/snippets"));
    assertTrue(here.path("line").asString().contains("data-shop=\"" + key + "\""));
    String held = here.path("heldLine").asString();
    assertEquals(held.replace(" blocking=\"render\"", ""), here.path("line").asString());
    assertTrue(held.contains("async") && held.contains("blocking=\"render\""), held);
    assertTrue(here.path("sources").asString().contains("trusted-types nodyes"));
    assertEquals(here.path("isPublic").asBoolean(), false);
    assertTrue(ScriptLine.isPublic("https://nods.shop.example"));
    assertTrue(!ScriptLine.isPublic("https://127.0.0.1:8443"));
    assertTrue(!ScriptLine.isPublic("http://nods.shop.example"));
  }
}
