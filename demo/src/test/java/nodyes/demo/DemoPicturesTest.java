package nodyes.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** Pictures that ship with the demo: drawn by a program, and safe to show. */
public class DemoPicturesTest {
  @Test
  public void aPhotographIsDrawnTheSameEachTime() throws IOException {
    var seen = new HashSet<Integer>();
    for (int number = 0; number < 12; number++) {
      byte[] jpeg = DemoPictures.jpeg(number);
      assertTrue(Arrays.equals(DemoPictures.jpeg(number), jpeg), "number " + number);
      BufferedImage picture = ImageIO.read(new ByteArrayInputStream(jpeg));
      assertEquals(picture.getWidth() + " x " + picture.getHeight(), "1600 x 1200");
      seen.add(Arrays.hashCode(jpeg));
    }
    assertEquals(seen.size(), 12, "each number is another picture");
  }

  /** It begins with SOI and ends with EOI, and no APP1 segment is in it (ITU-T T.81, annex B). */
  @Test
  public void aPhotographTellsNothingOfACamera() {
    byte[] jpeg = DemoPictures.jpeg(3);
    assertEquals(Byte.toUnsignedInt(jpeg[0]) << 8 | Byte.toUnsignedInt(jpeg[1]), 0xFFD8);
    assertEquals(Byte.toUnsignedInt(jpeg[jpeg.length - 1]), 0xD9);
    int at = 2;
    while (Byte.toUnsignedInt(jpeg[at + 1]) != 0xDA) {
      assertEquals(Byte.toUnsignedInt(jpeg[at]), 0xFF);
      assertFalse(Byte.toUnsignedInt(jpeg[at + 1]) == 0xE1, "APP1 holds Exif");
      at += 2 + (Byte.toUnsignedInt(jpeg[at + 2]) << 8 | Byte.toUnsignedInt(jpeg[at + 3]));
    }
  }

  @DataProvider
  public Object[][] drawings() {
    return DemoTexts.products().stream()
        .map(product -> new Object[] {product.slug()})
        .toArray(Object[][]::new);
  }

  /** A drawing holds shapes alone: no script, no words of code, nothing from elsewhere. */
  @Test(dataProvider = "drawings")
  public void aDrawingHoldsShapesAlone(String slug) throws Exception {
    try (InputStream in = DemoPicturesTest.class.getResourceAsStream("pictures/" + slug + ".svg")) {
      assertNotNull(in, slug);
      var factory = DocumentBuilderFactory.newInstance();
      factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
      factory.setNamespaceAware(true);
      Element root = factory.newDocumentBuilder().parse(in).getDocumentElement();
      assertEquals(root.getLocalName(), "svg");
      assertEquals(root.getNamespaceURI(), "http://www.w3.org/2000/svg");
      assertFalse(root.getAttribute("viewBox").isEmpty(), slug);
      NodeList all = root.getElementsByTagName("*");
      assertTrue(all.getLength() > 5, slug + " is drawn");
      for (int i = 0; i < all.getLength(); i++) {
        Element one = (Element) all.item(i);
        assertFalse(
            Set.of("script", "foreignObject", "image", "a", "animate").contains(one.getLocalName()),
            slug + " holds " + one.getLocalName());
        for (int k = 0; k < one.getAttributes().getLength(); k++) {
          String name = one.getAttributes().item(k).getNodeName();
          String value = one.getAttributes().item(k).getNodeValue();
          assertFalse(name.startsWith("on"), slug + " has " + name);
          assertFalse(value.contains("://") && !name.startsWith("xmlns"), slug + ": " + value);
        }
      }
    }
  }
}
