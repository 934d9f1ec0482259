package nodyes.server.storefront.wire;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import nodyes.core.nod.Label;
import nodyes.core.nod.NodKind;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Names of kinds on shops' pages: scripts that were published rely on them. */
public class WireKindsTest {
  private static final List<String> PUBLISHED =
      List.of(
          "star-line",
          "review-wall",
          "review-tab",
          "picked-quotes",
          "label",
          "trust-badges",
          "countdown",
          "visitor-count",
          "stock-line",
          "recent-orders",
          "delivery-promise");

  private static Set<String> names() {
    return WireKinds.records().stream().map(WireKinds::name).collect(Collectors.toSet());
  }

  @Test
  public void whatWasPublishedKeepsItsName() {
    assertTrue(names().containsAll(PUBLISHED), names().toString());
  }

  @DataProvider
  public Object[] kinds() {
    return NodKind.values();
  }

  @Test(dataProvider = "kinds")
  public void eachKindGoesOutAsARecordOfItsName(NodKind kind) {
    String name = kind.settings() == Label.class ? "label" : kind.wireName();
    assertTrue(names().contains(name), name);
  }

  @Test
  public void aNameIsReadFromTheRecord() {
    assertEquals(WireKinds.name(WireNod.DeliveryPromiseNod.class), "delivery-promise");
    assertEquals(WireKinds.name(WireNod.LabelNod.class), "label");
  }
}
