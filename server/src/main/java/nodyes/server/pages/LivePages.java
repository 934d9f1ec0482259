package nodyes.server.pages;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import nodyes.core.nod.Nod;
import nodyes.server.nods.ArrangementPublished;
import nodyes.server.nods.Nods;
import nodyes.server.shop.ShopChanged;
import nodyes.server.web.Refusal;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** What the shop's live pages lack, as they were last looked at; a look is kept for a minute. */
@Component
class LivePages {
  private static final Duration KEPT = Duration.ofMinutes(1);
  private static final String ONE = "pages";

  private final PageCheck check;
  private final Nods nods;
  private final Cache<String, List<PageCheck.Checked>> looks =
      Caffeine.newBuilder().expireAfterWrite(KEPT).maximumSize(1).build();

  LivePages(PageCheck check, Nods nods) {
    this.check = check;
    this.nods = nods;
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
      pages = looks.get(ONE, _ -> check.all(""));
    } catch (Refusal e) {
      return new PagesLack(List.of(), List.of());
    }
    var lacking = new ArrayList<LackingSpot>();
    var troubles = new ArrayList<PageTrouble>();
    for (PageCheck.Checked page : pages) {
      if (page.failure() != null) {
        continue; // that it cannot be looked at from here says nothing of what shoppers get
      }
      if (!page.hasScript()) {
        troubles.add(new PageTrouble(page.kind().wireName(), sentence(noScript(page))));
        continue;
      }
      page.marks()
          .forEach(
              mark ->
                  troubles.add(
                      new PageTrouble(
                          page.kind().wireName(), "Of " + page.address() + ": " + mark + ".")));
      for (Nod nod : nods.draft().nods()) {
        String spot = nod.placement().spot().name();
        if (nod.placement().on()
            && nod.placement().pages().contains(page.kind())
            && page.missing().contains(spot)) {
          lacking.add(
              new LackingSpot(
                  nod.id().value(),
                  nod.called(),
                  page.kind().wireName(),
                  spot,
                  nod.called()
                      + " shows nowhere on "
                      + page.kind().words()
                      + ": "
                      + page.address()
                      + " has no spot named "
                      + spot
                      + "."));
        }
      }
    }
    return new PagesLack(List.copyOf(lacking), List.copyOf(troubles));
  }

  /** That the script is not on a page, or has the key of another shop. */
  static String noScript(PageCheck.Checked page) {
    return page.otherKey() == null
        ? "the script is not on " + page.address()
        : "the script on "
            + page.address()
            + " has the key of another shop, data-shop=\""
            + page.otherKey()
            + "\"; Setup has the line with yours";
  }

  private static String sentence(String clause) {
    return clause.substring(0, 1).toUpperCase(Locale.ROOT) + clause.substring(1) + ".";
  }

  @EventListener({ArrangementPublished.class, ShopChanged.class})
  void forget() {
    looks.invalidateAll();
  }
}
