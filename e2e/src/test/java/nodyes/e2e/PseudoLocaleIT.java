package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.text.DateFormatSymbols;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Every screen in a longer language that nobody speaks, and from right to left. */
public class PseudoLocaleIT extends InBrowser {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final Pattern CATALOGUE = Pattern.compile("(?s)(.*JSON\\.parse\\(`)(.*)(`\\).*)");
  private static final Pattern WORD = Pattern.compile("[A-Za-z]{3,}");

  /** Texts that are seen, with the element that each stands in. */
  private static final String SEEN =
      """
      () => {
        const found = [];
        const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
        for (let node = walker.nextNode(); node; node = walker.nextNode()) {
          const box = node.parentElement;
          // keys, code and what only its writer understands are no texts
          if (box.closest('code, pre, kbd, script, style, noscript, [aria-hidden=true], svg')) continue;
          if (!box.checkVisibility({ visibilityProperty: true })) continue;
          if (node.data.trim()) found.push(node.data.trim());
        }
        return found;
      }""";

  /** What has no room: a text that is cut without a sign of it, or a page to be moved sideways. */
  private static final String CUT =
      """
      () => {
        const found = [];
        if (document.documentElement.scrollWidth > innerWidth + 1)
          found.push(`the page is ${document.documentElement.scrollWidth} wide`);
        for (const box of document.querySelectorAll('button, a, label, h1, h2, h3, th, td, p, li')) {
          const style = getComputedStyle(box);
          if (!box.checkVisibility() || style.overflowX === 'visible') continue;
          if (style.textOverflow === 'ellipsis' || /auto|scroll/.test(style.overflowX)) continue;
          if (box.clientWidth > 2 && box.scrollWidth > box.clientWidth + 1)
            found.push(`${box.tagName} ${box.textContent.slice(0, 60)}`);
        }
        return found;
      }""";

  private final List<String> answers = new ArrayList<>();

  private void speakPseudo() {
    answers.clear();
    page.route("**/assets/en-*.js", PseudoLocaleIT::translated);
    page.onResponse(this::listen);
  }

  private void listen(Response answer) {
    String type = answer.headers().getOrDefault("content-type", "");
    if (answer.url().contains("/api/v1/") && type.contains("json")) {
      try {
        answers.add(answer.text());
      } catch (com.microsoft.playwright.PlaywrightException left) {
        // the page went on before it came
      }
    }
  }

  private static void translated(Route route) {
    var answer = route.fetch();
    var parts = CATALOGUE.matcher(answer.text());
    if (!parts.matches()) {
      throw new AssertionError("the catalogue is not as it was: " + answer.text().substring(0, 80));
    }
    var json = parts.group(2).replace("\\`", "`").replace("\\${", "${").replace("\\\\", "\\");
    Map<String, String> messages = JSON.readValue(json, new TypeReference<>() {});
    messages.replaceAll((_, message) -> PseudoText.of(message));
    String made =
        JSON.writeValueAsString(messages)
            .replace("\\", "\\\\")
            .replace("`", "\\`")
            .replace("${", "\\${");
    route.fulfill(
        new Route.FulfillOptions()
            .setResponse(answer)
            .setBody(parts.group(1) + made + parts.group(3)));
  }

  @DataProvider
  Object[][] screens() {
    Stream<String> further = Stream.of("/delivery", "/setup/connect", "/setup/people", "/account");
    return Stream.concat(
            Arrays.stream(new AccessibilityIT().screens()),
            further.map(path -> new Object[] {path}))
        .toArray(Object[][]::new);
  }

  @Test(dataProvider = "screens")
  public void noTextStandsOutsideTheCatalogueAndNoneIsCut(String path) throws IOException {
    speakPseudo();
    page.navigate(demo.office(path));
    assertThat(page.locator("h1").first()).isVisible();
    assertThat(page.locator("[role=status][aria-label^='⟦Ĺ']")).hasCount(0);
    assertAllIsTranslated(path);
  }

  @DataProvider
  Object[][] besideThePage() {
    return new AccessibilityIT().besideThePage();
  }

