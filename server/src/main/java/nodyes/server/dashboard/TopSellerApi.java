package nodyes.server.dashboard;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.visitors.TimeWindow;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.shop.ShopClock;
import nodyes.server.visitors.VisitorCounts;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The product that sold most in a week, and what its page shows now. */
@RestController
@Tag(name = "today")
@RequestMapping("/api/v1/dashboard/top-seller")
class TopSellerApi {
  private static final int DAYS = 7;
  private static final int MOST_SHOWN = 5;

  private final ProductSales sold;
  private final ShownNods shown;
  private final VisitorCounts presence;
  private final Catalogue catalogue;
  private final ShopClock clock;

  TopSellerApi(
      ProductSales sold,
      ShownNods shown,
      VisitorCounts presence,
      Catalogue catalogue,
      ShopClock clock) {
    this.sold = sold;
    this.shown = shown;
    this.presence = presence;
    this.catalogue = catalogue;
    this.clock = clock;
  }

  /**
   * A nod that its page shows now.
   *
   * @param until until when it holds; null where time does not change it
   */
  record ShownNod(String name, @Nullable Instant until) {}

  /**
   * The product.
   *
   * @param units sold in the days, today the last of them
   * @param looked visitors in the last 24 hours
   * @param average of its published reviews, in stars to one decimal; null without any
   * @param more nods that are shown beside the first
   */
  record MostOrdered(
      String slug,
      String title,
      String picture,
      long units,
      int days,
      long looked,
      @Nullable BigDecimal average,
      long reviews,
      List<ShownNod> shown,
      int more) {}

  /** None where nothing was sold. */
  record MostOrderedView(String zone, @Nullable MostOrdered product) {}

  @GetMapping
  MostOrderedView mostOrdered() {
    return new MostOrderedView(
        clock.zone().getId(),
        sold.most(DAYS).map(one -> view(one.product(), one.units())).orElse(null));
  }

  private MostOrdered view(ProductFacts product, long units) {
    String slug = product.slug().value();
    List<ShownNod> now = shown.on(product);
    return new MostOrdered(
        slug,
        product.title(),
        catalogue.pictures(List.of(slug)).getOrDefault(slug, ""),
        units,
        DAYS,
        presence.count(product.id().value(), TimeWindow.DAY, clock.now()).number(),
        product.rating().mean(1).orElse(null),
        product.rating().count(),
        now.stream().limit(MOST_SHOWN).toList(),
        Math.max(0, now.size() - MOST_SHOWN));
  }
}
