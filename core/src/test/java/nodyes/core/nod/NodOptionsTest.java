package nodyes.core.nod;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import java.util.Map;
import nodyes.core.common.NodId;
import nodyes.core.common.ReviewId;
import nodyes.core.common.Said;
import nodyes.core.review.QuoteCriteria;
import nodyes.core.review.ReviewOrder;
import org.testng.annotations.Test;

public class NodOptionsTest {
  private static final Placement PLACEMENT =
      new Placement(
          new Spot("page-end"),
          java.util.Set.of(PageKind.PRODUCT),
          nodyes.core.targeting.Condition.everyone(),
          true);

  private static PickedQuotes quotes(Map<String, String> values) {
    return new PickedQuotes(new NodId("q"), PLACEMENT, new NodOptions(values), Appearance.DEFAULT);
  }

  @Test
  public void everyUsualValueIsOneThatCanBeSet() {
    for (NodKind kind : NodKind.values()) {
      for (NodOption option : kind.options()) {
        assertEquals(
            new NodOptions(Map.of(option.name(), option.usual())).problems(kind), Map.of());
      }
    }
  }

  @Test
  public void whatCannotBeIsNamed() {
    var options = new NodOptions(Map.of("columns", "7", "layout", "heap", "colour", "red"));
    assertEquals(
        options.problems(NodKind.REVIEW_WALL),
        Map.of(
            "columns", Said.of("looks.whole", "least", 1, "most", 4),
            "layout", Said.of("looks.oneOf", "names", "list, grid, masonry"),
            "colour", Said.of("nods.noSuchSetting", "name", "colour")));
    assertEquals(
        new NodOptions(Map.of("reviews", "3,3")).problems(NodKind.PICKED_QUOTES).keySet(),
        java.util.Set.of("reviews"));
  }

  @Test
  public void everyValueOfAChoiceIsOneOfItsType() {
    for (NodOption option : ReviewWall.OPTIONS) {
      if (option.form() instanceof StyleValueType.OneOf(List<String> names)) {
        for (String name : names) {
          var wall = new ReviewWall(new NodId("w"), PLACEMENT, 6);
          // the shape reads each of them, and refuses what it does not know
          assertEquals(
              wall.opted(NodOptions.USUAL.with(option, name)).shape().grid().columns(), 2, name);
        }
      }
    }
    var helpful =
        new ReviewWall(new NodId("w"), PLACEMENT, 6)
            .opted(new NodOptions(Map.of("order", "most-helpful")));
    assertEquals(helpful.order(), ReviewOrder.MOST_HELPFUL);
  }

  @Test
  public void aValueThatItsTypeDoesNotHaveIsRefusedByName() {
    var options = new NodOptions(Map.of("order", "MOST_HELPFUL"));
    IllegalArgumentException refused =
        expectThrows(
            IllegalArgumentException.class,
            () -> options.value(ReviewWall.ORDER, ReviewOrder.class));
    assertEquals(refused.getMessage(), "order is never MOST_HELPFUL");
  }

  @Test
  public void quotesArePickedByRuleOrByHand() {
    assertEquals(quotes(Map.of()).rule(), QuoteCriteria.newest(6, 4, 5));
    assertEquals(
        quotes(Map.of("pick", "by-hand", "reviews", "7,3")).rule(),
        QuoteCriteria.byHand(List.of(new ReviewId(7), new ReviewId(3))));
  }

  @Test
  public void praiseAloneWithoutTheWholeFigureIsTold() {
    assertFalse(quotes(Map.of()).mayHideTheWhole());
    assertTrue(quotes(Map.of("foot", "no")).mayHideTheWhole());
    assertTrue(quotes(Map.of("foot", "no", "pick", "by-hand")).mayHideTheWhole());
    assertFalse(quotes(Map.of("foot", "no", "least-stars", "1")).mayHideTheWhole());
  }
}
