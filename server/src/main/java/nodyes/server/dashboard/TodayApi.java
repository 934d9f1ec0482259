package nodyes.server.dashboard;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import nodyes.core.rating.WeeklyRatings;
import nodyes.core.suggestions.Suggestion;
import nodyes.core.suggestions.SuggestionRules;
import nodyes.server.messages.Written;
import nodyes.server.shop.ShopClock;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What to do next in order of worth, and what happened. */
@RestController
@Tag(name = "today")
@RequestMapping("/api/v1/dashboard")
class TodayApi {
  private static final int MOST_ACTS = 5;
  private static final int WEEKS = 12;

  private final DashboardStore store;
  private final ShopStatusReader figures;
  private final ShopClock clock;

  TodayApi(DashboardStore store, ShopStatusReader figures, ShopClock clock) {
    this.store = store;
    this.figures = figures;
    this.clock = clock;
  }

  /**
   * The acts that are worth most.
   *
   * @param more how many there are beside them
   */
  record ActsView(List<ActWords.ActView> acts, int more) {}

  @GetMapping("/suggestions")
  ActsView acts() {
    List<Suggestion> all = SuggestionRules.of(figures.now());
    List<Suggestion> next = Suggestion.next(all, MOST_ACTS);
    return new ActsView(next.stream().map(ActWords::of).toList(), all.size() - next.size());
  }

  /**
   * What a day brought.
   *
   * @param day the shop's day
   * @param reviews written on it, whatever became of them
   * @param average of these, in stars to one decimal; null without any
   */
  record DayBehind(LocalDate day, long orders, long reviews, @Nullable BigDecimal average) {}

  /**
   * A week of ratings.
   *
   * @param average of all until its end; null before the first
   */
  record WeekOfRatings(LocalDate monday, long reviews, @Nullable BigDecimal average) {}

  /**
   * What happened.
   *
   * @param town where the shop's clock is read
   * @param min the star that the scale of the means begins at
   */
  record BehindView(String town, DayBehind yesterday, int min, List<WeekOfRatings> weeks) {}

  @GetMapping("/history")
  BehindView behind() {
    ZoneId zone = clock.zone();
    LocalDate today = clock.today();
    LocalDate yesterday = today.minusDays(1);
    WeeklyRatings.Sum written = store.written(yesterday);
    LocalDate first = WeeklyRatings.first(today, WEEKS);
    var weeks =
        WeeklyRatings.of(store.publishedBefore(first), store.publishedFrom(first), today, WEEKS);
    return new BehindView(
        Written.placeOf(zone),
        new DayBehind(
            yesterday,
            store.orders(
                yesterday.atStartOfDay(zone).toInstant(), today.atStartOfDay(zone).toInstant()),
            written.count(),
            written.mean(1).orElse(null)),
        weeks.min(),
        weeks.weeks().stream()
            .map(
                week ->
                    new WeekOfRatings(week.monday(), week.reviews(), week.average().orElse(null)))
            .toList());
  }
}
