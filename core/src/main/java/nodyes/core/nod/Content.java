package nodyes.core.nod;

import java.util.Map;

/** What a page shows of a nod: facts and figures, drawn and worded by the shop's script. */
public sealed interface Content
    permits StarLine.StarLineContent,
        ReviewWall.ShapedWall,
        ReviewTab.ReviewTabContent,
        PickedQuotes.PickedQuotesContent,
        Label.LabelContent,
        TrustBadges.TrustBadgesContent,
        Countdown.CountdownContent,
        VisitorCount.VisitorCountContent,
        StockLine.StockLineContent,
        RecentOrders.RecentOrdersContent,
        DeliveryPromise.DeliveryPromiseContent,
        ReturnsLine.ReturnsLineContent {
  /**
   * What the values of each of its words are here, by the word's name and the value's: numbers,
   * days, or the parts of a {@link TextValue}.
   */
  Map<String, Map<String, Object>> values();
}
