package nodyes.core.today;

import static nodyes.core.common.English.counted;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import nodyes.core.today.Act.Worth;

/**
 * What there is to do about a shop's figures, each with what it costs or gains and how long it
 * takes.
 */
public final class WorthDoing {
  /** Our own reckoning: reading a review and deciding on it. */
  private static final int SECONDS_A_REVIEW = 25;

  /** Our own reckoning: writing some sentences. */
  private static final int SECONDS_A_REPLY = 120;

  private static final int REPLIES_AT_ONCE = 10;

  /** With fewer sold a product does not sell. */
  private static final int LEAST_SOLD = 5;

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

  private WorthDoing() {}

  /** All acts that the figures ask for, in no order; {@link Act#next} puts them in one. */
  public static List<Act> of(Figures figures) {
    var acts = new ArrayList<Act>();
    figures.doubted().forEach(doubted -> acts.add(putRight(doubted)));
    figures.stalled().forEach(stalled -> acts.add(lookAtFeed(stalled)));
    if (!figures.isScriptSeen() && figures.products() > 0) {
      acts.add(connect(figures.products()));
    }
    figures.waiting().ifPresent(waiting -> acts.add(decide(waiting)));
    figures.unanswered().ifPresent(unanswered -> acts.add(answer(unanswered)));
    figures
        .unreviewed()
        .filter(product -> product.sold() >= LEAST_SOLD)
        .ifPresent(product -> acts.add(bringReviews(product)));
    return List.copyOf(acts);
  }

  private static Act putRight(Figures.Doubted doubted) {
    return new Act(
        Worth.UNTRUE,
        doubted.products(),
        doubted.rule() + (doubted.nod().isEmpty() ? "" : ": " + doubted.nod()),
        doubted.words()
            + (doubted.products() == 0
                ? ""
                : " It is so for " + counted(doubted.products(), "product") + "."),
        "Put it right",
        doubted.place(),
        2);
  }

  private static Act lookAtFeed(Figures.Stalled stalled) {
    String on = DAY.format(stalled.on());
    return new Act(
        Worth.UNTRUE,
        stalled.gone(),
        stalled.isHeld()
            ? "The " + stalled.what() + " of " + on + " wait for a look"
            : "Your " + stalled.what() + " could not be read on " + on,
        stalled.isHeld()
            ? counted(stalled.gone(), "product")
                + " would no longer be sold. Until you decide, pages show what was so before."
            : "Pages show what was so before: prices, stock and sales may have changed since.",
        "See what came",
        "/catalogue/feeds",
        3);
  }

  private static Act connect(long products) {
    return new Act(
        Worth.MISSED,
        products,
        "The script was never seen on a page",
        "Shoppers see nothing of this on the pages of your " + counted(products, "product") + ".",
        "Connect the shop",
        "/setup",
        5);
  }

  private static Act decide(Figures.Waiting waiting) {
    List<String> having =
        Stream.of(
                waiting.pictured() == 0
                    ? ""
                    : counted(waiting.pictured(), "has a picture", "have a picture"),
                waiting.low() == 0
                    ? ""
                    : counted(waiting.low(), "has 3 stars or fewer", "have 3 stars or fewer"))
            .filter(part -> !part.isEmpty())
            .toList();
    return new Act(
        Worth.MISSED,
        waiting.count(),
        counted(waiting.count(), "review waits", "reviews wait"),
        (having.isEmpty() ? "" : String.join(", ", having) + ". ")
            + "The oldest came on "
            + DAY.format(waiting.since())
            + waiting.reviewer().map(name -> ", from " + name).orElse("")
            + ", about "
            + waiting.product()
            + ".",
        "Look through them",
        "/reviews",
        Act.minutes(waiting.count(), SECONDS_A_REVIEW));
  }

  private static Act answer(Figures.Unanswered unanswered) {
    String of = " of " + counted(unanswered.stars(), "star");
    return new Act(
        Worth.GROWS,
        unanswered.count(),
        counted(unanswered.count(), "review" + of + " has", "reviews" + of + " have")
            + " no answer",
        "Published, with words that you could reply to. Shoppers read both."
            + (unanswered.count() > REPLIES_AT_ONCE
                ? " The newest " + REPLIES_AT_ONCE + " are a good start."
                : ""),
        "Answer them",
        "/reviews?state=PUBLISHED&stars=" + unanswered.stars(),
        Act.minutes(Math.min(unanswered.count(), REPLIES_AT_ONCE), SECONDS_A_REPLY));
  }

  private static Act bringReviews(Figures.Unreviewed product) {
    return new Act(
        Worth.GROWS,
        0,
        product.title() + " sells without a review",
        counted(product.sold(), "was", "were")
            + " sold in "
            + product.days()
            + " days"
            + (product.others() == 0
                ? "."
                : "; " + counted(product.others(), "other product") + " sold without one too."),
        "Bring reviews in",
        "/reviews/bring-in",
        5);
  }
}
