package nodyes.core.imports;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads what tells a month and no day: 'in July 2026', '2026-07', '07/2026', or how long ago it was
 * ('2 weeks ago', 'vor 3 Monaten', 'hace un año', 'il y a 2 jours', 'há uma semana'), in English,
 * German, Spanish, French, Portuguese, Italian and Dutch.
 */
public final class MonthParser {
  private static final int LONGEST = 40;
  private static final int MOST = 999;
  private static final int EARLIEST_YEAR = 1990;

  private static final Pattern SPACES = Pattern.compile("[\\s\\u00A0\\u202F]+");
  private static final Pattern END = Pattern.compile("[.,;]+$");
  private static final Pattern ISO = Pattern.compile("(\\d{4})[-/.](\\d{1,2})");
  private static final Pattern MONTH_FIRST = Pattern.compile("(\\d{1,2})\\s?[-/.]\\s?(\\d{4})");
  private static final Pattern NAMED =
      Pattern.compile(
          "(?:(?:in|im|en|em|a|nel|a|le|on)\\s)?(?:mes de\\s)?([\\p{L}\\p{M}]{3,12})\\.?,?\\s(?:de[l]?\\s|of\\s)?(\\d{4})");

  /** Units by the beginnings of their names, in order: what begins as another one stands first. */
  private static final String UNITS =
      "(?<second>sec|sek|seg)|(?<minute>min)"
          + "|(?<hour>hour|hr|stunde|heure|hora|ora\\b|ore\\b|uur|uren|std)"
          + "|(?<day>day|tag|jour|d[ií]a|giorn|dag)"
          + "|(?<week>week|wk|woche|semaine|semana|settiman|wek)"
          + "|(?<month>month|monat|mois|mes\\b|meses|m[êe]s\\b|mese\\b|mesi\\b|maand)"
          + "|(?<year>year|yr|jahr|ans?\\b|ann[ée]e|años?|anos?\\b|ann[oi]\\b|jaar|jaren)";

  private static final String AMOUNT =
      "(?<amount>\\d{1,3}|an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven"
          + "|ein(?:em|er|e|s)?|zwei|drei|vier|fünf|sechs|sieben|acht|neun|zehn|elf"
          + "|une?|deux|trois|quatre|cinq|sept|huit|neuf|dix|onze"
          + "|un[ao]?|dos|tres|cuatro|cinco|seis|siete|ocho|nueve|diez|once"
          + "|uma?|dois|duas|três|quatro|sete|oito|nove|dez"
          + "|due|tre|quattro|cinque|sei|otto|dieci|een|één|twee|drie|vijf|zes|zeven|tien)";

  private static final Map<String, Integer> AMOUNTS = amounts();

  private static final Pattern AGO =
      Pattern.compile(
          "(?:(?:vor|hace|h[aá]|il y a|seit|about|over|almost|etwa|environ|circa)\\s(?:about\\s|etwa\\s|environ\\s|circa\\s|m[aá]s de\\s|mais de\\s|plus d[e']\\s?)?)?"
              + AMOUNT
              + "\\s(?:"
              + UNITS
              + ")[\\p{L}\\p{M}]*\\.?(?:\\s(?:ago|atr[aá]s|fa|geleden))?");

  private static final Pattern TOLD_BEFORE =
      Pattern.compile(
          "^(?:vor|hace|h[aá]|il y a)\\s.*|.*\\s(?:ago|atr[aá]s|fa|geleden)$",
          Pattern.UNICODE_CHARACTER_CLASS);

  /** What tells how long ago it was in words of its own. */
  private static final Map<Pattern, Back> WORDS =
      Map.of(
          Pattern.compile(
              "just now|today|heute|gerade eben|aujourd['’]hui|[aà] l['’]instant|hoy|ahora|hoje|agora|oggi|vandaag"),
          new Back(0, Unit.DAY),
          Pattern.compile("yesterday|gestern|hier|ayer|ontem|ieri|gisteren"),
          new Back(1, Unit.DAY),
          Pattern.compile(
              "last week|(?:letzte|vorige) woche|la semaine derni[eè]re|la semana pasada"
                  + "|(?:na )?semana passada|la settimana scorsa|vorige week"),
          new Back(1, Unit.WEEK),
          Pattern.compile(
              "last month|(?:letzten|vorigen|letzter|voriger) monat|le mois dernier|el mes pasado"
                  + "|(?:no )?m[eê]s passado|il mese scorso|vorige maand"),
          new Back(1, Unit.MONTH),
          Pattern.compile(
              "last year|(?:letztes|voriges) jahr|l['’]ann[eé]e derni[eè]re|el año pasado"
                  + "|(?:no )?ano passado|l['’]anno scorso|vorig jaar"),
          new Back(1, Unit.YEAR));

