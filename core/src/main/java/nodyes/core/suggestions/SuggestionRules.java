package nodyes.core.suggestions;

import java.util.ArrayList;
import java.util.List;
import nodyes.core.suggestions.Suggestion.Priority;

/**
 * What there is to do about a shop's figures, each with what it costs or gains and how long it
 * takes.
 */
public final class SuggestionRules {
  /** Our own estimate: reading a review and deciding on it. */
  private static final int SECONDS_A_REVIEW = 25;

  /** Our own estimate: writing some sentences. */
  private static final int SECONDS_A_REPLY = 120;

  /** With fewer sold a product does not sell. */
  private static final int LEAST_SOLD = 5;

  private SuggestionRules() {}

  /** All acts that the figures ask for, in no order; {@link Suggestion#next} puts them in one. */
  public static List<Suggestion> of(ShopStatus figures) {
    var acts = new ArrayList<Suggestion>();
    figures
        .doubted()
        .forEach(
            doubted ->
                acts.add(new Suggestion(Priority.INCORRECT, doubted.products(), doubted, 2)));
    figures
        .stalled()
        .forEach(
            stalled -> acts.add(new Suggestion(Priority.INCORRECT, stalled.removed(), stalled, 3)));
    ShopStatus.Pages pages = figures.pages();
    if (!pages.isScriptSeen() && figures.products() > 0) {
      var unconnected = new Matter.Unconnected(figures.products());
      acts.add(new Suggestion(Priority.MISSING, figures.products(), unconnected, 5));
    }
    pages
        .silentSince()
        .ifPresent(
            day ->
                acts.add(
                    new Suggestion(
                        Priority.MISSING, figures.products(), new Matter.SilentPages(day), 5)));
    if (pages.needTheOwner() > 0) {
      var unknown = new Matter.UnknownPages(pages.needTheOwner());
      acts.add(new Suggestion(Priority.MISSING, pages.needTheOwner(), unknown, 3));
    }
    figures.waiting().ifPresent(waiting -> acts.add(decide(waiting)));
    figures.unanswered().ifPresent(unanswered -> acts.add(answer(unanswered)));
    figures
        .unreviewed()
        .filter(product -> product.sold() >= LEAST_SOLD)
        .ifPresent(product -> acts.add(new Suggestion(Priority.GROWTH, 0, product, 5)));
    return List.copyOf(acts);
  }

  private static Suggestion decide(Matter.WaitingReviews waiting) {
    int minutes = Suggestion.minutes(waiting.count(), SECONDS_A_REVIEW);
    return new Suggestion(Priority.MISSING, waiting.count(), waiting, minutes);
  }

  private static Suggestion answer(Matter.UnrepliedReviews unanswered) {
    long atOnce = Math.min(unanswered.count(), Matter.UnrepliedReviews.AT_ONCE);
    int minutes = Suggestion.minutes(atOnce, SECONDS_A_REPLY);
    return new Suggestion(Priority.GROWTH, unanswered.count(), unanswered, minutes);
  }
}
