package nodyes.server.storefront.wire;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import nodyes.core.nod.Label;
import nodyes.core.nod.NodOption;
import nodyes.core.nod.TextValue;
import org.jspecify.annotations.Nullable;

/**
 * A label: which of its words is said, and what they put in.
 *
 * @param word the name of the wording
 * @param values by name
 * @param corner where it lies on a picture
 * @param turn in degrees, clockwise; missing for none
 * @param opacity in percent; missing for all of it
 * @param bare whether the drawing alone is seen
 */
public record WireLabel(
    String word,
    Map<String, WireValue> values,
    String corner,
    @Nullable Integer turn,
    @Nullable Integer opacity,
    @Nullable Boolean bare) {
  private static final int WHOLE = 100;

  /**
   * One value; which of them is set tells how it is written.
   *
   * @param currency of an amount (ISO 4217)
   */
  public record WireValue(
      @Nullable BigDecimal number,
      @Nullable Integer percent,
      @Nullable BigDecimal amount,
      @Nullable String currency,
      @Nullable String day,
      @Nullable String text,
      @Nullable String country) {}

  static WireLabel of(Label.LabelContent content) {
    var values = new LinkedHashMap<String, WireValue>();
    content.known().forEach((name, value) -> values.put(name.wireName(), of(value)));
    Label.LabelGeometry lie = content.lie();
    return new WireLabel(
        content.word(),
        values,
        NodOption.named(lie.corner()),
        lie.turn() == 0 ? null : lie.turn(),
        lie.opacity() == WHOLE ? null : lie.opacity(),
        lie.hasWords() ? null : true);
  }

  private static WireValue of(TextValue value) {
    return switch (value) {
      case TextValue.Plain(var number) -> new WireValue(number, null, null, null, null, null, null);
      case TextValue.Percent(int percent) ->
          new WireValue(null, percent, null, null, null, null, null);
      case TextValue.Amount(var amount) ->
          new WireValue(
              null, null, amount.getAmount(), amount.getCurrencyUnit().getCode(), null, null, null);
      case TextValue.Day(var day) ->
          new WireValue(null, null, null, null, day.toString(), null, null);
      case TextValue.Text(String text) -> new WireValue(null, null, null, null, null, text, null);
      case TextValue.Country(String code) ->
          new WireValue(null, null, null, null, null, null, code);
    };
  }
}
