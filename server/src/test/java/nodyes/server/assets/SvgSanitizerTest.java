package nodyes.server.assets;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import nodyes.server.web.ApiProblem;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SvgSanitizerTest {
  private static final String OPEN =
      "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\""
          + " viewBox=\"0 0 24 24\"";

  private static String clean(String svg) throws IOException {
    return new String(
        SvgSanitizer.clean(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8))),
        StandardCharsets.UTF_8);
  }

  @Test
  public void whatIsDrawnStays() throws IOException {
    String drawn =
        clean(
            OPEN
                + "><defs><linearGradient id=\"a\"><stop offset=\"0\" stop-color=\"#f00\"/>"
                + "</linearGradient></defs><g transform=\"translate(2 3)\">"
                + "<path d=\"M1 2l3-4.5z\" fill=\"url(#a)\" stroke-width=\"1.5\"/></g></svg>");
    assertEquals(
        drawn,
        "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 24 24\"><defs>"
            + "<linearGradient id=\"a\"><stop offset=\"0\" stop-color=\"#f00\"/>"
            + "</linearGradient></defs><g transform=\"translate(2 3)\">"
            + "<path d=\"M1 2l3-4.5z\" fill=\"url(#a)\" stroke-width=\"1.5\"/></g></svg>");
  }

  /** Ways to run or load something from a picture that are common knowledge of the trade. */
  @DataProvider
  Object[][] attacks() {
    String shape = "<path d=\"M1 1h9\"/>";
    return new Object[][] {
      {OPEN + "><script>alert(1)</script>" + shape + "</svg>"},
      {OPEN + " onload=\"alert(1)\">" + shape + "</svg>"},
      {OPEN + "><path d=\"M1 1h9\" onclick=\"alert(1)\"/></svg>"},
      {OPEN + "><a xlink:href=\"javascript:alert(1)\">" + shape + "</a>" + shape + "</svg>"},
      {OPEN + "><image href=\"https://evil.example/x.png\"/>" + shape + "</svg>"},
      {OPEN + "><use xlink:href=\"https://evil.example/x.svg#a\"/>" + shape + "</svg>"},
      {OPEN + "><foreignObject><p>javascript</p></foreignObject>" + shape + "</svg>"},
      {OPEN + "><style>@import url(https://evil.example/x.css)</style>" + shape + "</svg>"},
      {OPEN + "><path d=\"M1 1h9\" style=\"fill:url(https://evil.example/x)\"/></svg>"},
      {OPEN + "><path d=\"M1 1h9\" fill=\"url(https://evil.example/x)\"/></svg>"},
      {OPEN + "><path d=\"M1 1h9\" fill=\"URL( //evil.example/x)\"/></svg>"},
      {
        OPEN
            + "><path d=\"M1 1h9\"><animate attributeName=\"href\" to=\"javascript:\"/></path></svg>"
      },
      {OPEN + "><set attributeName=\"onload\" to=\"alert(1)\"/>" + shape + "</svg>"},
      {
        OPEN
            + "><g xmlns=\"http://www.w3.org/1999/xhtml\"><script>alert(1)</script></g>"
            + shape
            + "</svg>"
      },
    };
  }

  @Test(dataProvider = "attacks")
  public void whatRunsOrLoadsIsLeftOut(String svg) throws IOException {
    String cleaned = clean(svg);
    for (String word :
        new String[] {"script", "alert", "evil", "onload", "onclick", "href", "style", "import"}) {
      assertFalse(cleaned.contains(word), cleaned);
    }
    assertTrue(cleaned.contains("<path d=\"M1 1h9\""), cleaned);
  }

  @DataProvider
  Object[][] refused() {
    return new Object[][] {
      {
        "<!DOCTYPE svg [<!ENTITY x \"<script/>\">]>" + OPEN + "><path d=\"M1 1\"/>&x;</svg>",
        "document type"
      },
      {
        "<!DOCTYPE svg [<!ENTITY x SYSTEM \"file:///etc/passwd\">]>" + OPEN + ">&x;</svg>",
        "document type"
      },
      {"<html><body>hello</body></html>", "not an SVG"},
      {OPEN + "><path d=\"M1 1\"", "cannot be read (line"},
      {OPEN + "></svg>", "This SVG has no visible shapes"},
      {
        OPEN + ">" + "<g>".repeat(60) + "</g>".repeat(60) + "</svg>",
        "This SVG has too many shapes, or they are nested too deeply"
      },
      {
        OPEN + ">" + "<g/>".repeat(6000) + "</svg>",
        "This SVG has too many shapes, or they are nested too deeply"
      },
      {
        OPEN + "><path d=\"" + "M1 1".repeat(100_000) + "\"/></svg>",
        "This drawing is over 300 kB, which slows down your pages"
      },
    };
  }

  @Test(dataProvider = "refused")
  public void whatCannotBeTakenIsSaid(String svg, String reason) {
    ApiProblem refusal = expectThrows(ApiProblem.class, () -> clean(svg));
    assertTrue(String.valueOf(refusal.getMessage()).contains(reason), refusal.getMessage());
  }

  @Test
  public void pixelsAreNoMarkup() {
    assertTrue(SvgSanitizer.isMarkup("\uFEFF  <?xml".getBytes(StandardCharsets.UTF_8)));
    assertFalse(SvgSanitizer.isMarkup("GIF89a/*<svg*/=alert(1)".getBytes(StandardCharsets.UTF_8)));
    assertFalse(SvgSanitizer.isMarkup(new byte[] {(byte) 0x89, 'P', 'N', 'G'}));
  }
}
