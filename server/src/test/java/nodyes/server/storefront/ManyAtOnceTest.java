package nodyes.server.storefront;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import nodyes.server.ServerTest;
import org.springframework.http.HttpMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Shoppers ask without a pause while the owner publishes and decides. */
public class ManyAtOnceTest extends ServerTest {
  private static final String PAGE = "/embed/v1/page?kind=product&product=busy-pot&lang=en";
  private static final int SHOPPERS = 3;
  private static final int ROUNDS = 25;
  private List<Long> reviews;

  @BeforeClass
  public void fill() throws Exception {
    product("busy-pot");
    JsonNode batch =
        bringIn(
            "Product,Rating,Words\nbusy-pot,5,First\nbusy-pot,3,Second\nbusy-pot,1,Third\n", "{}");
    reviews = new ArrayList<>();
    body(ask("/api/v1/reviews?batch={b}", batch.path("id").asLong()))
        .path("items")
        .forEach(one -> reviews.add(one.path("id").asLong()));
    move(reviews, "PUBLISHED");
    turn(true);
  }

  private void move(List<Long> some, String to) throws Exception {
    send("/api/v1/reviews/actions", "{\"ids\":%s,\"to\":\"%s\"}".formatted(some, to))
        .andExpect(status().isOk());
  }

  private void turn(boolean on) throws Exception {
    act(HttpMethod.PATCH, "/api/v1/layout/nods/stars-product", "{\"on\":" + on + "}")
        .andExpect(status().isOk());
    send("/api/v1/layout/publish", "").andExpect(status().isOk());
  }

  private JsonNode page() throws Exception {
    return body(http.perform(get(PAGE)).andExpect(status().isOk()));
  }

  private static boolean hasStars(JsonNode page) {
    for (JsonNode nod : page.path("nods")) {
      if (nod.path("kind").asString().equals("star-line")) {
        return true;
      }
    }
    return false;
  }

  private static long counted(JsonNode page) {
    for (JsonNode nod : page.path("nods")) {
      if (nod.path("kind").asString().equals("review-wall")) {
        return nod.path("content").path("count").asLong();
      }
    }
    return 0;
  }

  private interface Round {
    void run(int round) throws Exception;
  }

  /** What is asked for after a change has come back shows it: an answer from before is not kept. */
  private void whileShoppersAsk(Round round) throws Exception {
    var isOver = new AtomicBoolean();
    var asked = new AtomicLong();
    try (ExecutorService shoppers = Executors.newFixedThreadPool(SHOPPERS)) {
      List<Future<?>> all = new ArrayList<>();
      for (int i = 0; i < SHOPPERS; i++) {
        all.add(
            shoppers.submit(
                () -> {
                  while (!isOver.get()) {
                    page();
                    asked.incrementAndGet();
                  }
                  return null;
                }));
      }
      try {
        for (int i = 0; i < ROUNDS; i++) {
          round.run(i);
        }
      } finally {
        isOver.set(true);
      }
      for (Future<?> one : all) {
        one.get();
      }
    }
    assertTrue(asked.get() > ROUNDS, asked + " pages were asked for");
  }

  @Test
  public void whatIsPublishedIsWhatTheNextShopperGets() throws Exception {
    whileShoppersAsk(
        round -> {
          boolean on = round % 2 == 0;
          turn(on);
          assertEquals(hasStars(page()), on, "round " + round);
        });
  }

  @Test(dependsOnMethods = "whatIsPublishedIsWhatTheNextShopperGets")
  public void aReviewThatIsHeldIsGoneForTheNextShopper() throws Exception {
    whileShoppersAsk(
        round -> {
          boolean all = round % 2 == 1;
          move(reviews.subList(0, 1), all ? "PUBLISHED" : "ON_HOLD");
          assertEquals(counted(page()), all ? 3 : 2, "round " + round);
        });
  }
}
