package nodyes.server.pictures;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Locale;
import javax.imageio.ImageIO;
import nodyes.server.ServerTest;
import org.hamcrest.Matchers;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Kept pictures as shop pages get them. */
public class PictureApiTest extends ServerTest {
  @Autowired private Pictures pictures;
  private String name;

  @BeforeClass
  public void keep() throws IOException {
    var drawn = new BufferedImage(1600, 1200, BufferedImage.TYPE_INT_RGB);
    var brush = drawn.createGraphics();
    brush.setColor(new Color(0x8fb0a0));
    brush.fillOval(300, 200, 900, 800);
    brush.dispose();
    var out = new ByteArrayOutputStream();
    ImageIO.write(drawn, "png", out);
    name = pictures.keep(Pictures.For.SHOPPERS, new ByteArrayInputStream(out.toByteArray()));
  }

  private ResultActions picture(String size, String accept) throws Exception {
    return http.perform(
        get("/api/v1/pictures/{name}?size={size}", name, size)
            .header("Authorization", "Bearer " + KEY)
            .header("Accept", accept));
  }

  private static BufferedImage seen(ResultActions answer) throws Exception {
    return ImageIO.read(
        new ByteArrayInputStream(answer.andReturn().getResponse().getContentAsByteArray()));
  }

  @DataProvider
  public Object[][] sizes() {
    return java.util.Arrays.stream(Pictures.Size.values())
        .map(size -> new Object[] {size})
        .toArray(Object[][]::new);
  }

  @Test(dataProvider = "sizes")
  public void eachSizeKeepsTheShapeAndIsKeptForLong(Pictures.Size size) throws Exception {
    ResultActions answer =
        picture(size.name(), "image/png,*/*")
            .andExpect(status().isOk())
            .andExpect(content().contentType("image/jpeg"))
            .andExpect(header().string("Cache-Control", Matchers.containsString("private")))
            .andExpect(header().string("Vary", Matchers.containsString("Accept")))
            .andExpect(header().string("Content-Security-Policy", "default-src 'none'; sandbox"));
    BufferedImage got = seen(answer);
    assertEquals((double) got.getWidth() / got.getHeight(), 4.0 / 3, 0.02);
    assertTrue(got.getWidth() <= 1600, got.getWidth() + "");
  }

  @Test
  public void aSmallOneIsSmaller() throws Exception {
    assertTrue(seen(picture("SMALL", "*/*")).getWidth() < seen(picture("LARGE", "*/*")).getWidth());
  }

  /** A WebP file begins with RIFF, its length and WEBP (RFC 9649, section 2.4). */
  @Test
  public void browsersThatReadWebpGetIt() throws Exception {
    byte[] file =
        picture("SMALL", "image/avif,image/webp,*/*")
            .andExpect(status().isOk())
            .andExpect(content().contentType("image/webp"))
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    String head = new String(file, 0, 12, java.nio.charset.StandardCharsets.ISO_8859_1);
    assertTrue(head.startsWith("RIFF") && head.endsWith("WEBP"), head);
  }

  @Test
  public void whatIsNoPictureOfOursIsNotThere() throws Exception {
    for (String other :
        new String[] {
          "none.jpg", "..%2f..%2fnodyes.sqlite", "%00", name.toUpperCase(Locale.ROOT)
        }) {
      int status =
          http.perform(get(java.net.URI.create("/embed/v1/pictures/" + other)))
              .andReturn()
              .getResponse()
              .getStatus();
      assertTrue(status == 404 || status == 400, other + " was " + status);
    }
    picture("HUGE", "*/*").andExpect(status().isBadRequest());
    // of no published review: there for people of the shop alone
    http.perform(get("/embed/v1/pictures/{name}", name)).andExpect(status().isNotFound());
    http.perform(get("/api/v1/pictures/{name}", name)).andExpect(status().isUnauthorized());
    ask("/api/v1/review-originals/{name}", name).andExpect(status().isNotFound());
  }
}
