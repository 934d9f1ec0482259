package nodyes.server.reviews;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.reviewform.ReviewAspect;
import nodyes.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class CriteriaTest extends ServerTest {
  @Autowired private Criteria criteria;
  @Autowired private Reviews reviews;

  private static ReviewAspect named(long id, String name, String category) {
    return new ReviewAspect(
        id, Map.of("en", name), Optional.of(category).filter(one -> !one.isEmpty()), true);
  }

  private static List<String> names(List<ReviewAspect> of) {
    return of.stream().map(one -> one.name("en")).toList();
  }

  @Test
  public void theyStandInTheOwnersOrderAndAreAskedOfTheirCategory() {
    criteria.set(List.of(named(0, "Weight", "planters"), named(0, "Value", "")));
    List<ReviewAspect> kept = criteria.askedOf(Set.of("planters"));
    assertEquals(names(criteria.askedOf(Set.of("planters", "home"))), List.of("Weight", "Value"));
    assertEquals(names(criteria.askedOf(Set.of("seeds"))), List.of("Value"));
    criteria.set(
        List.of(
            named(kept.get(1).id(), "Worth its price", ""),
            named(kept.get(0).id(), "Weight", "planters")));
    assertEquals(names(criteria.askedOf(Set.of("planters"))), List.of("Worth its price", "Weight"));
    assertEquals(criteria.askedOf(Set.of()).getFirst().id(), kept.get(1).id());
    criteria.set(List.of());
    assertFalse(names(criteria.all()).contains("Worth its price"), "what nobody rated goes");
  }

  @Test
  public void whatWasRatedStaysWhenItIsAskedNoMore() throws Exception {
    product("criteria-pot");
    criteria.set(List.of(named(0, "Scent", "")));
    long id = criteria.askedOf(Set.of()).getFirst().id();
    publish(bringIn("Product,Rating,Words\ncriteria-pot,4,Smells of rain\n", "{}"));
    JsonNode line = body(ask("/api/v1/reviews?product=criteria-pot")).path("items").get(0);
    reviews.detail(line.path("id").asLong(), Map.of(id, 3), List.of());
    criteria.set(List.of());
    assertTrue(names(criteria.all()).contains("Scent"));
    assertEquals(criteria.askedOf(Set.of()), List.of());
    send("/api/v1/layout/publish", "");
    String page = body(ask("/embed/v1/page?kind=product&lang=en&product=criteria-pot")).toString();
    assertEquals(page.contains("\"name\":\"Scent\",\"mean\":3.0,\"count\":1"), true, page);
    // asked again under the same name it goes on
    criteria.set(List.of(named(id, "Scent", "")));
    assertEquals(criteria.askedOf(Set.of()).getFirst().id(), id);
    criteria.set(List.of());
  }
}
