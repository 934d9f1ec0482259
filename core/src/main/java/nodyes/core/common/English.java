package nodyes.core.common;

import java.util.Locale;

/** Words to the owner, who reads English. */
public final class English {
  private English() {}

  /** A number with what it counts: 1 product, 2 products. */
  public static String counted(long number, String one) {
    return counted(number, one, one + "s");
  }

  /** The same where the plural is another word: 1 has, 2 have. */
  public static String counted(long number, String one, String many) {
    return String.format(Locale.ENGLISH, "%,d %s", number, number == 1 ? one : many);
  }
}
