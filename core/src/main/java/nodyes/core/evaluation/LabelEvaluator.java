package nodyes.core.evaluation;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.Label;
import nodyes.core.nod.TextOverrides;
import nodyes.core.nod.TextValue;
import nodyes.core.price.PriceDrop;
import nodyes.core.targeting.ConditionResult;
import nodyes.core.targeting.EvaluationContext;
import nodyes.core.targeting.FactName;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;
import nodyes.core.targeting.ProductCondition;
import nodyes.core.targeting.Sellable;
import nodyes.core.targeting.TimedValue;

/** What labels have to show. */
final class LabelEvaluator {
  private static final int FEW_SALES = 10;
  private static final int LONG_NEW = 60;

  private LabelEvaluator() {}

  /** What a claim rests on: findings, the wording that says it, and what may be doubted. */
  private record Claimed(
      List<Finding> findings, ValidUntil until, String word, List<ClaimRisk> doubts) {}

  static NodEvaluator.Part of(Label label, EvaluationContext situation, OfferedProduct offered) {
    var values = new TextValues(label, situation, offered);
    Claimed claimed = claim(label, situation, offered, values);
    var findings = new ArrayList<>(claimed.findings());
    ValidUntil until = claimed.until();
    var known = new EnumMap<TextValue.Name, TextValue>(TextValue.Name.class);
    String language = offered.viewpoint().language().getLanguage();
    // where what it says is not so, nothing is put in
    boolean isSo = findings.stream().allMatch(Finding::met);
    for (TextValue.Name name :
        isSo ? used(label, claimed.word(), language) : Set.<TextValue.Name>of()) {
      TimedValue<TextValue> value = values.of(name);
      until = until.and(value.until());
      if (value.value().isPresent()) {
        known.put(name, value.value().get());
      } else {
        findings.add(
            Finding.unknown(FactName.TEXT_VALUE, new FactValue.NameList(List.of(name.wireName()))));
      }
    }
    return new NodEvaluator.Part(
        findings,
        () -> Optional.of(new Label.LabelContent(claimed.word(), known, label.lie())),
        until,
        ValidUntil.NEVER_ENDS,
        claimed.doubts());
  }

  /** What each value is here, for the owner who writes words. */
  static Map<TextValue.Name, Optional<TextValue>> values(
      Label label, EvaluationContext situation, OfferedProduct offered) {
    var values = new TextValues(label, situation, offered);
    var all = new EnumMap<TextValue.Name, Optional<TextValue>>(TextValue.Name.class);
    for (TextValue.Name name : TextValue.Name.values()) {
      all.put(name, values.of(name).value());
    }
    return all;
  }

  /** The values that a wording puts in: the owner's words, else ours. */
  private static Set<TextValue.Name> used(Label label, String word, String language) {
    return label
        .ownText(word, language)
        .<Set<TextValue.Name>>map(
            text -> {
              var names = new LinkedHashSet<TextValue.Name>();
              for (String name : TextOverrides.values(text)) {
                TextValue.Name.parse(name).ifPresent(names::add);
              }
              return names;
            })
        .orElseGet(() -> ours(word));
  }

  private static Set<TextValue.Name> ours(String word) {
    return switch (word) {
      case "off", "upTo" -> Set.of(TextValue.Name.PERCENT_OFF);
      case "less", "upToLess" -> Set.of(TextValue.Name.AMOUNT_OFF);
      case "bestIn" -> Set.of(TextValue.Name.CATEGORY);
      case "last" -> Set.of(TextValue.Name.STOCK);
      case "back" -> Set.of(TextValue.Name.BACK_ON);
      default -> Set.of();
    };
  }

