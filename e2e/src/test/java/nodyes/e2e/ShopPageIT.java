package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/** What a shopper gets. */
public class ShopPageIT extends InBrowser {
  @Test
  public void oneRequestToAPageAndNoCookie() {
    var asked = new ArrayList<String>();
    openIn("Europe/Lisbon", 1280);
    page.onRequest(
        request -> {
          if (request.url().startsWith(demo.office("/"))) {
            asked.add(request.url().substring(demo.office("").length()));
          }
        });
    page.navigate(demo.shop("/categories/planters"));
    assertThat(page.locator("nod-yes[data-kind=star-line]")).hasCount(12);
    assertThat(page.locator("nod-yes[data-kind=label]")).hasCount(4);
    assertThat(page.locator("nod-yes[data-kind=delivery-promise]").first()).isVisible();
    page.waitForCondition(() -> asked.contains("/embed/v1/seen"));
    assertEquals(asked.getFirst(), "/nodyes.js");
    assertTrue(asked.get(1).startsWith("/embed/v1/page?kind=listing&product="), asked.get(1));
    assertEquals(asked.get(2), "/nodyes/label.js", "what draws labels, as this page has some");
    assertEquals(
        asked.stream().filter(one -> one.startsWith("/embed/")).count(),
        2,
        "one question, and one word of what the page is: " + asked);
    assertEquals(asked.stream().distinct().count(), asked.size(), "nothing is asked twice");
    assertEquals(
        asked.stream().filter(one -> one.endsWith(".js")).count(),
        4,
        "the script, two kinds, and the words that they share: " + asked);
    assertEquals(page.context().cookies().size(), 0);
  }

  /** Layout shift as the browser measures it (W3C Layout Instability API). */
  @Test
  public void nothingMovesWhenTheStarsCome() {
    page.addInitScript(
        "window.moved = 0; const add = entries => entries.forEach(entry => window.moved +="
            + " entry.value); window.shifts = new PerformanceObserver(list =>"
            + " add(list.getEntries())); window.shifts.observe({type: 'layout-shift', buffered:"
            + " true}); window.movedUntilNow = () => { add(window.shifts.takeRecords()); return"
            + " window.moved; }");
    for (String path : new String[] {"/products/celadon-planter", "/categories/planters"}) {
      page.navigate(demo.shop(path));
      assertThat(page.locator("nod-yes").first()).isVisible();
      // stars and wall stand at the end of the page's last spot, all else came with them
      assertThat(page.locator("[data-nod-spot] nod-yes").last()).isVisible();
      painted();
      double moved = ((Number) page.evaluate("window.movedUntilNow()")).doubleValue();
      assertTrue(moved < 0.01, path + " moved by " + moved);
    }
  }

  /** Where the shop's own style keeps no space, the script does from its first moment. */
  @Test
  public void spaceIsKeptWhileTheAnswerIsOnItsWay() {
    page.route(
        "**/shop.css*",
        route -> {
          var plain = route.fetch();
          route.fulfill(
              new Route.FulfillOptions()
                  .setResponse(plain)
                  .setBody(plain.text().replaceAll("star-place\\{[^}]*}", "star-place{}")));
        });
    var waiting = new ArrayList<Route>();
    page.route("**/embed/v1/page*", waiting::add);
    page.navigate(demo.shop("/products/celadon-planter"));
    page.waitForCondition(() -> !waiting.isEmpty());
    double before = top(".price");
    waiting.getFirst().resume();
    assertThat(page.locator(".star-line")).isVisible();
    assertEquals(top(".price"), before, 0.5);

    // the wall below is kept as tall as it was on the page the first time
    assertThat(page.locator(".entries > li").first()).isVisible();
    double tall = height("[data-nod-spot=page-end]");
    page.reload();
    page.waitForCondition(() -> waiting.size() == 2);
    assertEquals(height("[data-nod-spot=page-end]"), tall, 1);
  }

  @Test
  public void withoutAnAnswerNoLargeSpaceStaysEmpty() {
    page.navigate(demo.shop("/products/celadon-planter"));
    assertThat(page.locator(".entries > li").first()).isVisible();
    page.waitForCondition(() -> page.evaluate("sessionStorage.getItem('nodyes-space')") != null);
    answer("**/embed/**", route -> route.abort());
    var failed = failedRequests();
    page.reload();
    pageRequestFails(failed);
    assertTrue(height("[data-nod-spot=page-end]") < 100);
    complaints.clear(); // the browser itself notes the request that failed
  }

  private List<String> failedRequests() {
    var failed = new ArrayList<String>();
    page.onRequestFailed(request -> failed.add(request.url()));
    return failed;
  }

  private void pageRequestFails(List<String> failed) {
    page.waitForCondition(() -> failed.stream().anyMatch(url -> url.contains("/embed/v1/page")));
    painted();
  }

  /** Until what the page has by now is on the screen. */
  private double top(String selector) {
    return page.locator(selector).first().boundingBox().y;
  }

  private double height(String selector) {
    return page.locator(selector).first().boundingBox().height;
  }

