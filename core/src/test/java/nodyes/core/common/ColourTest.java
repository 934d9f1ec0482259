package nodyes.core.common;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Optional;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ColourTest {
  /**
   * Black on white is 21 to 1 and a colour on itself 1 to 1 by WCAG 2.2's definition of contrast
   * ratio. #767676 on white is common practice for the palest grey that passes 4.5, #777777 for the
   * first that does not; both ratios are the definition worked through by hand.
   */
  @DataProvider
  Object[][] ratios() {
    return new Object[][] {
      {"#000000", "#ffffff", 21.0},
      {"#ffffff", "#ffffff", 1.0},
      {"#767676", "#ffffff", 4.54},
      {"#777777", "#ffffff", 4.48},
      {"#ff0000", "#ffffff", 4.0},
    };
  }

  @Test(dataProvider = "ratios")
  public void contrastIsAsDefined(String one, String other, double ratio) {
    Colour first = Colour.parse(one).orElseThrow();
    Colour second = Colour.parse(other).orElseThrow();
    assertEquals(first.contrast(second), ratio, 0.005);
    assertEquals(second.contrast(first), first.contrast(second));
  }

  @Test
  public void coloursAreReadAsCssWritesThem() {
    Optional<Colour> clay = Optional.of(new Colour(160, 101, 48));
    assertEquals(Colour.parse("#a06530"), clay);
    assertEquals(Colour.parse(" #A06530 "), clay);
    assertEquals(Colour.parse("rgb(160, 101, 48)"), clay);
    assertEquals(Colour.parse("rgb(160 101 48)"), clay);
    assertEquals(Colour.parse("#fc0"), Optional.of(new Colour(255, 204, 0)));
    for (String none :
        new String[] {"", "clay", "#a0653", "#a065301", "rgb(300, 0, 0)", "url(x)"}) {
      assertEquals(Colour.parse(none), Optional.empty(), none);
    }
    assertEquals(clay.get().hex(), "#a06530");
  }

  @Test
  public void whatIsTooPaleIsMendedByTheNearestThatPasses() {
    var random = new Random(7);
    for (int i = 0; i < 500; i++) {
      Colour ink = any(random);
      Colour ground = any(random);
      Colour mended = ink.readableOn(ground, Colour.WORDS);
      assertTrue(mended.contrast(ground) >= Colour.WORDS, ink + " on " + ground);
      if (ink.contrast(ground) >= Colour.WORDS) {
        assertEquals(mended, ink);
      }
    }
  }

  private static Colour any(Random random) {
    return new Colour(random.nextInt(256), random.nextInt(256), random.nextInt(256));
  }
}
