package nodyes.server.publishedreviews;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import nodyes.server.ServerTest;
import nodyes.server.database.Database;
import nodyes.server.shop.Shop;
import nodyes.server.shop.ShopSettings;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Shoppers say whether a review helped them; the last thing that each says counts. */
public class VotesTest extends ServerTest {
  private static final String[] SAYS = {"HELPFUL", "NOT_HELPFUL", "NOTHING"};
  @Autowired private Shop shop;
  @Autowired private Database database;
  private List<Long> reviews;
  private int from;

  @BeforeClass
  public void fill() throws Exception {
    product("much-voted-pot");
    JsonNode batch =
        bringIn(
            "Product,Rating,Words\nmuch-voted-pot,5,One\nmuch-voted-pot,3,Two\nmuch-voted-pot,1,Three\n",
            "{}");
    publish(batch);
    reviews = new ArrayList<>();
    body(ask("/api/v1/reviews?batch={b}", batch.path("id").asLong()))
        .path("items")
        .forEach(one -> reviews.add(one.path("id").asLong()));
  }

  /** Each from an address of its own, as each address may vote so often only. */
  private ResultActions vote(long review, String voter, String says) throws Exception {
    from++;
    String address = "10.1." + from / 200 + "." + from % 200;
    return http.perform(
        post("/embed/v1/reviews/{id}/votes", review)
            .header("Origin", "http://localhost")
            .with(
                request -> {
                  request.setRemoteAddr(address);
                  return request;
                })
            .contentType(MediaType.APPLICATION_JSON)
            .content("{\"voter\":\"%s\",\"says\":\"%s\"}".formatted(voter, says)));
  }

  private static String voter(int n) {
    return "%016x".formatted(0xabc0000L + n);
  }

  /** Beside a plain count of who said what last. */
  @Test
  public void theLastWordOfEachShopperCounts() throws Exception {
    var random = new Random(41);
    Map<Long, Map<String, String>> last = new HashMap<>();
    for (int i = 0; i < 150; i++) {
      long review = reviews.get(random.nextInt(reviews.size()));
      String voter = voter(random.nextInt(12));
      String says = SAYS[random.nextInt(SAYS.length)];
      last.computeIfAbsent(review, _ -> new HashMap<>()).put(voter, says);
      JsonNode counts = body(vote(review, voter, says).andExpect(status().isOk()));
      for (String what : List.of("HELPFUL", "NOT_HELPFUL")) {
        long wanted = last.get(review).values().stream().filter(what::equals).count();
        String name = what.equals("HELPFUL") ? "helpful" : "notHelpful";
        assertEquals(counts.path(name).asLong(), wanted, what + " after " + i);
      }
    }
  }

  @Test
  public void votesFromWhereAReviewComesFromStayBesideThoseHere() throws Exception {
    product("voted-elsewhere-pot");
    JsonNode batch =
        bringIn(
            "Product,Rating,Words,Upvotes,Not helpful\nvoted-elsewhere-pot,5,Stands in rain,12,3\n",
            "{}");
    publish(batch);
    long review =
        body(ask("/api/v1/reviews?batch={b}", batch.path("id").asLong()))
            .path("items")
            .path(0)
            .path("id")
            .asLong();
    JsonNode counts = body(vote(review, voter(1), "HELPFUL").andExpect(status().isOk()));
    assertEquals(counts.path("helpful").asLong(), 13, counts.toString());
    assertEquals(counts.path("notHelpful").asLong(), 3, counts.toString());
    counts = body(vote(review, voter(1), "NOTHING").andExpect(status().isOk()));
    assertEquals(counts.path("helpful").asLong(), 12, counts.toString());
  }

  @Test
  public void whoVotedIsNotKept() throws Exception {
    String voter = "feedfeedfeedfeed";
    vote(reviews.getFirst(), voter, "HELPFUL").andExpect(status().isOk());
    String all = database.read(sql -> sql.fetch("select * from review_vote").formatCSV());
    assertEquals(all.contains(voter), false, "a voter is kept as a hash, for one review alone");
    vote(reviews.getFirst(), voter, "NOTHING").andExpect(status().isOk());
  }

  @Test
  public void whatCannotBeCountedIsRefused() throws Exception {
    for (String voter : new String[] {"", "short", "g".repeat(20), "a".repeat(65)}) {
      vote(reviews.getFirst(), voter, "HELPFUL")
          .andExpect(status().isBadRequest())
          .andExpect(jsonPath("$.faults[0].field").value("voter"));
    }
    vote(reviews.getFirst(), voter(1), "GREAT").andExpect(status().isBadRequest());
    vote(999_999, voter(1), "HELPFUL").andExpect(status().isNotFound());
  }

  private ResultActions voteFrom(String address, String origin, long review, String voter)
      throws Exception {
    return http.perform(
        post("/embed/v1/reviews/{id}/votes", review)
            .header("Origin", origin)
            .with(
                request -> {
                  request.setRemoteAddr(address);
                  return request;
                })
            .contentType(MediaType.APPLICATION_JSON)
            .content("{\"voter\":\"%s\",\"says\":\"HELPFUL\"}".formatted(voter)));
  }

  /** With a new name each time one network could vote as often as its limit allowed. */
  @Test
  public void aNetworkVotesOnceHoweverManyNamesItTakes() throws Exception {
    product("voted-by-one");
    publish(bringIn("Product,Rating,Words\nvoted-by-one,5,One\n", "{}"));
    long review =
        body(ask("/api/v1/reviews?product=voted-by-one")).path("items").path(0).path("id").asLong();
    for (int i = 0; i < 5; i++) {
      // RFC 3849: an address for documentation; all of its /64 are one network
      voteFrom("2001:db8:7:7::" + i, "http://localhost", review, voter(100 + i))
          .andExpect(status().isOk())
          .andExpect(jsonPath("$.helpful").value(1));
    }
    voteFrom("2001:db8:7:8::1", "http://localhost", review, voter(200))
        .andExpect(jsonPath("$.helpful").value(2));
  }

  @Test
  public void whileAShopIsConnectedItsPagesAloneVote() throws Exception {
    String own = shop.settings().origin().orElse("");
    if (own.isEmpty()) {
      var now = shop.settings();
      shop.save(
          new ShopSettings(
              now.name(),
              now.publicKey(),
              now.currency(),
              now.zone(),
              "https://shop.example",
              now.productPath(),
              now.listingPath(),
              now.basketPath()));
      own = "https://shop.example";
    }
    voteFrom("192.0.2.61", "https://elsewhere.example", reviews.getFirst(), voter(300))
        .andExpect(status().isForbidden());
    voteFrom("192.0.2.61", own, reviews.getFirst(), voter(300)).andExpect(status().isOk());
  }
}
