package nodyes.server.nods;

import static org.testng.Assert.assertEquals;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import nodyes.core.common.NodId;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Placement;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StarLine;
import nodyes.core.targeting.Condition;
import org.testng.annotations.Test;

public class LayoutDiffTest {
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

  private static NodLayout of(Nod... nods) {
    return new NodLayout(1, Optional.empty(), Optional.empty(), List.of(nods), List.of());
  }

  private static List<String> changes(NodLayout before, NodLayout after) {
    return LayoutDiff.between(Draft.of(before), Draft.of(after)).stream()
        .map(LayoutDiff.Change::text)
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
        List.of("Star line (below the title) paused"));
    assertEquals(
        changes(of(stars("under-title", false)), of(stars("under-title", true))),
        List.of("Star line (below the title) switched on"));
    assertEquals(
        changes(of(stars("under-title", true)), of(stars("above-title", true))),
        List.of("Star line moved: above the title"));
    assertEquals(
        changes(of(wall(6)), of(wall(8))),
        List.of("Settings of Review wall (at the end of the page) changed"));
    assertEquals(
        changes(of(wall(6)), of()), List.of("Review wall (at the end of the page) removed"));
    assertEquals(changes(of(), of(wall(6))), List.of("Review wall (at the end of the page) added"));
  }

  @Test
  public void whatIsAddedSwitchedOffChangesNothingForShoppers() {
    assertEquals(changes(of(), of(stars("under-title", false))), List.of());
  }

  @Test
  public void aPlacePointedAtIsAChange() {
    var spot = new CustomSpot("by-the-sink", PageKind.PRODUCT, ".sink", CustomSpot.Side.AFTER);
    var after = new NodLayout(0, Optional.empty(), Optional.empty(), List.of(), List.of(spot));
    assertEquals(changes(of(), after), List.of("Custom spots changed"));
  }
}
