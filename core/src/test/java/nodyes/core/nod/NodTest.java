package nodyes.core.nod;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.NodId;
import nodyes.core.countdown.CountdownSchedule;
import nodyes.core.targeting.Condition;
import org.testng.annotations.Test;

/** What every kind of nod has in common. */
public class NodTest {
  @Test
  public void changingOneThingOfANodKeepsTheOthers() {
    Placement here =
        new Placement(new Spot("under-buy"), Set.of(PageKind.PRODUCT), Condition.everyone(), true);
    Placement there =
        new Placement(new Spot("page-end"), Set.of(PageKind.HOME), Condition.everyone(), false);
    Appearance dress =
        new Appearance(
            TextOverrides.NONE,
            new Style(Optional.empty(), Map.of(StyleProperty.CORNER, "4"), Map.of(), ""));
    for (Nod nod : everyKind(here)) {
      NodOption option = nod.kind().options().isEmpty() ? null : nod.kind().options().getFirst();
      NodOptions options =
          option == null ? NodOptions.USUAL : NodOptions.USUAL.with(option, option.usual());
      Nod changed = nod.copied(new NodId("other")).placed(there).dressed(dress).opted(options);
      assertEquals(changed.id(), new NodId("other"), nod.kind().wireName());
      assertEquals(changed.placement(), there, nod.kind().wireName());
      assertEquals(changed.dress(), dress, nod.kind().wireName());
      assertEquals(changed.options(), options, nod.kind().wireName());
      assertEquals(changed.kind(), nod.kind());
      assertEquals(changed.ownName(), nod.ownName());
      Nod back =
          changed
              .copied(nod.id())
              .placed(nod.placement())
              .dressed(nod.dress())
              .opted(nod.options());
      assertEquals(back, nod, nod.kind().wireName());
    }
  }

  private static List<Nod> everyKind(Placement placement) {
    var id = new NodId("one");
    List<Nod> all =
        List.of(
            new StarLine(id, placement),
            new ReviewWall(id, placement, 6),
            new ReviewTab(id, placement, NodOptions.USUAL, Appearance.DEFAULT),
            new PickedQuotes(id, placement, NodOptions.USUAL, Appearance.DEFAULT),
            new Label(
                id, Label.LabelType.PRICE_DROP, placement, NodOptions.USUAL, Appearance.DEFAULT),
            new TrustBadges(id, placement),
            new Countdown(
                id,
                "Autumn",
                placement,
                new CountdownSchedule.UntilPriceChange(),
                NodOptions.USUAL,
                Appearance.DEFAULT),
            new VisitorCount(id, placement),
            new StockLine(id, placement, NodOptions.USUAL, Appearance.DEFAULT),
            new RecentOrders(id, placement, NodOptions.USUAL, Appearance.DEFAULT),
            new DeliveryPromise(id, placement, NodOptions.USUAL, Appearance.DEFAULT),
            new ReturnsLine(id, placement, NodOptions.USUAL, Appearance.DEFAULT));
    var types = all.stream().map(Object::getClass).distinct().count();
    assertTrue(types == Nod.class.getPermittedSubclasses().length, "every kind is here");
    return all;
  }
}
