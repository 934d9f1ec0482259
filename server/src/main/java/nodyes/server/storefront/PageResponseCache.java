package nodyes.server.storefront;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import nodyes.server.database.Database;
import nodyes.server.database.Revisions;
import nodyes.server.database.Topic;
import nodyes.server.geo.CountryResolver;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Answers kept by the address that asked for them, until their time is up or what they speak of has
 * changed. Nobody tells it: each answer has the revision that it was made at.
 */
@Component
class PageResponseCache {
  private static final long MOST_BYTES = 64L << 20;

  private static final int LONGEST_ADDRESS = 4000;
  private static final Pattern ZONE = Pattern.compile("&tz=[^&]*");

  /** What every page may be made of. */
  static final Set<Topic> OF_ALL =
      Set.of(
          Topic.SHOP,
          Topic.CATALOGUE,
          Topic.REVIEW_ASPECTS,
          Topic.REVIEW_GROUPS,
          Topic.STRUCTURED_DATA_POLICY,
          Topic.BUSINESS_PROFILE,
          Topic.PUBLISHED_LAYOUT);

  /** The same of one that speaks of sales, in which every order may move a rank. */
  static final Set<Topic> WITH_SALES = with(OF_ALL, Topic.ORDERS);

  /** What it is made of for each of its products alone. */
  static final Set<Topic> BY_PRODUCT = Set.of(Topic.REVIEWS, Topic.VOTES);

  private final Clock clock;
  private final Revisions revisions;
  private final Cache<String, Kept> answers =
      Caffeine.newBuilder()
          .maximumWeight(MOST_BYTES)
          .weigher((String address, Kept kept) -> kept.weight(address))
          .build();

  @Autowired
  PageResponseCache(Clock clock, Database database) {
    this(clock, database.revisions());
  }

  PageResponseCache(Clock clock, Revisions revisions) {
    this.clock = clock;
    this.revisions = revisions;
  }

  private static Set<Topic> with(Set<Topic> topics, Topic more) {
    var all = EnumSet.copyOf(topics);
    all.add(more);
    return Set.copyOf(all);
  }

  /** An answer, and the last revision at which it was seen to be as good as new. */
  private static final class Kept {
    private final CachedResponse answer;
    private final long madeAt;
    private volatile long checkedAt;

    Kept(CachedResponse answer, long madeAt) {
      this.answer = answer;
      this.madeAt = madeAt;
      this.checkedAt = madeAt;
    }

    int weight(String address) {
      return address.length() * 2 + answer.plain().length + answer.gzip().length;
    }

    boolean isCurrent(Revisions revisions) {
      long now = revisions.now();
      if (checkedAt == now) {
        return true;
      }
      if (!revisions.isUnchanged(madeAt, answer.madeOf().topics())) {
        return false;
      }
      for (Topic topic : BY_PRODUCT) {
        if (!revisions.isUnchanged(madeAt, topic, answer.madeOf().reviewed())) {
          return false;
        }
      }
      checkedAt = now;
      return true;
    }
  }

  /**
   * What an answer is kept by: the query, with the country in place of the time zone that tells it;
   * null where it is missing or too long to keep.
   */
  static @Nullable String address(HttpServletRequest request, CountryResolver where) {
    String query = request.getQueryString();
    return query == null || query.length() > LONGEST_ADDRESS
        ? null
        : ZONE.matcher(query).replaceFirst("")
            + where
                .find(request.getParameter("country"), request.getParameter("tz"), request)
                .map(country -> " " + country)
                .orElse("");
  }

  Optional<CachedResponse> find(String address) {
    Kept kept = answers.getIfPresent(address);
    return kept != null && kept.answer.holdsAt(clock.instant()) && kept.isCurrent(revisions)
        ? Optional.of(kept.answer)
        : Optional.empty();
  }

  /** A new answer. What changes while it is made leaves it older than that, and never found. */
  CachedResponse fill(String address, Supplier<CachedResponse> making) {
    long before = revisions.now();
    CachedResponse answer = making.get();
    answers.put(address, new Kept(answer, before));
    return answer;
  }
}
