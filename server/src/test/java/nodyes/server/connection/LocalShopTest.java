package nodyes.server.connection;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;

import com.sun.net.httpserver.HttpServer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import nodyes.server.ServerTest;
import org.springframework.http.MediaType;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A shop that runs on the owner's machine. */
public class LocalShopTest extends ServerTest {
  private static final String LOCAL_SHOP = "/api/v1/connection/local-shop";

  private HttpServer site;

  @BeforeClass
  public void aShopOnThisMachine() throws Exception {
    site = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    site.createContext(
        "/",
        exchange -> {
          byte[] page = "<!doctype html><title>A shop</title>".getBytes(StandardCharsets.UTF_8);
          exchange.sendResponseHeaders(200, page.length);
          exchange.getResponseBody().write(page);
          exchange.close();
        });
    site.start();
    ObjectNode shop = (ObjectNode) body(ask("/api/v1/shop"));
    shop.put("address", "http://" + host());
    http.perform(
            put("/api/v1/shop")
                .with(owner())
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(shop)))
        .andExpect(status().isOk());
  }

  @AfterClass(alwaysRun = true)
  public void closed() {
    site.stop(0);
  }

  private String host() {
    return "127.0.0.1:" + site.getAddress().getPort();
  }

  private boolean isSaid() throws Exception {
    return body(ask("/api/v1/connection")).path("opensLocalShop").asBoolean();
  }

  private JsonNode opened() throws Exception {
    return body(
        http.perform(get("/api/v1/page/check/address?address=/").with(owner()))
            .andExpect(status().isOk()));
  }

  @Test
  public void itIsOpenedOnceTheOwnerSaysThatItIsTheShop() throws Exception {
    JsonNode asked = opened();
    assertEquals(asked.path("isLocal").asBoolean(), true, asked.toString());
    assertEquals(
        asked.path("steps").get(0).path("evidence").asString(),
        host()
            + " is on this machine or in a local network, not on the public internet. Such"
            + " addresses are not opened unless you say that it is your shop.");
    http.perform(put(LOCAL_SHOP).with(owner())).andExpect(status().isNoContent());
    assertEquals(isSaid(), true);
    JsonNode open = opened();
    assertEquals(open.path("isLocal").asBoolean(), false);
    assertEquals(open.path("steps").get(0).path("outcome").asString(), "FINE", open.toString());
    http.perform(delete(LOCAL_SHOP).with(owner())).andExpect(status().isNoContent());
    assertEquals(isSaid(), false);
    assertEquals(
        opened().path("isLocal").asBoolean(), true, "and no more as soon as it is taken back");
  }
}
