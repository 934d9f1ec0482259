package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Route;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;

/** A quarter of a star covers a quarter of it: pixels of the drawn page are counted. */
public class StarsIT extends InBrowser {
  private static final double NEAR = 0.03;

  /** Dark pixels of the fifth star when the line draws so many stars. */
  private long dark(String drawn) throws IOException {
    page.unrouteAll();
    page.route(
        "**/embed/v1/page*",
        route -> {
          var answer = route.fetch();
          String body = answer.text().replaceFirst("\"drawn\":[0-9.]+", "\"drawn\":" + drawn);
          route.fulfill(new Route.FulfillOptions().setResponse(answer).setBody(body));
        });
    page.navigate(demo.shop("/products/celadon-planter"));
    Locator stars = page.locator("nod-yes[data-nod=stars-product] .stars");
    assertThat(stars).isVisible();
    page.evaluate(
        "() => { const line = document.querySelector('nod-yes[data-nod=stars-product]');"
            + "line.style.setProperty('--nod-star', '#000');"
            // the outline is there for every star: the shape that is filled is what is measured
            + "line.style.setProperty('--nod-shape-line', 'linear-gradient(#0000, #0000)');"
            + "line.style.setProperty('--nod-size', '120px');"
            + "line.style.setProperty('--nod-fill', '#fff'); }");
    BufferedImage picture = ImageIO.read(new ByteArrayInputStream(stars.screenshot()));
    long dark = 0;
    int from = picture.getWidth() * 4 / 5;
    for (int x = from; x < picture.getWidth(); x++) {
      for (int y = 0; y < picture.getHeight(); y++) {
        dark += (picture.getRGB(x, y) & 0xFF) < 128 ? 1 : 0;
      }
    }
    return dark;
  }

  @Test
  public void aShareOfAStarCoversThatShareOfIt() throws IOException {
    page.setViewportSize(1280, 900);
    long outline = dark("4.00");
    long whole = dark("5.00");
    for (double share : new double[] {0.25, 0.5, 0.75}) {
      double covered = (double) (dark(String.valueOf(4 + share)) - outline) / (whole - outline);
      assertEquals(covered, share, NEAR, "of the star at " + share);
    }
  }
}
