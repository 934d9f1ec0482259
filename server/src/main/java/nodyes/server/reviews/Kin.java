package nodyes.server.reviews;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nodyes.core.common.Slug;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.CatalogueChanged;
import nodyes.server.web.Refusal;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;

/** Products that the owner groups as the same thing: each shows the reviews of all of them. */
@Component
public class Kin {
  private static final int MOST = 50;

  private final KinStore store;
  private final Catalogue catalogue;
  private final ApplicationEventPublisher events;
  private volatile SingletonSupplier<Map<Long, List<Member>>> kept;

  Kin(KinStore store, Catalogue catalogue, ApplicationEventPublisher events) {
    this.store = store;
    this.catalogue = catalogue;
    this.events = events;
    this.kept = SingletonSupplier.of(store::all);
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

  /** The same for many, together. */
  Set<Long> ids(Collection<Long> products) {
    var ids = new LinkedHashSet<Long>();
    products.forEach(product -> ids.addAll(ids(product)));
    return ids;
  }

  /** Slugs of the products that show reviews of these. */
  public Set<String> slugs(Set<String> products) {
    var slugs = new LinkedHashSet<>(products);
    all().values().stream()
        .filter(group -> group.stream().anyMatch(member -> products.contains(member.slug())))
        .forEach(group -> group.forEach(member -> slugs.add(member.slug())));
    return slugs;
  }

  private List<Member> of(long product) {
    return all().getOrDefault(product, List.of());
  }

  private Map<Long, List<Member>> all() {
    return kept.obtain();
  }

  /**
   * Groups a product with others in place of those it was grouped with; none lets it stand alone.
   * Each keeps its own reviews: parting them again loses nothing.
   */
  public List<Member> group(String product, Set<String> others) {
    if (others.size() >= MOST) {
      throw Refusal.unusable("At most 50 products are the same thing.");
    }
    long id = id(product);
    var wanted = new LinkedHashSet<Long>();
    others.stream().filter(other -> !other.equals(product)).forEach(other -> wanted.add(id(other)));
    var touched = new LinkedHashSet<Long>(ids(id));
    touched.addAll(ids(wanted));
    Set<String> before = slugs(store.slugs(touched));
    // whoever a new one was grouped with before comes along, since it is the same thing too
    var all = new LinkedHashSet<Long>();
    if (!wanted.isEmpty()) {
      all.add(id);
      all.addAll(wanted);
      wanted.stream().filter(one -> !ids(id).contains(one)).forEach(one -> all.addAll(ids(one)));
    }
    store.group(id, all);
    forget();
    var after = new LinkedHashSet<>(before);
    after.addAll(slugs(store.slugs(touched)));
    events.publishEvent(new PublishedReviewsChanged(Set.copyOf(after)));
    return others(id);
  }

  private long id(String slug) {
    return Slug.parse(slug)
        .flatMap(catalogue::id)
        .orElseThrow(() -> Refusal.value("product", "is not in the catalogue"));
  }

  /** What is being read is left to those who wait for it; who asks from now on reads anew. */
  @EventListener(CatalogueChanged.class)
  @Order(Ordered.HIGHEST_PRECEDENCE)
  void forget() {
    kept = SingletonSupplier.of(store::all);
  }
}
