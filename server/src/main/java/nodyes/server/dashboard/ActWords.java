package nodyes.server.dashboard;

import static nodyes.server.messages.Texts.text;

import java.time.LocalDate;
import nodyes.core.suggestions.Matter;
import nodyes.core.suggestions.Suggestion;
import nodyes.server.messages.Written;

/** Something worth doing, as sentences to the owner. */
final class ActWords {
  private static final String NONE = "none";

  private ActWords() {}

  /**
   * Something worth doing.
   *
   * @param priority what doing it is good for
   * @param size of two with the same worth the larger one comes first; a number of things
   * @param title what is so, in a few words
   * @param text the figures of it: what it costs to leave it, or what doing it gains
   * @param action the act, as its button says it
   * @param path where it is done, as an address of the back office
   * @param minutes about how long it takes
   */
  record ActView(
      Suggestion.Priority priority,
      long size,
      String title,
      String text,
      String action,
      String path,
      int minutes) {}

  private static final String CONNECT = "/setup/connect";

  private record Said(String title, String text, String action, String path) {}

  static ActView of(Suggestion act) {
    Said said = said(act.matter());
    return new ActView(
        act.priority(),
        act.size(),
        said.title(),
        said.text(),
        said.action(),
        said.path(),
        act.minutes());
  }

  private static Said said(Matter matter) {
    return switch (matter) {
      case Matter.RiskyClaim doubted -> doubted(doubted);
      case Matter.FailedUpdate stalled -> stalled(stalled);
      case Matter.Unconnected(long products) ->
          new Said(
              text("acts.connect.title"),
              text("acts.connect.words", "products", products),
              text("acts.connect.doing"),
              CONNECT);
      case Matter.SilentPages(LocalDate since) ->
          new Said(
              text("acts.silent.title", "day", Written.shortDay(since)),
              text("acts.silent.words"),
              text("acts.silent.doing"),
              CONNECT);
      case Matter.UnknownPages(long pages) ->
          new Said(
              text("acts.pages.title", "pages", pages),
              text("acts.pages.words", "pages", pages),
              text("acts.pages.doing"),
              CONNECT);
      case Matter.WaitingReviews waiting -> waiting(waiting);
      case Matter.UnrepliedReviews(int stars, long count) ->
          new Said(
              text("acts.answer.title", "count", count, "stars", stars),
              text(
                  count > Matter.UnrepliedReviews.AT_ONCE
                      ? "acts.answer.wordsMany"
                      : "acts.answer.words",
                  "count",
                  count,
                  "some",
                  Matter.UnrepliedReviews.AT_ONCE),
              text("acts.answer.doing"),
              "/reviews?state=PUBLISHED&stars=" + stars);
      case Matter.UnreviewedBestseller(String title, long sold, int days, long others) ->
          new Said(
              text("acts.unreviewed.title", "product", title),
              text("acts.unreviewed.words", "sold", sold, "days", days, "others", others),
              text("acts.unreviewed.doing"),
              "/reviews/bring-in");
    };
  }

  private static Said doubted(Matter.RiskyClaim doubted) {
    return new Said(
        doubted.nod().isEmpty()
            ? doubted.rule()
            : text("acts.doubted.title", "rule", doubted.rule(), "nod", doubted.nod()),
        text("acts.doubted.words", "words", doubted.text(), "products", doubted.products()),
        text("acts.doubted.doing"),
        doubted.path());
  }

  private static Said stalled(Matter.FailedUpdate stalled) {
    String kind = stalled.isHeld() ? "held" : "failed";
    return new Said(
        text(
            "acts." + kind + ".title",
            "what",
            stalled.what(),
            "day",
            Written.shortDay(stalled.on())),
        stalled.isHeld()
            ? text("acts.held.words", "gone", stalled.removed())
            : text("acts.failed.words"),
        text("acts." + kind + ".doing"),
        "/catalogue/feeds");
  }

  private static Said waiting(Matter.WaitingReviews waiting) {
    return new Said(
        text("acts.waiting.title", "count", waiting.count()),
        text(
            "acts.waiting.words",
            "pictured",
            waiting.pictured(),
            "low",
            waiting.low(),
            "day",
            Written.shortDay(waiting.since()),
            "product",
            waiting.product(),
            "reviewer",
            waiting.reviewer().orElse(NONE)),
        text("acts.waiting.doing"),
        "/reviews");
  }
}
