package nodyes.server.today;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import nodyes.core.rating.RatingWeeks;
import nodyes.core.today.Act;
import nodyes.core.today.WorthDoing;
import nodyes.server.shop.Shop;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What to do next in order of worth, and what happened. */
@RestController
@Tag(name = "today")
@RequestMapping("/api/v1/today")
class TodayApi {
  private static final int MOST_ACTS = 5;
  private static final int WEEKS = 12;

  private final TodayStore store;
  private final TodayFigures figures;
  private final Shop shop;
  private final Clock clock;

  TodayApi(TodayStore store, TodayFigures figures, Shop shop, Clock clock) {
    this.store = store;
    this.figures = figures;
    this.shop = shop;
    this.clock = clock;
  }

  /**
   * The acts that are worth most.
   *
   * @param more how many there are beside them
   */
  record ActsView(List<Act> acts, int more) {}

  @GetMapping("/acts")
  ActsView acts() {
    List<Act> all = WorthDoing.of(figures.now());
    List<Act> next = Act.next(all, MOST_ACTS);
    return new ActsView(next, all.size() - next.size());
  }

  /**
   * What a day brought.
   *
   * @param day the shop's day
   * @param reviews written on it, whatever became of them
   * @param mean of these, in stars to one decimal; null without any
   */
  record DayBehind(LocalDate day, long orders, long reviews, @Nullable BigDecimal mean) {}

  /**
   * A week of ratings.
   *
   * @param mean of all until its end; null before the first
   */
  record WeekOfRatings(LocalDate monday, long reviews, @Nullable BigDecimal mean) {}

  /**
   * What happened.
   *
   * @param zone of the shop
   * @param least the star that the scale of the means begins at
   */
  record BehindView(String zone, DayBehind yesterday, int least, List<WeekOfRatings> weeks) {}

  @GetMapping("/behind")
  BehindView behind() {
    ZoneId zone = shop.settings().zone();
    LocalDate today = LocalDate.ofInstant(clock.instant(), zone);
    LocalDate yesterday = today.minusDays(1);
    RatingWeeks.Sum written = store.written(yesterday);
    LocalDate first = RatingWeeks.first(today, WEEKS);
    var weeks =
        RatingWeeks.of(store.publishedBefore(first), store.publishedFrom(first), today, WEEKS);
    return new BehindView(
        zone.getId(),
        new DayBehind(
            yesterday,
            store.orders(
                yesterday.atStartOfDay(zone).toInstant(), today.atStartOfDay(zone).toInstant()),
            written.count(),
            written.mean(1).orElse(null)),
        weeks.least(),
        weeks.weeks().stream()
            .map(week -> new WeekOfRatings(week.monday(), week.reviews(), week.mean().orElse(null)))
            .toList());
  }
}
