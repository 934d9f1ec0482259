package nodyes.server.pictures;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import nodyes.server.Settings;
import nodyes.server.web.ApiProblem;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

public class PicturesTest {
  private Pictures pictures;

  @BeforeClass
  public void open() throws IOException {
    Path data = Files.createTempDirectory("pictures");
    pictures =
        new Pictures(new ContentAddressedFiles(Settings.in(data)), new Spool(Settings.in(data)));
  }

  private byte[] kept(byte[] content) throws IOException {
    String name = pictures.keep(Pictures.For.SHOPPERS, new ByteArrayInputStream(content));
    return Files.readAllBytes(pictures.file(Pictures.For.SHOPPERS, name).orElseThrow());
  }

  private static byte[] image(int width, int height, String format) throws IOException {
    var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    for (int x = 0; x < width / 2; x++) {
      for (int y = 0; y < height; y++) {
        image.setRGB(x, y, Color.RED.getRGB());
      }
    }
    var out = new ByteArrayOutputStream();
    ImageIO.write(image, format, out);
    return out.toByteArray();
  }

  /** An Exif segment (CIPA DC-008): turn a quarter, the camera's name, and the place (GPS IFD). */
  private static byte[] withExif(byte[] jpeg) throws IOException {
    var exif = new ByteArrayOutputStream();
    var data = new DataOutputStream(exif);
    data.writeBytes("Exif\0\0MM\0*");
    data.writeInt(8);
    data.writeShort(3);
    data.writeShort(0x010F); // Make, ASCII
    data.writeShort(2);
    data.writeInt(4);
    data.writeBytes("CAM\0");
    data.writeShort(0x0112); // Orientation, SHORT: 6, the top is on the right
    data.writeShort(3);
    data.writeInt(1);
    data.writeShort(6);
    data.writeShort(0);
    data.writeShort(0x8825); // GPS IFD, LONG: behind this directory
    data.writeShort(4);
    data.writeInt(1);
    data.writeInt(8 + 2 + 3 * 12 + 4);
    data.writeInt(0);
    data.writeShort(1);
    data.writeShort(0x0001); // GPSLatitudeRef, ASCII
    data.writeShort(2);
    data.writeInt(4);
    data.writeBytes("NLAT");
    data.writeInt(0);
    var out = new ByteArrayOutputStream();
    out.write(jpeg, 0, 2);
    out.write(0xFF);
    out.write(0xE1);
    out.write((exif.size() + 2) >> 8);
    out.write((exif.size() + 2) & 0xFF);
    out.write(exif.toByteArray());
    out.write(jpeg, 2, jpeg.length - 2);
    return out.toByteArray();
  }

  @Test
  public void metadataGoesAndTheTurnThatItAskedForIsMade() throws IOException {
    byte[] made = kept(withExif(image(80, 40, "jpg")));
    String text = new String(made, StandardCharsets.ISO_8859_1);
    assertFalse(text.contains("Exif"), "metadata stayed");
    assertFalse(text.contains("CAM"), "metadata stayed");
    assertFalse(text.contains("NLAT"), "the place stayed");
    BufferedImage shown = ImageIO.read(new ByteArrayInputStream(made));
    assertEquals(shown.getWidth(), 40);
    assertEquals(shown.getHeight(), 80);
    assertTrue(new Color(shown.getRGB(20, 10)).getRed() > 200, "red is on top now");
  }

  @Test
  public void whatIsHiddenBehindAPictureGoes() throws IOException {
    var polyglot = new ByteArrayOutputStream();
    polyglot.write(image(30, 30, "png"));
    polyglot.write("<script>alert(1)</script>".getBytes(StandardCharsets.UTF_8));
    byte[] made = kept(polyglot.toByteArray());
    assertFalse(new String(made, StandardCharsets.ISO_8859_1).contains("<script>"));
    assertEquals(made[0] & 0xFF, 0xFF);
  }

  @Test
  public void largeOnesAreMadeSmallerAndAlikeOnesAreKeptOnce() throws IOException {
    byte[] wide = image(3200, 200, "png");
    assertEquals(ImageIO.read(new ByteArrayInputStream(kept(wide))).getWidth(), 1600);
    assertEquals(
        pictures.keep(Pictures.For.SHOPPERS, new ByteArrayInputStream(wide)),
        pictures.keep(Pictures.For.SHOPPERS, new ByteArrayInputStream(wide)));
  }

  /** A header (PNG, W3C Recommendation, 11.2.1) that promises 400 million pixels in few bytes. */
  @Test
  public void aBombIsRefusedBeforeItIsDecoded() throws IOException {
    var header = new ByteArrayOutputStream();
    var data = new DataOutputStream(header);
    data.writeBytes("IHDR");
    data.writeInt(20_000);
    data.writeInt(20_000);
    data.write(new byte[] {1, 0, 0, 0, 0});
    var crc = new CRC32();
    crc.update(header.toByteArray());
    var png = new ByteArrayOutputStream();
    var out = new DataOutputStream(png);
    out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'});
    out.writeInt(13);
    out.write(header.toByteArray());
    out.writeInt((int) crc.getValue());
    out.writeInt(0);
    out.writeBytes("IDAT");
    out.writeInt(0x35AF061E);
    assertTrue(refused(png.toByteArray()).contains("60 megapixels"));
  }

  @Test
  public void whatIsNoPictureIsRefused() {
    assertTrue(refused("<svg onload=alert(1)>".getBytes(StandardCharsets.UTF_8)).contains("JPEG"));
    assertTrue(refused(new byte[0]).contains("JPEG"));
    assertTrue(refused(new byte[10_000_001]).contains("10 MB"));
    assertTrue(pictures.file(Pictures.For.SHOPPERS, "../../etc/passwd").isEmpty());
    assertTrue(pictures.file(Pictures.For.SHOPPERS, "a".repeat(40) + ".jpg").isEmpty());
  }

  private String refused(byte[] content) {
    return String.valueOf(expectThrows(ApiProblem.class, () -> kept(content)).getMessage());
  }

  @Test
  public void whatComesFromOutsideIsDecodedByJavaAlone() throws IOException {
    ImageIO.scanForPlugins();
    kept(image(30, 30, "png"));
    var readers = javax.imageio.ImageIO.getImageReadersByFormatName("webp");
    assertTrue(readers.hasNext());
    while (readers.hasNext()) {
      assertTrue(readers.next().getClass().getName().startsWith("com.twelvemonkeys."));
    }
  }

  @Test
  public void aKeptPictureIsSentInTwoSizesAsJpegAndAsWebp() throws IOException {
    String name =
        pictures.keep(Pictures.For.SHOPPERS, new ByteArrayInputStream(image(2400, 1200, "jpg")));
    for (Pictures.Encoding encoding : Pictures.Encoding.values()) {
      for (Pictures.Size size : Pictures.Size.values()) {
        Path file = pictures.sized(name, size, encoding).orElseThrow();
        BufferedImage shown = ImageIO.read(file.toFile());
        assertEquals(shown.getWidth(), size == Pictures.Size.LARGE ? 1600 : 480);
        assertEquals(file.toString().endsWith(".webp"), encoding == Pictures.Encoding.WEBP);
      }
    }
    pictures.forget(Pictures.For.SHOPPERS, name);
    assertTrue(pictures.sized(name, Pictures.Size.SMALL, Pictures.Encoding.WEBP).isEmpty());
  }
}