  private static Claimed claim(
      Label label, EvaluationContext situation, OfferedProduct offered, TextValues values) {
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

  private static Claimed priceDrop(Label label, TextValues values) {
    FactValue wanted =
        new FactValue.PercentRange(Optional.of(label.leastPercent()), Optional.empty());
    TextValues.Drops drops = values.drops();
    boolean isAmount = label.tells() == Label.AmountFormat.AMOUNT;
    String word = drops.differ() ? (isAmount ? "upToLess" : "upTo") : (isAmount ? "less" : "off");
    Optional<PriceDrop> best = drops.best();
    Finding finding =
        best.map(
                drop ->
                    Finding.of(
                        FactName.DISCOUNT,
                        new FactValue.Discount(
                            drop.price(),
                            drop.prior(),
                            drop.percent(),
                            label.against() == Label.PriceReference.OWN_REFERENCE
                                ? 0
                                : label.daysBefore()),
                        wanted,
                        drop.percent() >= label.leastPercent()))
            .orElseGet(
                () ->
                    values.isPriceKnown()
                        ? Finding.of(FactName.DISCOUNT, drops.silence(), wanted, false)
                        : Finding.unknown(FactName.DISCOUNT, wanted));
    List<ClaimRisk> doubts =
        best.map(
                drop ->
                    switch (drop.basis()) {
                      case PriceDrop.OwnersReference _ -> List.of(ClaimRisk.CUSTOM_REFERENCE_PRICE);
                      case PriceDrop.Recorded recorded ->
                          recorded.isWhole()
                              ? List.<ClaimRisk>of()
                              : List.of(ClaimRisk.SHORT_PRICE_HISTORY);
                    })
            .orElse(List.of());
    return new Claimed(List.of(finding), drops.until(), word, doubts);
  }

  private static Claimed bestseller(Label label, TextValues values) {
    String word = label.isAmongAll() ? "best" : "bestIn";
    TimedValue<Sellable.Ranked> ranked = values.ranked();
    FactValue wantedUnits = new FactValue.UnitsSold(label.leastSold(), label.days());
    FactValue wantedRank = new FactValue.TopN(label.first());
    if (ranked.value().isEmpty()) {
      return new Claimed(
          List.of(Finding.unknown(FactName.SALES_RANK, wantedRank)),
          ranked.until(),
          word,
          List.of());
    }
    Sellable.Ranked found = ranked.value().get();
    long units = found.rank().units();
    return new Claimed(
        List.of(
            Finding.of(
                FactName.UNITS_SOLD,
                new FactValue.UnitsSold(units, label.days()),
                wantedUnits,
                units >= label.leastSold()),
            Finding.of(
                FactName.SALES_RANK,
                new FactValue.RankInGroup(found.group(), found.rank(), label.days()),
                wantedRank,
                found.rank().isRanked() && found.rank().rank() <= label.first())),
        ranked.until(),
        word,
        units < FEW_SALES ? List.of(ClaimRisk.FEW_SALES) : List.of());
  }

  private static Claimed isNew(Label label, EvaluationContext situation, OfferedProduct offered) {
    ConditionResult answer = new ProductCondition.PublishedWithin(label.days()).ask(situation);
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
        answer.findings(), until, "new", isLong ? List.of(ClaimRisk.NEW_TOO_LONG) : List.of());
  }

  private static Claimed stock(
      EvaluationContext situation, OfferedProduct offered, long least, long most, String word) {
    var wanted = new ProductCondition.StockBetween(Optional.of(least), Optional.of(most));
    if (offered.isMadeToOrder()) {
      FactValue range = new FactValue.CountRange(Optional.of(least), Optional.of(most));
      return new Claimed(
          List.of(
              Finding.of(
                  FactName.STOCK, new FactValue.NameList(List.of("made to order")), range, false)),
          ValidUntil.NEVER_ENDS,
          word,
          List.of());
    }
    ConditionResult answer = wanted.ask(situation);
    return new Claimed(answer.findings(), answer.validUntil(), word, List.of());
  }

  private static Claimed backOn(EvaluationContext situation, OfferedProduct offered) {
    Claimed soldOut = stock(situation, offered, 0, 0, "back");
    Optional<LocalDate> day = offered.backOn();
    boolean isAhead = day.filter(offered.today()::isBefore).isPresent();
    Finding finding =
        day.map(
                known ->
                    Finding.of(
                        FactName.RESTOCK_DATE,
                        new FactValue.Day(known),
                        isAhead ? FactValue.Phase.BEFORE : FactValue.Phase.AFTER,
                        isAhead))
            .orElseGet(() -> Finding.unknown(FactName.RESTOCK_DATE, FactValue.Phase.BEFORE));
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
            FactName.LABELS_ON_IMAGE,
            new FactValue.Count(before),
            new FactValue.CountRange(Optional.empty(), Optional.of(label.onPicture() - 1L)),
            false);
    var findings = new ArrayList<>(shown.because().findings());
    findings.add(finding);
    return new Verdict.Withheld(
        new Because(findings, List.of(finding), List.of()), shown.validUntil().and(until));
  }
}
