package nodyes.core.imports;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** An amount of money as people write it into tables: {@code € 1.234,50}, {@code 1,234.50 EUR}. */
public final class AmountParser {
  private static final String SPACE = "\\s\\u00A0\\u202F";

  /** Groups are parted by one sign throughout, and a fraction by another. */
  private static final Pattern FORM =
      Pattern.compile(
          "[\\p{L}\\p{Sc}]{0,4}["
              + SPACE
              + "]*(\\d{1,3}([.,'’"
              + SPACE
              + "])\\d{3}(?:\\2\\d{3})*|\\d+)(?:(?!\\2)[.,](\\d+))?["
              + SPACE
              + "]*[\\p{L}\\p{Sc}]{0,4}");

  /** Three digits behind the only point or comma: thousands to some, a fraction to others. */
  private static final Pattern TWO_WAYS = Pattern.compile("\\d{1,3}[.,]\\d{3}");

  private AmountParser() {}

  /**
   * The amount as digits with a point, such as {@code 1234.50}; empty where the text is no amount,
   * or could be read in two ways. Groups of three digits are thousands, what follows the last point
   * or comma is a fraction. A sign or code of a currency on either side is passed over.
   *
   * @param fractionDigits how many digits of a fraction the currency has (ISO 4217): what may be
   *     thousands or a fraction is a fraction where it has three, thousands where it has none
   */
  public static Optional<String> digits(String text, int fractionDigits) {
    Matcher amount = FORM.matcher(text.strip());
    if (!amount.matches()) {
      return Optional.empty();
    }
    String whole = amount.group(1);
    if (TWO_WAYS.matcher(whole).matches() && amount.group(3) == null) {
      return switch (fractionDigits) {
        case 0 -> Optional.of(whole.replaceAll("\\D", ""));
        case 3 -> Optional.of(whole.replace(',', '.'));
        default -> Optional.empty();
      };
    }
    String digits = whole.replaceAll("\\D", "");
    return Optional.of(amount.group(3) == null ? digits : digits + "." + amount.group(3));
  }
}