  @Test
  public void reviewsTurnTheirPagesByKeyboard() {
    page.navigate(demo.shop("/products/slate-pot"));
    assertThat(page.locator(".entries > li")).hasCount(6);
    String first = page.locator(".entries > li").first().textContent();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Page 2")).focus();
    page.keyboard().press("Enter");
    assertThat(page.locator("[aria-current=page]").and(page.getByLabel("Page 2"))).isFocused();
    assertThat(page.locator(".entries > li").first()).not().hasText(first);
  }

  @Test
  public void theStarLineLeadsToTheReviews() {
    page.navigate(demo.shop("/products/slate-pot"));
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("reviews")).click();
    assertThat(page.locator("#nodyes-reviews")).isInViewport();
  }

  @Test
  public void wordsNumbersAndDatesAreInThePagesLanguage() {
    page.addInitScript(
        "document.addEventListener('readystatechange', () => document.documentElement.lang = 'de')");
    page.navigate(demo.shop("/products/slate-pot"));
    assertThat(page.getByText("Das sagen andere")).isVisible();
    assertThat(page.locator(".star-line b")).hasText("4,8");
    assertThat(page.locator("time").first()).containsText("November 2026");
    assertThat(page.locator("time").first()).containsText(".");
  }

  @Test
  public void withTheServerAwayThePageIsTheShopsOwnAndNothingIsThrown() {
    var thrown = new ArrayList<String>();
    page.onPageError(thrown::add);
    answer("**/embed/**", route -> route.abort());
    var failed = failedRequests();
    page.navigate(demo.shop("/products/celadon-planter"));
    pageRequestFails(failed);
    assertThat(page.locator("nod-yes")).hasCount(0);
    assertThat(page.getByRole(AriaRole.HEADING).first()).hasText("Celadon planter");
    assertEquals(thrown.size(), 0, thrown.toString());
    // the browser itself notes the request that failed
    assertTrue(
        complaints.stream().allMatch(text -> text.contains("ERR_FAILED")), complaints.toString());
    complaints.clear();
  }

  private static final String SAID =
      "JSON.parse(document.getElementById('nodyes-structured')?.textContent ?? 'null')";

  @Test
  public void machinesAreToldTheRatingOfWhatWasWrittenHere() {
    page.navigate(demo.shop("/products/celadon-planter"));
    page.waitForFunction(SAID);
    @SuppressWarnings("unchecked")
    var said = (java.util.Map<String, Object>) page.evaluate(SAID);
    assertEquals(said.get("@type"), "Product");
    assertEquals(said.get("name"), "Celadon planter");
    assertEquals(said.get("url"), demo.shop("/products/celadon-planter"));
    double bought = ((Number) page.evaluate(SAID + ".aggregateRating.reviewCount")).doubleValue();
    // all of the demo's other reviews were imported from elsewhere
    assertThat(page.getByText("Bought here (" + (int) bought)).isVisible();
    page.navigate(demo.shop("/categories/planters"));
    assertThat(page.locator("nod-yes").first()).isVisible();
    assertEquals(page.evaluate(SAID), null);
  }

  /** As if the shop had written it into its page: before any script is at work on it. */
  private void pageHas(String change) {
    page.addInitScript("addEventListener('DOMContentLoaded', () => {" + change + "})");
    page.navigate(demo.shop("/products/celadon-planter"));
    assertThat(page.locator("nod-yes[data-nod=reviews]")).isVisible();
  }

  @Test
  public void aProductThatThePageNamesItselfIsSpokenOfByItsId() {
    pageHas(
        "const own = document.createElement('script'); own.type = 'application/ld+json';"
            + " own.textContent = '{\"@type\":\"Product\",\"@id\":\"#pot\",\"name\":\"Pot\"}';"
            + " document.head.append(own)");
    page.waitForFunction(SAID);
    assertEquals(page.evaluate(SAID + "['@id']"), "#pot");
    assertEquals(page.evaluate(SAID + ".name"), null);
  }

  @Test
  public void aProductWithoutAnIdIsLeftAlone() {
    var asked = new ArrayList<String>();
    page.onRequest(request -> asked.add(request.url()));
    pageHas(
        "document.querySelector('main').setAttribute('itemtype', 'https://schema.org/Product')");
    // the view is told of in the same turn, before the product would be
    page.waitForCondition(() -> asked.stream().anyMatch(url -> url.contains("/embed/v1/views")));
    painted();
    assertTrue(asked.stream().noneMatch(url -> url.contains("/embed/v1/structured")), asked + "");
    assertEquals(page.evaluate(SAID), null);
  }

  @Test
  public void theStarsOfACardLeadToTheReviewsOfItsProduct() {
    page.navigate(demo.shop("/categories/planters"));
    page.locator("nod-yes[data-nod=stars-card] a").first().click();
    page.waitForURL("**/products/*#nodyes-reviews");
    assertThat(page.locator("nod-yes[data-nod=reviews] h2")).isInViewport();
  }
}
