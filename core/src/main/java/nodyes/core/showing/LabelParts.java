package nodyes.core.showing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.audience.Answer;
import nodyes.core.audience.FactName;
import nodyes.core.audience.Figure;
import nodyes.core.audience.Finding;
import nodyes.core.audience.Situation;
import nodyes.core.audience.Timed;
import nodyes.core.audience.Wares;
import nodyes.core.audience.WaresCondition;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.Label;
import nodyes.core.nod.LabelValue;
import nodyes.core.nod.Wording;
import nodyes.core.price.PriceDrop;

/** What labels have to show. */
final class LabelParts {
  private static final int FEW_SALES = 10;
  private static final int LONG_NEW = 60;

  private LabelParts() {}

  /** What a claim rests on: findings, the wording that says it, and what may be doubted. */
  private record Claimed(
      List<Finding> findings, ValidUntil until, String word, List<Doubt> doubts) {}

  static Showing.Part of(Label label, Situation situation, Offered offered) {
    var values = new LabelValues(label, situation, offered);
    Claimed claimed = claim(label, situation, offered, values);
    var findings = new ArrayList<>(claimed.findings());
    ValidUntil until = claimed.until();
    var known = new EnumMap<LabelValue.Name, LabelValue>(LabelValue.Name.class);
    String language = offered.viewpoint().language().getLanguage();
    // where what it says is not so, nothing is put in
    boolean isSo = findings.stream().allMatch(Finding::met);
    for (LabelValue.Name name :
        isSo ? used(label, claimed.word(), language) : Set.<LabelValue.Name>of()) {
      Timed<LabelValue> value = values.of(name);
      until = until.and(value.until());
      if (value.value().isPresent()) {
        known.put(name, value.value().get());
      } else {
        findings.add(Finding.unknown(FactName.VALUE, new Figure.Names(List.of(name.wireName()))));
      }
    }
    return new Showing.Part(
        findings,
        () -> Optional.of(new Label.Content(claimed.word(), known, label.lie())),
        until,
        ValidUntil.NEVER_ENDS,
        claimed.doubts());
  }

  /** What each value is here, for the owner who writes words. */
  static Map<LabelValue.Name, Optional<LabelValue>> values(
      Label label, Situation situation, Offered offered) {
    var values = new LabelValues(label, situation, offered);
    var all = new EnumMap<LabelValue.Name, Optional<LabelValue>>(LabelValue.Name.class);
    for (LabelValue.Name name : LabelValue.Name.values()) {
      all.put(name, values.of(name).value());
    }
    return all;
  }

  /** The values that a wording puts in: the owner's words, else ours. */
  private static Set<LabelValue.Name> used(Label label, String word, String language) {
    return label
        .ownText(word, language)
        .<Set<LabelValue.Name>>map(
            text -> {
              var names = new LinkedHashSet<LabelValue.Name>();
              for (String name : Wording.values(text)) {
                LabelValue.Name.parse(name).ifPresent(names::add);
              }
              return names;
            })
        .orElseGet(() -> ours(word));
  }

  private static Set<LabelValue.Name> ours(String word) {
    return switch (word) {
      case "off", "upTo" -> Set.of(LabelValue.Name.PERCENT_OFF);
      case "less", "upToLess" -> Set.of(LabelValue.Name.AMOUNT_OFF);
      case "bestIn" -> Set.of(LabelValue.Name.CATEGORY);
      case "last" -> Set.of(LabelValue.Name.STOCK);
      case "back" -> Set.of(LabelValue.Name.BACK_ON);
      default -> Set.of();
    };
  }

  private static Claimed claim(
      Label label, Situation situation, Offered offered, LabelValues values) {
    return switch (label.claim()) {
      case PRICE_DROP -> priceDrop(label, values);
      case BESTSELLER -> bestseller(label, values);
      case NEW -> isNew(label, situation, offered);
      case LOW_STOCK -> stock(situation, offered, 1, label.atMost(), "last");
      case SOLD_OUT -> stock(situation, offered, 0, 0, "out");
      case BACK_ON -> backOn(situation, offered);
      case OWN_WORDS -> new Claimed(List.of(), ValidUntil.NEVER_ENDS, "own", List.of());
    };
  }

