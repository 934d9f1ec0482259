package nodyes.server.publishedreviews;

import static nodyes.server.messages.Texts.text;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nodyes.core.common.Slug;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.database.Database;
import nodyes.server.database.Derived;
import nodyes.server.database.Topic;
import nodyes.server.web.ApiProblem;
import org.springframework.stereotype.Component;

/** Products that the owner groups as the same thing: each shows the reviews of all of them. */
@Component
public class SharedReviews {
  private static final int MOST = 50;

  private final SharedReviewsStore store;
  private final Catalogue catalogue;
  private final Derived<Map<Long, List<Member>>> kept;

  SharedReviews(SharedReviewsStore store, Catalogue catalogue, Database database) {
    this.store = store;
    this.catalogue = catalogue;
    this.kept = database.derive(store::all, Topic.REVIEW_GROUPS, Topic.CATALOGUE);
  }

  /** A product of a group. */
  public record Member(long id, String slug, String title) {}

  /** Those that share their reviews with a product, without itself; none where it stands alone. */
  public List<Member> others(long product) {
    return of(product).stream().filter(member -> member.id() != product).toList();
  }

  /** The ids whose reviews a product shows, its own among them. */
  Set<Long> ids(long product) {
    var ids = new LinkedHashSet<Long>();
    ids.add(product);
    of(product).forEach(member -> ids.add(member.id()));
    return ids;
  }

  /** The ids whose reviews some products show, their own among them. */
  Set<Long> ids(Collection<Long> products) {
    var ids = new LinkedHashSet<Long>();
    products.forEach(product -> ids.addAll(ids(product)));
    return ids;
  }

  /** As {@link #ids(Collection)}, of products by slug. */
  public Set<Long> idsOf(Collection<Slug> products) {
    return ids(products.stream().flatMap(slug -> catalogue.id(slug).stream()).toList());
  }

  private List<Member> of(long product) {
    return kept.get().getOrDefault(product, List.of());
  }

  /**
   * Groups a product with others in place of those it was grouped with; none lets it stand alone.
   * Each keeps its own reviews: parting them again loses nothing.
   */
  public List<Member> group(String product, Set<String> others) {
    if (others.size() >= MOST) {
      throw ApiProblem.unusable(text("reviews.upTo50Same"));
    }
    long id = id(product);
    var wanted = new LinkedHashSet<Long>();
    others.stream().filter(other -> !other.equals(product)).forEach(other -> wanted.add(id(other)));
    // whoever a new one was grouped with before comes along, since it is the same thing too
    var all = new LinkedHashSet<Long>();
    if (!wanted.isEmpty()) {
      all.add(id);
      all.addAll(wanted);
      wanted.stream().filter(one -> !ids(id).contains(one)).forEach(one -> all.addAll(ids(one)));
    }
    store.group(id, all);
    return others(id);
  }

  private long id(String slug) {
    return Slug.parse(slug)
        .flatMap(catalogue::id)
        .orElseThrow(() -> ApiProblem.value("product", text("problems.notInCatalogue")));
  }
}
