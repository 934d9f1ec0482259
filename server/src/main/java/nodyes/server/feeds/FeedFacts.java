package nodyes.server.feeds;

import static nodyes.server.messages.Texts.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import nodyes.core.imports.FeedColumnNames;
import nodyes.server.feeds.FeedLook.LookFact;
import nodyes.server.feeds.FeedLook.Topic;
import nodyes.server.orders.OrderTally;

/**
 * What a shop will know once a file is read, and by which of its columns.
 *
 * @param headingByTerm headings of the columns that are used
 */
record FeedFacts(Map<String, String> headingByTerm) {
  List<LookFact> of(OrderTally tally) {
    Map<String, Long> sold = tally.soldLately();
    var best = sold.entrySet().stream().max(Map.Entry.comparingByValue());
    var facts = new ArrayList<LookFact>();
    facts.add(
        best.map(
                most ->
                    known(
                        Topic.BESTSELLERS,
                        text(
                            "feeds.know.bestsellers",
                            "skus",
                            sold.size(),
                            "first",
                            most.getKey(),
                            "pieces",
                            most.getValue()),
                        "orderDate",
                        "sku",
                        "orderQuantity"))
            .orElseGet(() -> unknown(Topic.BESTSELLERS, text("feeds.know.noBestsellers"))));
    facts.add(
        tally.ofTheWeek() > 0
            ? known(
                Topic.RECENT_ORDERS,
                text(
                    "feeds.know.recentOrders",
                    "orders",
                    tally.ofTheWeek(),
                    "towns",
                    tally.withTown()),
                "orderDate",
                "sku",
                "addressLocality")
            : unknown(Topic.RECENT_ORDERS, text("feeds.know.noRecentOrders")));
    facts.add(
        tally.orders() == 0
            ? unknown(Topic.VERIFIED_PURCHASES, text("feeds.know.noPurchases"))
            : known(
                Topic.VERIFIED_PURCHASES,
                text("feeds.know.purchases", "orders", tally.orders()),
                "orderNumber",
                "sku"));
    facts.add(
        tally.arrived() > 0
            ? known(
                Topic.ARRIVALS,
                text("feeds.know.arrivals", "orders", tally.arrived()),
                "arrived",
                "shipped")
            : unknown(Topic.ARRIVALS, text("feeds.know.noArrivals")));
    return facts;
  }

  List<LookFact> of(ProductTally tally) {
    long references = tally.recommended() + tally.earlier();
    return List.of(
        references > 0
            ? known(
                Topic.PRICE_DROPS,
                text(
                    "feeds.know.prices",
                    "earlier",
                    tally.earlier(),
                    "recommended",
                    tally.recommended()),
                "price",
                FeedColumnNames.EARLIER_PRICE,
                "listPrice")
            : unknown(Topic.PRICE_DROPS, text("feeds.know.noPrices")),
        tally.stocked() > 0
            ? known(
                Topic.STOCK,
                text("feeds.know.stock", "variants", tally.stocked(), "soldOut", tally.soldOut()),
                "inventoryLevel")
            : unknown(Topic.STOCK, text("feeds.know.noStock")),
        tally.pictures() > 0
            ? known(
                Topic.PICTURES, text("feeds.know.pictures", "products", tally.pictures()), "image")
            : unknown(Topic.PICTURES, text("feeds.know.noPictures")),
        unknown(Topic.BESTSELLERS, text("feeds.know.needOrders")));
  }

  private LookFact known(Topic topic, String text, String... terms) {
    List<String> headings =
        Stream.of(terms)
            .filter(headingByTerm::containsKey)
            .map(term -> headingByTerm.getOrDefault(term, ""))
            .toList();
    return new LookFact(topic, true, text, headings);
  }

  private static LookFact unknown(Topic topic, String text) {
    return new LookFact(topic, false, text, List.of());
  }
}
