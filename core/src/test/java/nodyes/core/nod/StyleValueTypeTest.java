package nodyes.core.nod;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.ibm.icu.text.UnicodeSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import nodyes.core.common.Said;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class StyleValueTypeTest {
  private static final StyleValueType MARK = new StyleValueType.Mark();
  private static final int LONGEST_MARK = 12;

  private static boolean isTaken(StyleValueType form, String text) {
    return form.problem(text).isEmpty();
  }

  /** Both ends, and what lies beside them. */
  @DataProvider
  public Object[][] numbers() {
    StyleValueType pixels = new StyleValueType.Pixels(0, 40);
    StyleValueType whole = new StyleValueType.Whole(2, 9);
    StyleValueType plain = new StyleValueType.Plain(0.5, 2);
    return new Object[][] {
      {pixels, List.of("0", "7", "40"), List.of("41", "-1", "7.5", "", "7px", "+7", " 7", "٧")},
      {whole, List.of("2", "9"), List.of("1", "10", "2.0", "two", "0x3", "3e0")},
      {plain, List.of("0.5", "1", "1.25", "2"), List.of("0.49", "2.001", "1,5", ".5", "1.", "NaN")},
      {
        new StyleValueType.Numbers(3),
        List.of("", "7", "7,8", "1,2,3"),
        List.of("7,7", "1,2,3,4", "7,", ",7", "7, 8", "-7", "7.5", "99999999999999999999")
      },
    };
  }

  @Test(dataProvider = "numbers")
  public void numbersAreTakenByTheirBounds(
      StyleValueType form, List<String> good, List<String> bad) {
    good.forEach(text -> assertTrue(isTaken(form, text), form + " takes " + text));
    bad.forEach(text -> assertFalse(isTaken(form, text), form + " takes no " + text));
  }

  @Test
  public void namesAreThoseOfTheListAlone() {
    var form = new StyleValueType.OneOf(List.of("none", "soft"));
    assertTrue(isTaken(form, "soft"));
    assertEquals(form.problem("Soft").orElseThrow(), Said.of("looks.oneOf", "names", "none, soft"));
    var own = new StyleValueType.OneOfOrOwn(List.of("shop"), AssetRef.Kind.FONT);
    String hash = "0123456789abcdef0123456789abcdef01234567";
    assertTrue(isTaken(own, "shop") && isTaken(own, "own:" + hash + ".woff2"));
    assertFalse(isTaken(own, "own:" + hash + ".png"), "a picture is no font");
    assertFalse(isTaken(own, hash + ".woff2"));
    assertFalse(isTaken(own, "own:../" + hash.substring(3) + ".woff2"));
  }

  /** A class name goes into an attribute of the page: nothing in it may end it. */
  @Test
  public void classNamesAndNamesHoldNoSigns() {
    var name = new StyleValueType.ClassName();
    for (String good : new String[] {"badge", "_x", "my-nod_2", "A".repeat(60)}) {
      assertTrue(isTaken(name, good), good);
    }
    for (String bad : new String[] {"", "2x", "-x", "a b", "a\"b", "a>b", "é", "A".repeat(61)}) {
      assertFalse(isTaken(name, bad), bad);
    }
    var pair = new StyleValueType.Name();
    for (String good : new String[] {"Clay", "Bleu d’été", "2nd pair", "青磁"}) {
      assertTrue(isTaken(pair, good), good);
    }
    for (String bad : new String[] {"", " Clay", "<b>", "a;b", "{a}", "x".repeat(41)}) {
      assertFalse(isTaken(pair, bad), bad);
    }
  }

  /**
   * Emoji as ICU4J lists them (UTS 51, 'recommended for general interchange'). Those that begin
   * with a sign that is none by itself, as © and the keycaps do, are not taken; nor are those that
   * are younger than the JDK's Unicode.
   */
  @Test
  public void everyEmojiOfTheStandardIsAMark() {
    int taken = 0;
    for (String emoji : new UnicodeSet("[:RGI_Emoji:]")) {
      boolean isAllHigh = emoji.codePoints().allMatch(sign -> sign >= 0x2000);
      boolean fits = isAllHigh && emoji.length() <= LONGEST_MARK;
      if (!emoji.codePoints().allMatch(Character::isDefined)) {
        continue;
      }
      boolean hasLetter = emoji.codePoints().anyMatch(Character::isLetter);
      assertEquals(isTaken(MARK, emoji), fits && !hasLetter, emoji + " " + emoji.length());
      taken += fits && !hasLetter ? 1 : 0;
    }
    assertTrue(taken > 3000, taken + " emoji");
  }

  @Test
  public void wordsAndMarkupAreNoMark() {
    var random = new Random(3);
    for (int i = 0; i < 20_000; i++) {
      String text =
          random
              .ints(1 + random.nextInt(4), 0x20, 0x2000)
              .filter(Character::isDefined)
              .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
              .toString();
      if (IconSet.named(text).isEmpty() && !text.equals("none")) {
        assertFalse(isTaken(MARK, text), text);
      }
    }
    for (String text : new String[] {"", "日", "한", "leaf leaf", "<svg>", "🌱🌱🌱🌱🌱🌱🌱"}) {
      assertFalse(isTaken(MARK, text), text);
    }
    assertTrue(isTaken(MARK, "leaf") && isTaken(MARK, "none") && isTaken(MARK, "🌱"));
  }

  @Test
  public void everyValueOfALookRefusesWhatWouldLeaveItsRule() {
    for (StyleProperty value : StyleProperty.values()) {
      for (String text : List.of("red;}", "1px;color:red", "url(//x)", "</style>", "\"", "a\nb")) {
        assertTrue(value.form().problem(text).isPresent(), value + " takes no " + text);
      }
    }
  }

  @Test
  public void wireNamesAreToldApart() {
    for (StyleProperty value : StyleProperty.values()) {
      assertEquals(StyleProperty.parse(value.wireName()).orElseThrow(), value);
    }
    assertTrue(StyleProperty.parse("no-such-value").isEmpty());
    assertEquals(
        new NodOptions(Map.of("no-such-option", "1")).problems(NodKind.STAR_LINE).keySet(),
        java.util.Set.of("no-such-option"));
  }
}
