package nodyes.server.visitors;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Programs by the names that they give; how browsers and programs name themselves is from memory.
 */
public class BotDetectorTest {
  @DataProvider
  public Object[][] browsers() {
    return new Object[][] {
      {
        "Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/140.0.0.0 Safari/537.36"
      },
      {"Mozilla/5.0 (Windows NT 10.0; Win64; x64; rv:143.0) Gecko/20100101 Firefox/143.0"},
      {
        "Mozilla/5.0 (iPhone; CPU iPhone OS 18_6 like Mac OS X) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/18.6 Mobile/15E148 Safari/604.1"
      },
      {
        "Mozilla/5.0 (Linux; Android 16; K) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/140.0.0.0 Mobile Safari/537.36"
      },
      {
        "Mozilla/5.0 (X11; CrOS x86_64 14541.0.0) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/140.0.0.0 Safari/537.36"
      },
    };
  }

  @Test(dataProvider = "browsers")
  public void browsersAreShoppers(String name) {
    assertFalse(BotDetector.isNamed(name), name);
  }

  @DataProvider
  public Object[][] programs() {
    return new Object[][] {
      {"ExampleBot/1.0"},
      {"Mozilla/5.0 (compatible; examplebot/2.1; +http://crawler.example/bot.html)"},
      {"Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 HeadlessChrome/140.0.0.0 Safari/537.36"},
      {"curl/8.5.0"},
      {"Wget/1.21.4"},
      {"python-requests/2.32"},
      {"Java/25"},
      {"Go-http-client/2.0"},
      {"node"},
      {"link-PREVIEW/1"},
      {"An uptime monitor"},
      {""},
      {"   "},
      {null},
    };
  }

  @Test(dataProvider = "programs")
  public void programsAreNone(String name) {
    assertTrue(BotDetector.isNamed(name), String.valueOf(name));
  }

  /** What is asked again is answered the same, and a name without an end is not looked at whole. */
  @Test
  public void aNameIsToldOnceAndToItsFirstFiveHundredSigns() {
    String shopper = "Mozilla/5.0 " + "x".repeat(600) + " bot/1";
    assertFalse(BotDetector.isNamed(shopper));
    assertFalse(BotDetector.isNamed(shopper));
    assertTrue(BotDetector.isNamed("Mozilla/5.0 bot/1 " + "x".repeat(600)));
    for (int i = 0; i < 5_000; i++) {
      assertFalse(BotDetector.isNamed("Mozilla/5.0 number " + i));
    }
    assertTrue(BotDetector.isNamed("curl/8.5.0"));
  }
}
