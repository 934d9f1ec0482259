package nodyes.core.nod;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import nodyes.core.price.PriceHistory;

/** What can be set of labels, by what they say. */
final class LabelOptions {
  static final NodOption CORNER = NodOption.oneOf("corner", Label.Corner.values());
  static final NodOption TURN = NodOption.whole("turn", 0, 359, 0);
  static final NodOption OPACITY = NodOption.whole("opacity", 20, 100, 100);
  static final NodOption ON_PICTURE = NodOption.whole("on-picture", 1, 6, 2);
  static final NodOption WORDS = NodOption.yesNo("words", true);
  static final NodOption LEAST_PERCENT = NodOption.whole("least-percent", 1, 99, 1);
  static final NodOption TELLS = NodOption.oneOf("tells", Label.AmountFormat.values());
  static final NodOption AGAINST = NodOption.oneOf("against", Label.PriceReference.values());
  static final NodOption DAYS_BEFORE = NodOption.whole("days-before", 30, 180, 30);
  static final NodOption DAYS_TOLD = NodOption.whole("days-told", 1, 365, PriceHistory.DAYS_TOLD);
  static final NodOption STEPS = NodOption.oneOf("steps", PriceHistory.Steps.values());
  static final NodOption DAYS = NodOption.whole("days", 1, 365, 30);
  static final NodOption FIRST = NodOption.whole("first", 1, 100, 1);
  static final NodOption AMONG = NodOption.oneOf("among", Label.RankingScope.values());
  static final NodOption LEAST_SOLD = NodOption.whole("least-sold", 1, 999, 10);
  static final NodOption AT_MOST = NodOption.whole("at-most", 1, 99, 3);

  private static final Map<Label.LabelType, List<NodOption>> OPTIONS = everyOption();

  private static Map<Label.LabelType, List<NodOption>> everyOption() {
    var options = new EnumMap<Label.LabelType, List<NodOption>>(Label.LabelType.class);
    for (Label.LabelType claim : Label.LabelType.values()) {
      var all =
          new ArrayList<NodOption>(
              switch (claim) {
                case PRICE_DROP ->
                    List.of(LEAST_PERCENT, TELLS, AGAINST, DAYS_BEFORE, DAYS_TOLD, STEPS);
                case BESTSELLER -> List.of(FIRST, AMONG, DAYS, LEAST_SOLD);
                case NEW -> List.of(DAYS);
                case LOW_STOCK -> List.of(AT_MOST);
                case SOLD_OUT, BACK_ON, OWN_WORDS -> List.<NodOption>of();
              });
      all.addAll(List.of(CORNER, TURN, OPACITY, ON_PICTURE, WORDS));
      options.put(claim, List.copyOf(all));
    }
    return Collections.unmodifiableMap(options);
  }

  /** What can be set of a label that says this. */
  static List<NodOption> of(Label.LabelType claim) {
    return OPTIONS.getOrDefault(claim, List.of());
  }

  private LabelOptions() {}
}
