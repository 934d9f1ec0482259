package nodyes.core.common;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Optional;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RgbColorTest {
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
    RgbColor first = RgbColor.parse(one).orElseThrow();
    RgbColor second = RgbColor.parse(other).orElseThrow();
    assertEquals(first.contrast(second), ratio, 0.005);
    assertEquals(second.contrast(first), first.contrast(second));
  }

  @Test
  public void coloursAreReadAsCssWritesThem() {
    Optional<RgbColor> clay = Optional.of(new RgbColor(160, 101, 48));
    assertEquals(RgbColor.parse("#a06530"), clay);
    assertEquals(RgbColor.parse(" #A06530 "), clay);
    assertEquals(RgbColor.parse("rgb(160, 101, 48)"), clay);
    assertEquals(RgbColor.parse("rgb(160 101 48)"), clay);
    assertEquals(RgbColor.parse("#fc0"), Optional.of(new RgbColor(255, 204, 0)));
    for (String none :
        new String[] {"", "clay", "#a0653", "#a065301", "rgb(300, 0, 0)", "url(x)"}) {
      assertEquals(RgbColor.parse(none), Optional.empty(), none);
    }
    assertEquals(clay.get().hex(), "#a06530");
  }

  @Test
  public void whatIsTooPaleIsMendedByTheNearestThatPasses() {
    var random = new Random(7);
    for (int i = 0; i < 500; i++) {
      RgbColor ink = any(random);
      RgbColor ground = any(random);
      RgbColor mended = ink.readableOn(ground, RgbColor.WORDS);
      assertTrue(mended.contrast(ground) >= RgbColor.WORDS, ink + " on " + ground);
      if (ink.contrast(ground) >= RgbColor.WORDS) {
        assertEquals(mended, ink);
      }
    }
  }

  private static RgbColor any(Random random) {
    return new RgbColor(random.nextInt(256), random.nextInt(256), random.nextInt(256));
  }
}
