package nodyes.server.pages;

import static nodyes.server.messages.Texts.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nodyes.core.common.Slug;
import nodyes.core.nod.PageKind;
import org.jspecify.annotations.Nullable;

/** What a look at an address found, step by step. */
final class AddressReport {
  /** What is looked at, in this order. */
  enum Step {
    /** Whether the page can be had. */
    OPENED,
    /** Whether the line of script is in it. */
    LINE,
    /** Whether the page's security rules let it run. */
    POLICY,
    /** Whether it is known what the page is. */
    PAGE,
    /** Whether nods find places. */
    PLACES
  }

  /** How a step went. */
  enum Outcome {
    /** As it must be. */
    FINE,
    /** Something is to be done. */
    TROUBLE,
    /** Not looked at, since something before it is to be done. */
    NOT_LOOKED_AT
  }

  /**
   * A step.
   *
   * @param title what was found, in short
   * @param evidence what shows it; empty where the title says all
   * @param code text to be added to the page or its headers, if some is
   */
  record CheckStep(
      Step step, Outcome outcome, String title, String evidence, @Nullable String code) {}

  /** A standard spot, and whether it was found. */
  record CheckedPlace(String spot, boolean isFound) {}

  /**
   * What was found.
   *
   * @param address as it was asked for in the end
   * @param kind what the page is, where it is known
   * @param product the slug of the product that it is of
   * @param next what to do first; empty where nothing is
   * @param isLocal whether it is not public, and is opened once the owner says that it is the shop
   */
  record AddressChecked(
      String address,
      List<CheckStep> steps,
      List<CheckedPlace> places,
      @Nullable PageKind kind,
      @Nullable String product,
      @Nullable String next,
      boolean isLocal) {}

  /** What the page is. */
  record Known(PageKind kind, Optional<Slug> product) {}

  private final List<CheckStep> steps = new ArrayList<>();
  private final List<CheckedPlace> places = new ArrayList<>();
  private boolean isLocal;

  void fine(Step step, String name, String evidence) {
    steps.add(
        new CheckStep(step, Outcome.FINE, text("addressCheck." + name + ".fine"), evidence, null));
  }

  void trouble(Step step, String name, String evidence, @Nullable String code) {
    steps.add(
        new CheckStep(
            step, Outcome.TROUBLE, text("addressCheck." + name + ".trouble"), evidence, code));
  }

  /** It is not opened as long as nobody says that it is the owner's own. */
  void local(String evidence) {
    isLocal = true;
    trouble(Step.OPENED, "opened", evidence, null);
  }

  void known(String what, String evidence, int cards) {
    steps.add(
        new CheckStep(
            Step.PAGE,
            Outcome.FINE,
            text("addressCheck.page.fine", "what", what),
            Stream.of(evidence, cards == 0 ? "" : text("addressCheck.cards", "count", cards))
                .filter(one -> !one.isEmpty())
                .collect(Collectors.joining(" ")),
            null));
  }

  void notLookedAt(Step step) {
    steps.add(
        new CheckStep(
            step,
            Outcome.NOT_LOOKED_AT,
            text("addressCheck.notLookedAt." + step),
            text("addressCheck.notLookedAt"),
            null));
  }

  void marked(List<String> spots) {
    spots.forEach(spot -> places.add(new CheckedPlace(spot, true)));
    fine(Step.PLACES, "places", text("addressCheck.places.marked", "count", spots.size()));
  }

  void places(List<CheckedPlace> found) {
    places.addAll(found);
    long have = places.stream().filter(CheckedPlace::isFound).count();
    String evidence = text("addressCheck.places.count", "found", have, "all", places.size());
    if (have == places.size()) {
      fine(Step.PLACES, "places", evidence);
    } else {
      trouble(Step.PLACES, "places", evidence, null);
    }
  }

  AddressChecked done(String address, Optional<Known> known) {
    for (Step step : Step.values()) {
      if (steps.stream().noneMatch(one -> one.step() == step)) {
        notLookedAt(step);
      }
    }
    return new AddressChecked(
        address,
        List.copyOf(steps),
        List.copyOf(places),
        known.map(Known::kind).orElse(null),
        known.flatMap(Known::product).map(Slug::value).orElse(null),
        steps.stream()
            .filter(one -> one.outcome() == Outcome.TROUBLE)
            .findFirst()
            .map(one -> text("addressCheck.next." + (isLocal ? "LOCAL" : one.step())))
            .orElse(null),
        isLocal);
  }
}
