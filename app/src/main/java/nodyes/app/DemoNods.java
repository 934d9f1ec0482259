package nodyes.app;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.NodId;
import nodyes.core.countdown.CountdownSchedule;
import nodyes.core.nod.Appearance;
import nodyes.core.nod.Countdown;
import nodyes.core.nod.DeliveryPromise;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodOptions;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.Placement;
import nodyes.core.nod.RecentOrders;
import nodyes.core.nod.ReturnsLine;
import nodyes.core.nod.ShopPromise;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StockLine;
import nodyes.core.nod.Style;
import nodyes.core.nod.StyleProperty;
import nodyes.core.nod.TextOverrides;
import nodyes.core.nod.TrustBadges;
import nodyes.core.nod.VisitorCount;
import nodyes.core.targeting.Condition;
import nodyes.core.targeting.ProductCondition;

/** What the demo's owner has put on the pages beside what every new shop begins with. */
final class DemoNods {
  private static final Set<PageKind> EVERYWHERE =
      EnumSet.of(PageKind.PRODUCT, PageKind.LISTING, PageKind.HOME);
  private static final Set<PageKind> ON_CARDS = EnumSet.of(PageKind.LISTING, PageKind.HOME);

  private DemoNods() {}

  static List<Nod> all() {
    return List.of(
        label("price-drop", Label.LabelType.PRICE_DROP, EVERYWHERE, Map.of("least-percent", "5")),
        label("bestseller", Label.LabelType.BESTSELLER, ON_CARDS, Map.of()),
        label("new", Label.LabelType.NEW, ON_CARDS, Map.of()),
        label("low-stock", Label.LabelType.LOW_STOCK, ON_CARDS, Map.of()),
        label("sold-out", Label.LabelType.SOLD_OUT, ON_CARDS, Map.of("corner", "bottom-start")),
        label("back-on", Label.LabelType.BACK_ON, ON_CARDS, Map.of("corner", "bottom-start")),
        countdown(),
        new StockLine(
            new NodId("few-left"),
            onProducts("above-buy"),
            new NodOptions(Map.of("at-most", "6")),
            Appearance.DEFAULT),
        new DeliveryPromise(
            new NodId("arrival"),
            onProducts("under-buy"),
            new NodOptions(Map.of("shows", "words-and-path")),
            Appearance.DEFAULT),
        new DeliveryPromise(
            new NodId("card-arrival"),
            new Placement(new Spot("under-price"), ON_CARDS, Condition.everyone(), true),
            NodOptions.USUAL,
            Appearance.DEFAULT),
        new DeliveryPromise(
            new NodId("basket-arrival"),
            new Placement(
                new Spot("basket-end"), EnumSet.of(PageKind.BASKET), Condition.everyone(), true),
            new NodOptions(Map.of("basket", "each")),
            Appearance.DEFAULT),
        new DeliveryPromise(
            new NodId("order-arrival"),
            new Placement(
                new Spot("order-end"),
                EnumSet.of(PageKind.CONFIRMATION),
                Condition.everyone(),
                true),
            new NodOptions(Map.of("shows", "words-and-path")),
            Appearance.DEFAULT),
        new ReturnsLine(new NodId("returns"), onProducts("under-buy")),
        badges(),
        new PickedQuotes(
            new NodId("good-words"),
            new Placement(
                new Spot("under-picture"),
                EnumSet.of(PageKind.PRODUCT),
                new Condition.AllOf(
                    List.of(new ProductCondition.ProductIn(Set.of("celadon-planter")))),
                true),
            new NodOptions(Map.of("how-many", "4", "least-stars", "1")),
            Appearance.DEFAULT),
        new VisitorCount(new NodId("looking"), onProducts("under-buy")),
        new RecentOrders(
            new NodId("ordered"),
            onProducts("under-buy"),
            new NodOptions(Map.of("tells", "both")),
            Appearance.DEFAULT));
  }

  private static Label label(
      String id, Label.LabelType claim, Set<PageKind> pages, Map<String, String> options) {
    return new Label(
        new NodId(id),
        claim,
        new Placement(new Spot("on-picture"), pages, Condition.everyone(), true),
        new NodOptions(options),
        Appearance.DEFAULT);
  }

  private static Placement onProducts(String spot) {
    return new Placement(new Spot(spot), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), true);
  }

  private static Countdown countdown() {
    return new Countdown(
        new NodId("autumn-price"),
        "Autumn price",
        new Placement(
            new Spot("above-buy"), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), true),
        new CountdownSchedule.UntilPriceChange(),
        NodOptions.USUAL,
        new Appearance(
            new TextOverrides(
                Map.of(
                    "en", Map.of("before", "Autumn price for another"),
                    "pt", Map.of("before", "Preço de outono por mais"),
                    "de", Map.of("before", "Herbstpreis noch"))),
            new Style(
                Optional.empty(),
                Map.of(
                    StyleProperty.GROUND,
                    "#e3ebdb",
                    StyleProperty.INSIDE,
                    "12",
                    StyleProperty.CORNER,
                    "3"),
                Map.of(),
                "")));
  }

  private static TrustBadges badges() {
    return new TrustBadges(
        new NodId("promises"),
        new Placement(
            new Spot("under-buy"), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), true),
        List.of(
            new ShopPromise(
                ShopPromise.About.WARRANTY,
                "shield",
                "/replacements",
                Set.of(),
                Map.of(
                    "en", new ShopPromise.Said("Replaced if broken", "a picture is enough"),
                    "pt", new ShopPromise.Said("Substituído se partir", "basta uma fotografia"))),
            new ShopPromise(
                ShopPromise.About.RETURNS,
                "back",
                "/returns",
                Set.of("PT", "ES", "DE", "FR"),
                Map.of(
                    "en", new ShopPromise.Said("60 days to return", "we pay the way back"),
                    "pt", new ShopPromise.Said("60 dias para devolver", "pagamos o regresso"))),
            new ShopPromise(
                ShopPromise.About.MAKING,
                "wheat",
                "",
                Set.of(),
                Map.of(
                    "en", new ShopPromise.Said("Straw and paper", "no plastic"),
                    "pt", new ShopPromise.Said("Palha e papel", "sem plástico")))),
        NodOptions.USUAL,
        Appearance.DEFAULT);
  }
}
