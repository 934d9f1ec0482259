package nodyes.server.tabular;

import static org.testng.Assert.assertEquals;

import java.util.Optional;
import org.jsoup.Jsoup;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Which page comes after one, where links say it to people alone. */
public class NextPageTest {
  private static final String HERE = "https://market.example/items/pot?id=7&page=1";

  @DataProvider
  Object[][] links() {
    return new Object[][] {
      {
        "<a href='/items/pot?id=7&page=2'>Next ›</a>",
        "https://market.example/items/pot?id=7&page=2"
      },
      {"<a href='?page=2&id=7'>Weiter</a>", "https://market.example/items/pot?page=2&id=7"},
      {
        "<a href='/items/pot/page/2?id=7' aria-label='Siguiente'>2</a>",
        "https://market.example/items/pot/page/2?id=7"
      },
      {"<a rel='next' href='/more'>Older</a>", "https://market.example/more"},
      // the next product, which has reviews of its own
      {"<a href='/items/pan?id=8'>Next ›</a>", ""},
      {"<a href='?id=8'>Next ›</a>", ""},
      {"<a href='/items/pot?id=7&page=2'>Next to the window</a>", ""},
      {"<a href='http://['>Next</a>", ""},
    };
  }

  @Test(dataProvider = "links")
  public void aLinkLeadsOnWithinTheSamePageAlone(String link, String expected) {
    assertEquals(
        NextPage.of(Jsoup.parse(link, HERE)),
        expected.isEmpty() ? Optional.empty() : Optional.of(expected));
  }
}
