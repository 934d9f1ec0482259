package nodyes.server.nods;

import static org.testng.Assert.assertEquals;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import nodyes.core.audience.Condition;
import nodyes.core.common.NodId;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Placement;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StarLine;
import org.testng.annotations.Test;

public class ChangesTest {
  private static Nod stars(String spot, boolean on) {
    return new StarLine(
        new NodId("stars"),
        new Placement(new Spot(spot), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), on));
  }

  private static Nod wall(int perPage) {
    return new ReviewWall(
        new NodId("wall"),
        new Placement(
            new Spot("page-end"), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), true),
        perPage);
  }

  private static Arrangement of(Nod... nods) {
    return new Arrangement(1, Optional.empty(), Optional.empty(), List.of(nods), List.of());
  }

  private static List<String> changes(Arrangement before, Arrangement after) {
    return Changes.between(Draft.of(before), Draft.of(after)).stream()
        .map(Changes.Change::text)
        .toList();
  }

  @Test
  public void nothingChangedSaysNothing() {
    assertEquals(
        changes(of(stars("under-title", true)), of(stars("under-title", true))), List.of());
  }

  @Test
  public void eachChangeIsSaidInWords() {
    assertEquals(
        changes(of(stars("under-title", true)), of(stars("under-title", false))),
        List.of("Star line (under title) is switched off"));
    assertEquals(
        changes(of(stars("under-title", false)), of(stars("under-title", true))),
        List.of("Star line (under title) is switched on"));
    assertEquals(
        changes(of(stars("under-title", true)), of(stars("above-title", true))),
        List.of("Star line (above title) moves to above title"));
    assertEquals(
        changes(of(wall(6)), of(wall(8))), List.of("Review wall (page end) is set differently"));
    assertEquals(changes(of(wall(6)), of()), List.of("Review wall (page end) is removed"));
    assertEquals(changes(of(), of(wall(6))), List.of("Review wall (page end) is added"));
  }

  @Test
  public void whatIsAddedSwitchedOffChangesNothingForShoppers() {
    assertEquals(changes(of(), of(stars("under-title", false))), List.of());
  }

  @Test
  public void aPlacePointedAtIsAChange() {
    var spot = new PointedSpot("by-the-sink", PageKind.PRODUCT, ".sink", PointedSpot.Side.AFTER);
    var after = new Arrangement(0, Optional.empty(), Optional.empty(), List.of(), List.of(spot));
    assertEquals(changes(of(), after), List.of("Places you pointed at change"));
  }
}
