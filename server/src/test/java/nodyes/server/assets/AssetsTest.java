package nodyes.server.assets;

import static org.hamcrest.Matchers.containsInAnyOrder;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import nodyes.server.ServerTest;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class AssetsTest extends ServerTest {
  /** 'glyf' as it mostly is, changed: flags, its length and its changed length (section 4.2). */
  private static final byte[] GLYF = {10, (byte) 0x81, 0, 100};

  /** 'fvar' (known by the number 47), and a table that writes its tag out. */
  private static final byte[] FVAR = {47, 60};

  private static final byte[] DSIG = {63, 'D', 'S', 'I', 'G', 8};

  private static byte[] fontOf(byte[]... tables) {
    byte[] file = font(90, tables.length, 0, 900, 90);
    ByteBuffer directory = ByteBuffer.wrap(file).position(48);
    for (byte[] table : tables) {
      directory.put(table);
    }
    return file;
  }

  /** A header by W3C WOFF File Format 2.0, section 4.1, and as many bytes as it says. */
  private static byte[] font(int says, int tables, int reserved, long unpacked, int bytes) {
    ByteBuffer file = ByteBuffer.allocate(bytes);
    file.put("wOF2".getBytes(StandardCharsets.US_ASCII));
    file.putInt(0x00010000).putInt(says).putShort((short) tables).putShort((short) reserved);
    file.putInt((int) unpacked).putInt(bytes - 48);
    return file.array();
  }

  private static byte[] leafOnNothing(int side) throws IOException {
    var picture = new BufferedImage(side, side, BufferedImage.TYPE_INT_ARGB);
    var brush = picture.createGraphics();
    brush.setColor(Color.GREEN);
    brush.fillOval(side / 4, side / 4, side / 2, side / 2);
    brush.dispose();
    var out = new ByteArrayOutputStream();
    ImageIO.write(picture, "png", out);
    return out.toByteArray();
  }

  private ResultActions add(String name, String kind, byte[] content) throws Exception {
    return http.perform(
        multipart("/api/v1/assets")
            .file(new MockMultipartFile("file", "any", "application/octet-stream", content))
            .param("name", name)
            .param("kind", kind)
            .header("Authorization", "Bearer " + KEY));
  }

  private ResultActions takeOff(String file) throws Exception {
    return http.perform(delete("/api/v1/assets/" + file).header("Authorization", "Bearer " + KEY));
  }

  @Test
  public void aPictureIsMadeSmallAndWhatIsSeeThroughStaysSo() throws Exception {
    String file =
        body(add("Leaf", "PICTURE", leafOnNothing(900)).andExpect(status().isCreated()))
            .path("file")
            .asString();
    byte[] sent =
        ask("/embed/v1/materials/" + file)
            .andExpect(status().isOk())
            .andExpect(header().string("Content-Type", "image/png"))
            // an address in a style sheet's mask or a font is fetched with CORS (CSS Masking 1)
            .andExpect(header().string("Access-Control-Allow-Origin", "*"))
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    BufferedImage made = ImageIO.read(new ByteArrayInputStream(sent));
    assertEquals(made.getWidth(), 256);
    assertEquals(made.getRGB(0, 0) >>> 24, 0, "the corner is see-through");
    assertEquals(made.getRGB(128, 128), Color.GREEN.getRGB());
  }

  @Test
  public void aFontIsKeptAsItIsAndListedOnceUnderItsLastName() throws Exception {
    byte[] font = font(60, 3, 0, 90, 60);
    String file = body(add("Fern Sans", "FONT", font)).path("file").asString();
    add("Fern Serif", "FONT", font).andExpect(status().isCreated());
    assertEquals(
        body(ask("/api/v1/assets"))
            .path("items")
            .valueStream()
            .filter(one -> one.path("kind").asString().equals("FONT"))
            .map(one -> one.path("name").asString())
            .toList(),
        java.util.List.of("Fern Serif"));
    ask("/embed/v1/materials/" + file)
        .andExpect(header().string("Content-Type", "font/woff2"))
        .andExpect(result -> assertEquals(result.getResponse().getContentAsByteArray(), font));
  }

  @DataProvider
  public Object[][] fonts() {
    return new Object[][] {
      {fontOf(GLYF, DSIG), false},
      {fontOf(GLYF, FVAR), true},
      {fontOf(DSIG, GLYF, FVAR), true},
      // unchanged outlines say 3 and have one length: what follows is the next table
      {fontOf(new byte[] {(byte) (10 | 3 << 6), 47}, DSIG), false},
      {fontOf(new byte[] {(byte) (3 | 1 << 6), 20, 47}, DSIG), false},
    };
  }

  @Test(dataProvider = "fonts")
  public void aFontThatHoldsAllWeightsIsToldByItsTables(byte[] font, boolean isVariable)
      throws Exception {
    String file = body(add("Any", "FONT", font)).path("file").asString();
    assertEquals(file.endsWith(".var.woff2"), isVariable, file);
    ask("/embed/v1/materials/" + file)
        .andExpect(status().isOk())
        .andExpect(header().string("Content-Type", "font/woff2"));
  }

  @DataProvider
  public Object[][] refused() throws IOException {
    return new Object[][] {
      {
        "FONT",
        "<svg onload=alert(1)>".getBytes(StandardCharsets.UTF_8),
        "This is not a WOFF2 font."
      },
      {"FONT", leafOnNothing(8), "This is not a WOFF2 font."},
      {"FONT", font(61, 3, 0, 90, 60), "should have 61 bytes, but has 60"},
      {"FONT", font(60, 0, 0, 90, 60), "The header of this font cannot be read"},
      {"FONT", font(60, 3, 1, 90, 60), "The header of this font cannot be read"},
      {"FONT", font(60, 9, 0, 90, 60), "The header of this font cannot be read"},
      {"FONT", font(60, 3, 0, 4_000_000_000L, 60), "Unpacked, this font is over 30 MB"},
      {"FONT", font(2_000_001, 3, 0, 90, 2_000_001), "This font is over 2 MB"},
      {
        "PICTURE",
        font(60, 3, 0, 90, 60),
        "This file is not a readable image. Use JPEG, PNG, GIF or WebP"
      },
      {
        "PICTURE",
        "<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(StandardCharsets.UTF_8),
        "This SVG has no visible shapes"
      },
    };
  }

  @Test(dataProvider = "refused")
  public void whatCannotBeUsedIsRefusedInWords(String kind, byte[] content, String reason)
      throws Exception {
    String said =
        body(add("Any", kind, content).andExpect(status().isUnprocessableContent()))
            .path("detail")
            .asString();
    assertTrue(said.contains(reason), said);
  }

  @Test
  public void aLookNamesNoFileThatIsNotThere() throws Exception {
    String missing = "own:" + "0".repeat(40) + ".png";
    String kit = "{\"values\":{\"star-shape\":\"%s\"},\"pairs\":[]}";
    set(kit.formatted(missing))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("values.star-shape"));
    String there = body(add("Seed", "PICTURE", leafOnNothing(40))).path("value").asString();
    set(kit.formatted(there)).andExpect(status().isOk());
    set("{\"values\":{},\"pairs\":[]}").andExpect(status().isOk());
  }

  private ResultActions set(String kit) throws Exception {
    return http.perform(
        put("/api/v1/layout/kit")
            .header("Authorization", "Bearer " + KEY)
            .contentType("application/json")
            .content(kit));
  }

  @Test
  public void whatIsTakenOffTheListIsStillFoundByLooksThatNameIt() throws Exception {
    String file = body(add("Gone", "PICTURE", leafOnNothing(20))).path("file").asString();
    takeOff(file).andExpect(status().isNoContent());
    takeOff(file).andExpect(status().isNotFound());
    ask("/embed/v1/materials/" + file).andExpect(status().isOk());
    ask("/embed/v1/materials/no-such.png").andExpect(status().isNotFound());
  }

  @Test
  public void drawingsAreFoundByWords() throws Exception {
    ask("/api/v1/icons?words=gift")
        .andExpect(jsonPath("$.items[0].name").value("gift"))
        .andExpect(jsonPath("$.total").value(1));
    ask("/api/v1/icons?size=5&page=2").andExpect(jsonPath("$.items.length()").value(5));
  }

  @Test
  public void drawingsHaveNamesInTheReadersLanguage() throws Exception {
    http.perform(
            get("/api/v1/icons?words=lieferung")
                .header("Accept-Language", "de")
                .header("Authorization", "Bearer " + KEY))
        .andExpect(jsonPath("$.items[*].name").value(containsInAnyOrder("parcel", "van", "door")))
        .andExpect(jsonPath("$.items[*].title").value(hasItem("Lieferwagen")));
  }
}
