package nodyes.core.recognition;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.Optional;
import java.util.regex.Pattern;
import nodyes.core.common.Unfit;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class AddressPatternTest {
  @DataProvider
  Object[][] addresses() {
    return new Object[][] {
      {"/p/{product}", "/p/jar", "jar", ""},
      {"/p/{product}", "/p/jar/", "jar", ""},
      {"/p/{product}", "/en/p/jar", "jar", ""},
      {"/p/{product}", "/pt-BR/p/jar", "jar", ""},
      {"/p/{product}", "/p/jar?utm_source=letter", "jar", ""},
      {"/p/{product}.html", "/p/jar.html", "jar", ""},
      {"/p/{product}.html", "/p/jar.v2.html", "jar.v2", ""},
      {"/p/{product}?size={variant}", "/p/jar?from=x&size=JAR-2", "jar", "JAR-2"},
      {"/p/{product}?size={variant}", "/p/jar", "jar", ""},
      {"/item?id={product}", "/item?id=7104", "7104", ""},
      {"/shop?page=item&id={product}", "/shop?id=7&page=item", "7", ""},
      {"/{any}/{product}", "/jars/jar", "jar", ""},
      {"/p/{product}-{any}.html", "/p/4410-slate-pot.html", "4410", ""},
      {"/p/{any}-{product}", "/p/slate-4410", "4410", ""},
      // percent-encoded octets are UTF-8 (RFC 3986, section 2.5); a plus is a plus in a path
      {"/p/{product}", "/p/caf%C3%A9+pot", "café+pot", ""},
      {"/item?id={product}", "/item?id=caf%C3%A9+pot", "café pot", ""},
      {"/p/{product}", "/p/50%-off", "50%-off", ""},
    };
  }

  @Test(dataProvider = "addresses")
  public void whatFits(String pattern, String address, String product, String variant) {
    AddressPattern.Match match = new AddressPattern(pattern).match(address).orElseThrow();
    assertEquals(match.product().orElse(""), product);
    assertEquals(match.variant().orElse(""), variant);
  }

  @DataProvider
  Object[][] others() {
    return new Object[][] {
      {"/p/{product}", "/p/"},
      {"/p/{product}", "/p/jar/reviews"},
      {"/p/{product}", "/sp/jar"},
      {"/p/{product}", "/P/jar"},
      {"/p/{product}.html", "/p/jarxhtml"},
      {"/item?id={product}", "/item"},
      {"/item?id={product}", "/item?id="},
      {"/shop?page=item&id={product}", "/shop?id=7&page=basket"},
      {"/basket", "/basket/more"},
    };
  }

  @Test(dataProvider = "others")
  public void whatDoesNot(String pattern, String address) {
    assertEquals(new AddressPattern(pattern).match(address), Optional.empty());
  }

  @Test
  public void aBrowserIsToldTheSame() {
    var compact = new AddressPattern("/p(1)/{product}.html?v={variant}").compact();
    assertEquals(
        compact.path(), "^(?:/[a-z]{2}(?:[-_][A-Za-z]{2,4})?)?/p\\(1\\)/([^/?#]+?)\\.html/?$");
    assertEquals(compact.variant(), "v");
    assertEquals(compact.product(), "");
    assertTrue(Pattern.compile(compact.path()).matcher("/p(1)/jar.html").find());
    assertEquals(new AddressPattern("/item?id={product}").compact().product(), "id");
  }

  @Test
  public void aLongAddressIsReadInNoTime() {
    String many = "a-".repeat(100_000);
    assertEquals(
        new AddressPattern("/p/{any}-{product}.html").match("/p/" + many), Optional.empty());
  }

  @Test
  public void aProductsPageIsAddressedWithoutAVariant() {
    assertEquals(new AddressPattern("/p/{product}?v={variant}").of("jar"), "/p/jar");
    assertEquals(
        new AddressPattern("/shop?page=item&id={product}").of("7"), "/shop?page=item&id=7");
  }

  @Test
  public void whatIsNoPatternIsRefused() {
    for (String wrong : new String[] {"", "p/{product}", "/p {product}", "/{product}/{product}"}) {
      assertThrows(Unfit.class, () -> new AddressPattern(wrong));
    }
  }
}
