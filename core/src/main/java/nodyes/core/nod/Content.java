package nodyes.core.nod;

import java.util.Map;

/** What a page shows of a nod: facts and figures, drawn and worded by the shop's script. */
public sealed interface Content
    permits StarLine.Content,
        ReviewWall.Content,
        ReviewTab.Content,
        PickedQuotes.Content,
        Label.Content,
        TrustBadges.Content,
        Countdown.Content,
        VisitorCount.Content,
        StockLine.Content,
        RecentOrders.Content,
        DeliveryPromise.Content {
  /** What the values of each of its words are here, by the word's name and the value's. */
  Map<String, Map<String, Object>> values();
}
