package nodyes.server.shop;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import nodyes.server.ServerTest;
import org.hamcrest.Matchers;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ShopSettingsTest extends ServerTest {
  private static final String SETTINGS =
      """
      {"name":"Pots","publicKey":"x","currency":"EUR","zone":"Europe/Lisbon","address":"",\
      "productPath":"/p/{product}","listingPath":"/c/{category}","basketPath":"/b"}
      """;

  private ResultActions save(String settings) throws Exception {
    return save(settings, "");
  }

  private ResultActions save(String settings, String asked) throws Exception {
    return http.perform(
        put("/api/v1/shop" + asked)
            .with(owner())
            .contentType(MediaType.APPLICATION_JSON)
            .content(settings));
  }

  @DataProvider
  Object[][] faults() {
    return new Object[][] {
      {"Europe/Lisbon", "Mars/Base", "zone", "Choose a time zone, e.g. Europe/Lisbon."},
      {"EUR", "EURO", "currency", "Enter a currency code such as EUR."},
      {"/p/{product}", "/p/", "productPath", "Must start with / and contain {product}."},
      {"/c/{category}", "/c/", "listingPath", "Must start with / and contain {category}."},
      {"\"Pots\"", "\"  \"", "name", "Enter the name of your shop."},
      {
        "\"address\":\"\"",
        "\"address\":\"javascript:alert(1)\"",
        "address",
        "Use https://shop.example, without a path."
      },
      {
        "\"address\":\"\"",
        "\"address\":\"https://a.example/ ; script-src *\"",
        "address",
        "Use https://shop.example, without a path."
      },
    };
  }

  @Test(dataProvider = "faults")
  public void aValueThatCannotBeTakenIsNamed(String good, String bad, String field, String reason)
      throws Exception {
    save(SETTINGS.replace(good, bad))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value(field))
        .andExpect(jsonPath("$.faults[0].reason").value(reason));
  }

  @Test
  public void theKeyStaysAndFramesComeFromTheShopAlone() throws Exception {
    String key = body(ask("/api/v1/shop")).path("publicKey").asString();
    save(SETTINGS.replace("\"address\":\"\"", "\"address\":\"https://pots.example:8443\""))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.publicKey").value(key));
    http.perform(get("/api/v1/session"))
        .andExpect(
            header()
                .string(
                    "Content-Security-Policy",
                    Matchers.endsWith("frame-src 'self' https://pots.example:8443")));
  }

  @Test
  public void otherMoneyIsTakenOnceTheOwnerKnowsWhatBecomesOfPrices() throws Exception {
    product("priced-pot");
    String dollars = SETTINGS.replace("EUR", "USD");
    save(dollars)
        .andExpect(status().isConflict())
        .andExpect(
            jsonPath(
                "$.detail", Matchers.startsWith("1 product has a price in EUR. They are not")));
    assertEquals(body(ask("/api/v1/shop")).path("currency").asString(), "EUR");
    save(dollars, "?knowsPrices=true")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.currency").value("USD"));
    // nothing was converted, and nothing in dollars is there to ask about
    assertTrue(body(ask("/embed/v1/page?kind=product&product=priced-pot")).toString().length() > 2);
    save(SETTINGS).andExpect(status().isOk());
  }

  @Test
  public void withoutTheTokenOfItsOwnPageNothingIsChanged() throws Exception {
    http.perform(
            put("/api/v1/shop")
                .with(owner())
                .with(
                    request -> {
                      request.removeHeader("Nodyes-Page");
                      return request;
                    })
                .contentType(MediaType.APPLICATION_JSON)
                .content(SETTINGS))
        .andExpect(status().isForbidden());
  }
}
