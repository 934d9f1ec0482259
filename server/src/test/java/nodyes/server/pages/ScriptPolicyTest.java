package nodyes.server.pages;

import static org.testng.Assert.assertEquals;

import java.util.Map;
import java.util.Optional;
import org.jsoup.Jsoup;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Policies as pages send them. Rules and examples: Content Security Policy Level 3 (W3C), 2.3.1
 * source lists, 6.7.2 matching, 8.2 strict-dynamic; Trusted Types (W3C), 4.2.
 */
public class ScriptPolicyTest {
  private static final String SCRIPT = "https://nods.example/nodyes.js";
  private static final String ALL = "https://nods.example";

  @DataProvider
  Object[][] policies() {
    return new Object[][] {
      {"", ""},
      {"default-src *; script-src https:; connect-src *", ""},
      {"upgrade-insecure-requests", ""},
      {"script-src 'self'", "script-src"},
      {"script-src 'self' nods.example", ""},
      {"script-src 'self' *.example; connect-src 'self'", "connect-src"},
      {"script-src https://nods.example:8443", "script-src"},
      {"script-src http://nods.example; img-src 'self' data:", "img-src"},
      {"default-src 'none'", "script-src,connect-src,img-src,font-src"},
      {"script-src https://nods.example/nodyes.js", ""},
      {"script-src https://nods.example/other/", "script-src"},
      {"script-src 'nonce-dGhlIGxpbmU' 'strict-dynamic'", ""},
      {"script-src 'nonce-b3RoZXI' 'strict-dynamic' https:", "script-src"},
      {"require-trusted-types-for 'script'; trusted-types shop", "trusted-types"},
      {"require-trusted-types-for 'script'; trusted-types shop nodyes", ""},
      {"trusted-types *", ""},
      {"script-src *, script-src 'self'", "script-src"},
    };
  }

  @Test(dataProvider = "policies")
  public void whatIsMissingIsNamedByItsDirective(String policy, String missing) {
    Map<String, String> found =
        ScriptPolicy.missing(
            Optional.of(policy).filter(text -> !text.isEmpty()),
            Jsoup.parse("<title>Jar</title>", "https://shop.example/p/jar"),
            SCRIPT,
            Optional.of("dGhlIGxpbmU"));
    assertEquals(String.join(",", found.keySet()), missing);
    found.forEach(
        (directive, source) ->
            assertEquals(source, directive.equals("trusted-types") ? "nodyes" : ALL));
  }

  @Test
  public void aPolicyInThePageCountsLikeOneInTheHeader() {
    assertEquals(
        ScriptPolicy.missing(
                Optional.empty(),
                Jsoup.parse(
                    "<meta http-equiv=\"content-security-policy\" content=\"connect-src 'self'\">",
                    "https://shop.example/"),
                SCRIPT,
                Optional.empty())
            .keySet()
            .toString(),
        "[connect-src]");
  }

  @Test
  public void whatIsToBeAddedLetsTheLineRun() {
    String sources = ScriptPolicy.sources(ALL);
    assertEquals(
        ScriptPolicy.missing(
            Optional.of("default-src 'none'; " + sources),
            Jsoup.parse("", "https://shop.example/"),
            SCRIPT,
            Optional.empty()),
        Map.of());
  }

  @Test
  public void aPolicyThatNobodyCanReadBlocksNothing() {
    assertEquals(
        ScriptPolicy.missing(
            Optional.of("\u00fc;;; , nothing 'of that\"; \t;"),
            Jsoup.parse("", "https://shop.example/"),
            SCRIPT,
            Optional.empty()),
        Map.of());
  }
}