  @Test(dataProvider = "besideThePage")
  public void besideThePageToo(String opens, String shows) throws IOException {
    openPages();
    pressable(PseudoText.of(opens)).click();
    assertThat(pressable(PseudoText.of(shows, "Star line"))).isVisible();
    assertAllIsTranslated(opens);
  }

  @DataProvider
  Object[][] opened() {
    return new AccessibilityIT().opened();
  }

  @Test(dataProvider = "opened")
  public void theFacesOfANodToo(String nod) throws IOException {
    openPages();
    pressable(nod).click();
    for (String face : List.of("Wording", "Who sees it", "Style")) {
      page.getByRole(
              AriaRole.TAB, new Page.GetByRoleOptions().setName(PseudoText.of(face)).setExact(true))
          .click();
      assertThat(page.getByRole(AriaRole.TABPANEL)).isVisible();
      assertThat(page.locator("[role=status][aria-label^='⟦Ĺ']")).hasCount(0);
      assertAllIsTranslated(nod);
    }
  }

  private void openPages() {
    speakPseudo();
    page.navigate(demo.office("/pages/product/celadon-planter?as=wide&variant=PL-CEL-24"));
    assertThat(page.getByText(PseudoText.of("{shown} shown").replace("{shown}", "10"))).isVisible();
  }

  private Locator pressable(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /**
   * @param said what may be said as it was given
   */
  private void assertAllIsTranslated(String said) throws IOException {
    @SuppressWarnings("unchecked")
    var seen = (List<String>) page.evaluate(SEEN);
    assertTrue(
        seen.stream().anyMatch(text -> text.contains("⟧")), "nothing is translated: " + seen);
    Set<String> known = known(said);
    var plain = new TreeSet<String>();
    for (String text : seen) {
      WORD.matcher(text)
          .results()
          .map(word -> word.group())
          .filter(word -> !known.contains(word.toLowerCase(Locale.ROOT)))
          .forEach(word -> plain.add(word + ": " + text));
    }
    assertEquals(plain, Set.of());
    assertEquals(page.evaluate(CUT), List.of());
  }

  @Test(dataProvider = "screens")
  public void fromRightToLeftNothingIsCut(String path) {
    page.addInitScript(
        "document.addEventListener('DOMContentLoaded', () => { document.documentElement.dir = 'rtl'; })");
    page.navigate(demo.office(path));
    assertThat(page.locator("h1").first()).isVisible();
    assertThat(page.getByLabel("Loading…")).hasCount(0);
    assertEquals(page.evaluate(CUT), List.of());
  }

  /** The words of the shop's own data and of CLDR, which are no texts of ours. */
  private Set<String> known(String asked) {
    var words = new HashSet<String>();
    // what was looked for is said again
    Stream<String> ofData =
        Stream.concat(
            Stream.of(asked), answers.stream().flatMap(text -> values(JSON.readTree(text))));
    var symbols = DateFormatSymbols.getInstance(Locale.UK);
    Stream<String> ofCldr =
        Stream.of(
                Arrays.stream(symbols.getMonths()),
                Arrays.stream(symbols.getShortMonths()),
                Arrays.stream(symbols.getWeekdays()),
                Arrays.stream(symbols.getShortWeekdays()),
                Arrays.stream(Locale.getISOCountries())
                    .map(code -> Locale.of("", code).getDisplayCountry(Locale.UK)),
                Arrays.stream(Locale.getISOLanguages())
                    .map(code -> Locale.of(code).getDisplayLanguage(Locale.UK)),
                Stream.of("and hour hours min mins minute minutes hrs day days ago yesterday Sept"))
            .flatMap(names -> names);
    Stream.concat(ofData, ofCldr)
        .flatMap(text -> WORD.matcher(text).results().map(word -> word.group()))
        .map(word -> word.toLowerCase(Locale.ROOT))
        .forEach(words::add);
    // the name of the product, and of a format
    words.addAll(List.of("nod", "yes", "csv"));
    return words;
  }

  private static Stream<String> values(JsonNode node) {
    return node.isContainer()
        ? node.valueStream().flatMap(PseudoLocaleIT::values)
        : Stream.of(node.asString());
  }
}