  private enum Unit {
    SECOND,
    MINUTE,
    HOUR,
    DAY,
    WEEK,
    MONTH,
    YEAR
  }

  /** So many units before now. */
  private record Back(int n, Unit unit) {
    LocalDate from(LocalDate day) {
      return switch (unit) {
        case SECOND, MINUTE -> day;
        case HOUR -> day.minusDays(n / 24);
        case DAY -> day.minusDays(n);
        case WEEK -> day.minusWeeks(n);
        case MONTH -> day.minusMonths(n);
        case YEAR -> day.minusYears(n);
      };
    }
  }

  private MonthParser() {}

  /** The month that a text tells by its name or numbers; empty where it tells none. */
  public static Optional<YearMonth> named(String text) {
    String plain = plain(text);
    if (plain.length() > LONGEST) {
      return Optional.empty();
    }
    Matcher iso = ISO.matcher(plain);
    if (iso.matches()) {
      return month(number(iso, 1), number(iso, 2));
    }
    Matcher numbers = MONTH_FIRST.matcher(plain);
    if (numbers.matches()) {
      return month(number(numbers, 2), number(numbers, 1));
    }
    Matcher named = NAMED.matcher(plain);
    return named.matches()
        ? MonthNames.month(named.group(1))
            .flatMap(month -> month(number(named, 2), month.getValue()))
        : Optional.empty();
  }

  /**
   * The month of what tells how long ago it was; empty where a text tells no such thing.
   *
   * @param from the day that it is counted back from
   */
  public static Optional<YearMonth> ago(String text, LocalDate from) {
    return back(text).map(back -> YearMonth.from(back.from(from)));
  }

  /** Whether a text tells how long ago something was, and no more. */
  public static boolean isAgo(String text) {
    return back(text).isPresent();
  }

  private static Optional<Back> back(String text) {
    String plain = plain(text);
    if (plain.length() > LONGEST) {
      return Optional.empty();
    }
    for (Map.Entry<Pattern, Back> word : WORDS.entrySet()) {
      if (word.getKey().matcher(plain).matches()) {
        return Optional.of(word.getValue());
      }
    }
    Matcher ago = AGO.matcher(plain);
    if (!TOLD_BEFORE.matcher(plain).matches() || !ago.matches()) {
      return Optional.empty();
    }
    String amount = ago.group("amount");
    int n =
        Character.isDigit(amount.charAt(0))
            ? Integer.parseInt(amount)
            : AMOUNTS.getOrDefault(amount, 1);
    for (Unit unit : Unit.values()) {
      if (ago.group(unit.name().toLowerCase(Locale.ROOT)) != null) {
        return Optional.of(new Back(Math.min(n, MOST), unit));
      }
    }
    return Optional.empty();
  }

  private static Map<String, Integer> amounts() {
    var amounts = new HashMap<String, Integer>();
    String[] words = {
      "two zwei deux dos dois duas due twee",
      "three drei trois tres três tre drie",
      "four vier quatre cuatro quatro quattro",
      "five fünf cinq cinco cinque vijf",
      "six sechs seis sei zes",
      "seven sieben sept siete sete zeven",
      "eight acht huit ocho oito otto",
      "nine neun neuf nueve nove",
      "ten zehn dix diez dez dieci tien",
      "eleven elf onze once",
    };
    for (int i = 0; i < words.length; i++) {
      for (String word : words[i].split(" ")) {
        amounts.put(word, i + 2);
      }
    }
    return Map.copyOf(amounts);
  }

  private static Optional<YearMonth> month(int year, int month) {
    return month >= 1 && month <= 12 && year >= EARLIEST_YEAR && year <= 2100
        ? Optional.of(YearMonth.of(year, month))
        : Optional.empty();
  }

  private static int number(Matcher matcher, int group) {
    return Integer.parseInt(matcher.group(group));
  }

  /** In small letters with single spaces; what is too long to tell a month stays too long. */
  private static String plain(String text) {
    if (text.length() > 2 * LONGEST) {
      return text;
    }
    String single = SPACES.matcher(text.strip().toLowerCase(Locale.ROOT)).replaceAll(" ");
    return END.matcher(single).replaceAll("");
  }
}
