package nodyes.server.nods;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import nodyes.core.common.NodId;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.Placement;
import nodyes.core.nod.Wording;

/** How one arrangement differs from another, in words. */
public final class Changes {
  private static final List<PageKind> EVERYWHERE = List.of(PageKind.values());

  private Changes() {}

  /**
   * One difference.
   *
   * @param nod the nod's id; empty where it is of no single nod
   * @param pages the kinds of page it shows on
   * @param text what is different
   */
  public record Change(String nod, List<PageKind> pages, String text) {}

  static List<Change> between(Draft published, Draft draft) {
    Map<NodId, Nod> before = byId(published);
    Map<NodId, Nod> after = byId(draft);
    var changes = new ArrayList<Change>();
    after.forEach(
        (id, nod) -> {
          Nod was = before.get(id);
          if (was == null) {
            if (nod.placement().on()) {
              changes.add(of(nod, name(nod) + " is added"));
            }
          } else if (!was.equals(nod)) {
            changes.add(of(nod, name(nod) + " " + String.join(", ", differences(was, nod))));
          }
        });
    before.forEach(
        (id, nod) -> {
          if (!after.containsKey(id)) {
            changes.add(of(nod, name(nod) + " is removed"));
          }
        });
    if (changes.isEmpty() && !order(before, after).equals(order(after, before))) {
      changes.add(new Change("", EVERYWHERE, "Nods stand in another order"));
    }
    changes.addAll(aroundNods(published, draft));
    return List.copyOf(changes);
  }

  /** What is different of one nod. */
  static String of(NodId id, Draft before, Draft after) {
    Nod was = before.find(id).orElseThrow();
    Nod now = after.find(id).orElseThrow();
    return was.equals(now)
        ? name(now) + " stays as it is"
        : name(now) + " " + String.join(", ", differences(was, now));
  }

  private static List<Change> aroundNods(Draft published, Draft draft) {
    var changes = new ArrayList<Change>();
    if (!published.spots().equals(draft.spots())) {
      changes.add(new Change("", spotPages(published, draft), "Places you pointed at change"));
    }
    if (!published.delivery().equals(draft.delivery())) {
      changes.add(new Change("", EVERYWHERE, "When orders leave and arrive changes"));
    }
    if (!published.kit().equals(draft.kit())) {
      changes.add(new Change("", EVERYWHERE, "The brand kit changes"));
    }
    return changes;
  }

  /** Those that are in both, in the order of the first. */
  private static List<NodId> order(Map<NodId, Nod> of, Map<NodId, Nod> other) {
    return of.keySet().stream().filter(other::containsKey).toList();
  }

  private static List<PageKind> spotPages(Draft published, Draft draft) {
    return java.util.stream.Stream.concat(published.spots().stream(), draft.spots().stream())
        .map(PointedSpot::page)
        .distinct()
        .sorted()
        .toList();
  }

  private static Change of(Nod nod, String text) {
    return new Change(nod.id().value(), nod.placement().pages().stream().sorted().toList(), text);
  }

  private static List<String> differences(Nod was, Nod now) {
    var said = new ArrayList<String>();
    Placement before = was.placement();
    Placement after = now.placement();
    if (before.on() != after.on()) {
      said.add(after.on() ? "is switched on" : "is switched off");
    }
    if (!before.spot().equals(after.spot())) {
      said.add("moves to " + spot(now));
    }
    if (!before.pages().equals(after.pages()) || !before.screens().equals(after.screens())) {
      said.add("is for other pages or screens");
    }
    if (!before.audience().equals(after.audience())) {
      said.add("is for other products, shoppers or times");
    }
    if (!was.dress().wording().equals(now.dress().wording())) {
      said.add("says something else in " + String.join(", ", languages(was, now)));
    }
    if (!was.dress().look().equals(now.dress().look())) {
      said.add("looks different");
    }
    if (now instanceof PickedQuotes quotes && quotes.mayHideTheWhole() && !mayHide(was)) {
      said.add("shows praise alone, without what all reviews say");
    }
    if (said.isEmpty()) {
      said.add("is set differently");
    }
    return said;
  }

  private static boolean mayHide(Nod nod) {
    return nod instanceof PickedQuotes quotes && quotes.mayHideTheWhole();
  }

  private static List<String> languages(Nod was, Nod now) {
    Wording before = was.dress().wording();
    Wording after = now.dress().wording();
    var languages = new TreeSet<>(before.byLanguage().keySet());
    languages.addAll(after.byLanguage().keySet());
    return languages.stream()
        .filter(language -> !before.in(language).equals(after.in(language)))
        .map(language -> java.util.Locale.of(language).getDisplayLanguage(java.util.Locale.ENGLISH))
        .toList();
  }

  /** Its kind and where it is, such as 'Star line (under title)'. */
  static String name(Nod nod) {
    return nod.called() + " (" + spot(nod) + ")";
  }

  private static String spot(Nod nod) {
    return nod.placement().spot().name().replace('-', ' ');
  }

  private static Map<NodId, Nod> byId(Draft draft) {
    var nods = new LinkedHashMap<NodId, Nod>();
    draft.nods().forEach(nod -> nods.put(nod.id(), nod));
    return nods;
  }
}
