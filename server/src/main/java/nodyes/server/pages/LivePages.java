package nodyes.server.pages;

import static nodyes.server.messages.Texts.text;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nodyes.core.nod.Nod;
import nodyes.server.database.Database;
import nodyes.server.database.Revisions;
import nodyes.server.database.Topic;
import nodyes.server.nods.NodNames;
import nodyes.server.nods.Nods;
import nodyes.server.web.ApiProblem;
import org.springframework.stereotype.Component;

/** What the shop's live pages lack, as they were last looked at; a look is kept for a minute. */
@Component
class LivePages {
  private static final Duration KEPT = Duration.ofMinutes(1);
  private static final Set<Topic> TOPICS = Set.of(Topic.PUBLISHED_LAYOUT, Topic.SHOP);

  private final PageCheck check;
  private final Nods nods;
  private final Revisions revisions;

  private record Look(List<PageCheck.Checked> pages, long at) {}

  private final Cache<String, Look> looks =
      Caffeine.newBuilder().expireAfterWrite(KEPT).maximumSize(1).build();

  LivePages(PageCheck check, Nods nods, Database database) {
    this.check = check;
    this.nods = nods;
    this.revisions = database.revisions();
  }

  /** A nod that is on, and a kind of page that it is for and that lacks its spot. */
  record LackingSpot(String nod, String name, String kind, String spot, String text) {}

  /** What keeps a kind of page from showing anything. */
  record PageTrouble(String kind, String text) {}

  /** What was found; nothing where the shop is not connected yet. */
  record PagesLack(List<LackingSpot> lacking, List<PageTrouble> troubles) {}

  PagesLack look() {
    List<PageCheck.Checked> pages;
    try {
      pages = checked();
    } catch (ApiProblem e) {
      return new PagesLack(List.of(), List.of());
    }
    var lacking = new ArrayList<LackingSpot>();
    var troubles = new ArrayList<PageTrouble>();
    for (PageCheck.Checked page : pages) {
      if (page.failure() != null) {
        continue; // that it cannot be looked at from here says nothing of what shoppers get
      }
      if (!page.script().hasScript()) {
        troubles.add(new PageTrouble(page.kind().wireName(), noScript(page)));
        continue;
      }
      page.marks()
          .forEach(
              mark ->
                  troubles.add(
                      new PageTrouble(page.kind().wireName(), page.address() + ": " + mark)));
      for (Nod nod : nods.draft().nods()) {
        String spot = nod.placement().spot().name();
        if (nod.placement().on()
            && nod.placement().pages().contains(page.kind())
            && page.places().missing().contains(spot)) {
          lacking.add(
              new LackingSpot(
                  nod.id().value(),
                  NodNames.called(nod),
                  page.kind().wireName(),
                  spot,
                  text(
                      "pages.noSpot",
                      "nod",
                      NodNames.called(nod),
                      "page",
                      page.address(),
                      "spot",
                      spot)));
        }
      }
    }
    return new PagesLack(List.copyOf(lacking), List.copyOf(troubles));
  }

  /** As they were a minute ago at most, and since the shop or what shows on it changed last. */
  private List<PageCheck.Checked> checked() {
    return looks
        .asMap()
        .compute(
            "",
            (_, before) ->
                before != null && revisions.isUnchanged(before.at(), TOPICS)
                    ? before
                    : look(revisions.now()))
        .pages();
  }

  private Look look(long at) {
    return new Look(check.all(""), at);
  }

  /** That the script is not on a page, or has the key of another shop. */
  static String noScript(PageCheck.Checked page) {
    return page.script().otherKey() == null
        ? text("pages.noScript", "page", page.address())
        : text("pages.otherKey", "page", page.address(), "key", page.script().otherKey());
  }
}
