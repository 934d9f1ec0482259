package nodyes.server.embed;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.util.Collections;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import nodyes.core.showing.FactNeed;
import nodyes.server.catalogue.CatalogueChanged;
import nodyes.server.listing.ListingChanged;
import nodyes.server.nods.ArrangementPublished;
import nodyes.server.nods.Nods;
import nodyes.server.orders.OrdersChanged;
import nodyes.server.reviews.Kin;
import nodyes.server.reviews.MarkupRule;
import nodyes.server.reviews.PublishedReviewsChanged;
import nodyes.server.reviews.ReviewVotesChanged;
import nodyes.server.shop.ShopChanged;
import nodyes.server.where.Where;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Answers kept by the address that asked for them, until their time is up or what they speak of
 * changes. It hears of a change last: what answers are made of is forgotten before them.
 */
@Component
class AnswerCache {
  /** After what answers are made of, and before all that follows a change. */
  private static final int AFTER_FACTS = 0;

  private static final long MOST_BYTES = 64L << 20;

  private static final int LONGEST_ADDRESS = 4000;
  private static final Pattern ZONE = Pattern.compile("&tz=[^&]*");

  private final Clock clock;
  private final UnaryOperator<Set<String>> kin;
  private final BooleanSupplier speaksOfSales;
  private final AtomicLong changes = new AtomicLong();
  private final Cache<String, Answer> answers =
      Caffeine.newBuilder()
          .maximumWeight(MOST_BYTES)
          .weigher(
              (String key, Answer answer) ->
                  key.length() * 2 + answer.plain().length + answer.gzip().length)
          .build();

  @Autowired
  AnswerCache(Clock clock, Kin kin, Nods nods) {
    this(clock, kin::slugs, () -> FactNeed.asksForSales(nods.published().nods()));
  }

  /** With the products that show what is said of some, and whether what is sold matters. */
  AnswerCache(Clock clock, UnaryOperator<Set<String>> kin, BooleanSupplier speaksOfSales) {
    this.clock = clock;
    this.kin = kin;
    this.speaksOfSales = speaksOfSales;
  }

  /**
   * What an answer is kept by: the query, with the country in place of the time zone that tells it;
   * null where it is missing or too long to keep.
   */
  static @Nullable String address(HttpServletRequest request, Where where) {
    String query = request.getQueryString();
    return query == null || query.length() > LONGEST_ADDRESS
        ? null
        : ZONE.matcher(query).replaceFirst("")
            + where
                .find(request.getParameter("country"), request.getParameter("tz"), request)
                .map(country -> " " + country)
                .orElse("");
  }

  Optional<Answer> find(String address) {
    Answer answer = answers.getIfPresent(address);
    return answer != null && answer.holdsAt(clock.instant())
        ? Optional.of(answer)
        : Optional.empty();
  }

  /** A new answer, kept unless something changed while it was made. */
  Answer fill(String address, Supplier<Answer> making) {
    long before = changes.get();
    Answer answer = making.get();
    keep(address, answer, before);
    return answer;
  }

  /** As one step with forgetting: not for an instant can anyone find what is over. */
  private synchronized void keep(String address, Answer answer, long madeAt) {
    if (changes.get() == madeAt) {
      answers.put(address, answer);
    }
  }

  /** Pages are few: the ones that speak of a changed product are found by looking at all. */
  @EventListener
  @Order(AFTER_FACTS)
  void reviewsChanged(PublishedReviewsChanged event) {
    forget(event.products());
  }

  @EventListener
  @Order(AFTER_FACTS)
  void votesChanged(ReviewVotesChanged event) {
    forget(event.products());
  }

  private void forget(Set<String> products) {
    forgetThatShow(kin.apply(products));
  }

  private synchronized void forgetThatShow(Set<String> shown) {
    changes.incrementAndGet();
    answers.asMap().values().removeIf(answer -> !Collections.disjoint(answer.products(), shown));
  }

  @EventListener
  @Order(AFTER_FACTS)
  void catalogueChanged(CatalogueChanged event) {
    forgetAll();
  }

  /** A sale moves the ranks of others too. */
  @EventListener
  @Order(AFTER_FACTS)
  void ordersChanged(OrdersChanged event) {
    if (speaksOfSales.getAsBoolean()) {
      forgetAll();
    }
  }

  @EventListener
  @Order(AFTER_FACTS)
  void published(ArrangementPublished event) {
    forgetAll();
  }

  @EventListener
  @Order(AFTER_FACTS)
  void shopChanged(ShopChanged event) {
    forgetAll();
  }

  @EventListener
  @Order(AFTER_FACTS)
  void markupRuleChanged(MarkupRule.Changed event) {
    forgetAll();
  }

  @EventListener
  @Order(AFTER_FACTS)
  void listingChanged(ListingChanged event) {
    forgetAll();
  }

  private synchronized void forgetAll() {
    changes.incrementAndGet();
    answers.invalidateAll();
  }
}