  private static Claimed priceDrop(Label label, LabelValues values) {
    Figure wanted = new Figure.PercentRange(Optional.of(label.leastPercent()), Optional.empty());
    LabelValues.Drops drops = values.drops();
    boolean isAmount = label.tells() == Label.Tells.AMOUNT;
    String word = drops.differ() ? (isAmount ? "upToLess" : "upTo") : (isAmount ? "less" : "off");
    Optional<PriceDrop> best = drops.best();
    Finding finding =
        best.map(
                drop ->
                    Finding.of(
                        FactName.PERCENT_OFF,
                        new Figure.Reduced(
                            drop.price(),
                            drop.prior(),
                            drop.percent(),
                            label.against() == Label.Against.OWN_REFERENCE
                                ? 0
                                : label.daysBefore()),
                        wanted,
                        drop.percent() >= label.leastPercent()))
            .orElseGet(
                () ->
                    values.isPriceKnown()
                        ? Finding.of(FactName.PERCENT_OFF, drops.silence(), wanted, false)
                        : Finding.unknown(FactName.PERCENT_OFF, wanted));
    List<Doubt> doubts =
        best.map(
                drop ->
                    switch (drop.basis()) {
                      case PriceDrop.OwnersReference _ -> List.of(Doubt.OWN_REFERENCE);
                      case PriceDrop.Recorded recorded ->
                          recorded.isWhole() ? List.<Doubt>of() : List.of(Doubt.SHORT_HISTORY);
                    })
            .orElse(List.of());
    return new Claimed(List.of(finding), drops.until(), word, doubts);
  }

  private static Claimed bestseller(Label label, LabelValues values) {
    String word = label.isAmongAll() ? "best" : "bestIn";
    Timed<Wares.Ranked> ranked = values.ranked();
    Figure wantedUnits = new Figure.Sold(label.leastSold(), label.days());
    Figure wantedRank = new Figure.FirstOf(label.first());
    if (ranked.value().isEmpty()) {
      return new Claimed(
          List.of(Finding.unknown(FactName.SALES_RANK, wantedRank)),
          ranked.until(),
          word,
          List.of());
    }
    Wares.Ranked found = ranked.value().get();
    long units = found.standing().units();
    return new Claimed(
        List.of(
            Finding.of(
                FactName.UNITS_SOLD,
                new Figure.Sold(units, label.days()),
                wantedUnits,
                units >= label.leastSold()),
            Finding.of(
                FactName.SALES_RANK,
                new Figure.Rank(found.group(), found.standing(), label.days()),
                wantedRank,
                found.standing().rank() <= label.first())),
        ranked.until(),
        word,
        units < FEW_SALES ? List.of(Doubt.FEW_SALES) : List.of());
  }

  private static Claimed isNew(Label label, Situation situation, Offered offered) {
    Answer answer = new WaresCondition.PublishedWithin(label.days()).ask(situation);
    LocalDate today = offered.today();
    boolean isLong =
        offered.firstPublished().filter(day -> day.plusDays(LONG_NEW).isBefore(today)).isPresent();
    ValidUntil until =
        offered
            .firstPublished()
            .map(day -> day.plusDays(LONG_NEW + 1L))
            .filter(day -> day.isAfter(today))
            .map(day -> answer.validUntil().and(ValidUntil.before(offered.startOf(day))))
            .orElse(answer.validUntil());
    return new Claimed(
        answer.findings(), until, "new", isLong ? List.of(Doubt.NEW_FOR_LONG) : List.of());
  }

  private static Claimed stock(
      Situation situation, Offered offered, long least, long most, String word) {
    var wanted = new WaresCondition.StockBetween(Optional.of(least), Optional.of(most));
    if (offered.isMadeToOrder()) {
      Figure range = new Figure.CountRange(Optional.of(least), Optional.of(most));
      return new Claimed(
          List.of(
              Finding.of(FactName.STOCK, new Figure.Names(List.of("made to order")), range, false)),
          ValidUntil.NEVER_ENDS,
          word,
          List.of());
    }
    Answer answer = wanted.ask(situation);
    return new Claimed(answer.findings(), answer.validUntil(), word, List.of());
  }

  private static Claimed backOn(Situation situation, Offered offered) {
    Claimed soldOut = stock(situation, offered, 0, 0, "back");
    Optional<LocalDate> day = offered.backOn();
    boolean isAhead = day.filter(offered.today()::isBefore).isPresent();
    Finding finding =
        day.map(
                known ->
                    Finding.of(
                        FactName.BACK_ON,
                        new Figure.Day(known),
                        isAhead ? Figure.Phase.BEFORE : Figure.Phase.AFTER,
                        isAhead))
            .orElseGet(() -> Finding.unknown(FactName.BACK_ON, Figure.Phase.BEFORE));
    var findings = new ArrayList<>(soldOut.findings());
    findings.add(finding);
    return new Claimed(
        findings,
        isAhead
            ? soldOut.until().and(ValidUntil.before(offered.startOf(day.orElseThrow())))
            : soldOut.until(),
        "back",
        List.of());
  }

  /** A label that has no more room on a picture. */
  static Verdict crowdedOut(Label label, Verdict.Shown shown, int before, ValidUntil until) {
    Finding finding =
        Finding.of(
            FactName.LABELS_BEFORE,
            new Figure.Count(before),
            new Figure.CountRange(Optional.empty(), Optional.of(label.onPicture() - 1L)),
            false);
    var findings = new ArrayList<>(shown.because().findings());
    findings.add(finding);
    return new Verdict.Withheld(
        new Because(findings, List.of(finding), List.of()), shown.validUntil().and(until));
  }
}
