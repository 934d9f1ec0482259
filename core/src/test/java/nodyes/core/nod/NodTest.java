package nodyes.core.nod;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.audience.Condition;
import nodyes.core.common.NodId;
import nodyes.core.countdown.Ending;
import org.testng.annotations.Test;

/** What every kind of nod has in common. */
public class NodTest {
  @Test
  public void changingOneThingOfANodKeepsTheOthers() {
    Placement here =
        new Placement(new Spot("under-buy"), Set.of(PageKind.PRODUCT), Condition.everyone(), true);
    Placement there =
        new Placement(new Spot("page-end"), Set.of(PageKind.HOME), Condition.everyone(), false);
    Dress dress =
        new Dress(
            Wording.NONE, new Look(Optional.empty(), Map.of(LookValue.CORNER, "4"), Map.of(), ""));
    for (Nod nod : everyKind(here)) {
      NodOption option = nod.kind().options().isEmpty() ? null : nod.kind().options().getFirst();
      NodOptions options =
          option == null ? NodOptions.USUAL : NodOptions.USUAL.with(option, option.usual());
      Nod changed = nod.copied(new NodId("other")).placed(there).dressed(dress).opted(options);
      assertEquals(changed.id(), new NodId("other"), nod.called());
      assertEquals(changed.placement(), there, nod.called());
      assertEquals(changed.dress(), dress, nod.called());
      assertEquals(changed.options(), options, nod.called());
      assertEquals(changed.kind(), nod.kind());
      assertEquals(changed.called(), nod.called());
      Nod back =
          changed
              .copied(nod.id())
              .placed(nod.placement())
              .dressed(nod.dress())
              .opted(nod.options());
      assertEquals(back, nod, nod.called());
    }
  }

  private static List<Nod> everyKind(Placement placement) {
    var id = new NodId("one");
    List<Nod> all =
        List.of(
            new StarLine(id, placement),
            new ReviewWall(id, placement, 6),
            new ReviewTab(id, placement, NodOptions.USUAL, Dress.DEFAULT),
            new PickedQuotes(id, placement, NodOptions.USUAL, Dress.DEFAULT),
            new Label(id, Label.Claim.PRICE_DROP, placement, NodOptions.USUAL, Dress.DEFAULT),
            new TrustBadges(id, placement),
            new Countdown(
                id, "Autumn", placement, new Ending.WithPrice(), NodOptions.USUAL, Dress.DEFAULT),
            new VisitorCount(id, placement),
            new StockLine(id, placement, NodOptions.USUAL, Dress.DEFAULT),
            new RecentOrders(id, placement, NodOptions.USUAL, Dress.DEFAULT),
            new DeliveryPromise(id, placement, NodOptions.USUAL, Dress.DEFAULT));
    var types = all.stream().map(Object::getClass).distinct().count();
    assertTrue(types == Nod.class.getPermittedSubclasses().length, "every kind is here");
    return all;
  }
}
