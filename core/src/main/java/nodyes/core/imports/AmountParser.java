package nodyes.core.imports;

import java.util.Arrays;
import java.util.Currency;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

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

  private static final Set<String> CODES =
      Currency.getAvailableCurrencies().stream()
          .map(Currency::getCurrencyCode)
          .collect(Collectors.toUnmodifiableSet());

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
        case 0 -> Optional.of(NO_DIGIT.matcher(whole).replaceAll(""));
        case 3 -> Optional.of(whole.replace(',', '.'));
        default -> Optional.empty();
      };
    }
    String digits = NO_DIGIT.matcher(whole).replaceAll("");
    return Optional.of(amount.group(3) == null ? digits : digits + "." + amount.group(3));
  }

  private static final Pattern NO_DIGIT = Pattern.compile("\\D");
  private static final Pattern LETTERS = Pattern.compile("[^\\d.,'’\\s\\u00A0\\u202F+-]+");
  private static final Map<String, Set<String>> SIGNS = new ConcurrentHashMap<>();

  /**
   * What an amount names as its currency where that is another one than {@code own}: a code of ISO
   * 4217, or a sign that CLDR has for other currencies alone. A sign that {@code own} is written
   * with anywhere is its own.
   *
   * @param own the code of the currency that is expected
   */
  public static Optional<String> otherCurrency(String text, String own) {
    Matcher letters = LETTERS.matcher(text);
    while (letters.find()) {
      String sign = letters.group();
      boolean isCurrency =
          CODES.contains(sign)
              || Character.getType(sign.codePointAt(0)) == Character.CURRENCY_SYMBOL;
      if (isCurrency && !signs(own).contains(sign)) {
        return Optional.of(sign);
      }
    }
    return Optional.empty();
  }

  private static Set<String> signs(String code) {
    return SIGNS.computeIfAbsent(
        code,
        one -> {
          Currency currency;
          try {
            currency = Currency.getInstance(one);
          } catch (IllegalArgumentException e) {
            return Set.of(one);
          }
          return Stream.concat(
                  Stream.of(one),
                  Arrays.stream(Locale.getAvailableLocales()).map(currency::getSymbol))
              .collect(Collectors.toUnmodifiableSet());
        });
  }
}
