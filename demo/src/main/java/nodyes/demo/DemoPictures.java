package nodyes.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;

/** Pictures as shoppers of the demo send them: a box on a railing, each time in another light. */
public final class DemoPictures {
  private static final int WIDTH = 1600;
  private static final int HEIGHT = 1200;
  private static final List<Color> COATS =
      List.of(new Color(0x5E7355), new Color(0x6C8062), new Color(0x59626B));
  private static final List<Color> SKIES =
      List.of(new Color(0xDCE8EC), new Color(0xF1E3CB), new Color(0xC9D3DD));
  private static final Color WALL = new Color(0xB9A385);
  private static final Color RAIL = new Color(0x2F3235);
  private static final Color LEAF = new Color(0x4C7A4F);

  private DemoPictures() {}

  /** A picture as JPEG; the same for the same number. */
  public static byte[] jpeg(int number) {
    var random = new Random(number);
    var picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D brush = picture.createGraphics();
    brush.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    Color sky = SKIES.get(random.nextInt(SKIES.size()));
    brush.setPaint(new GradientPaint(0, 0, sky, WIDTH, HEIGHT, sky.darker()));
    brush.fillRect(0, 0, WIDTH, HEIGHT);
    brush.setPaint(new GradientPaint(0, 880, WALL, 0, HEIGHT, WALL.darker()));
    brush.fillRect(0, 880, WIDTH, HEIGHT - 880);
    double middle = 620 + random.nextInt(360);
    plant(brush, random, middle);
    box(brush, COATS.get(random.nextInt(COATS.size())), middle);
    brush.dispose();
    var out = new ByteArrayOutputStream();
    try {
      ImageIO.write(picture, "jpg", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  private static void box(Graphics2D brush, Color coat, double middle) {
    var front = new Path2D.Double();
    front.moveTo(middle - 430, 560);
    front.lineTo(middle + 430, 560);
    front.lineTo(middle + 390, 860);
    front.lineTo(middle - 390, 860);
    front.closePath();
    brush.setPaint(
        new GradientPaint((float) middle - 430, 0, coat.brighter(), (float) middle + 430, 0, coat));
    brush.fill(front);
    brush.setPaint(coat.darker());
    brush.fill(new Rectangle2D.Double(middle - 446, 540, 892, 34));
    brush.setPaint(RAIL);
    brush.fill(new Rectangle2D.Double(0, 600, WIDTH, 26));
    for (double bar = middle % 120; bar < WIDTH; bar += 120) {
      brush.fill(new Rectangle2D.Double(bar, 600, 14, HEIGHT - 600));
    }
    brush.setPaint(coat.darker().darker());
    brush.fill(new Rectangle2D.Double(middle - 260, 574, 26, 90));
    brush.fill(new Rectangle2D.Double(middle + 234, 574, 26, 90));
  }

  private static void plant(Graphics2D brush, Random random, double middle) {
    brush.setStroke(new BasicStroke(10, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    for (int i = 0; i < 22 + random.nextInt(12); i++) {
      double toX = middle + random.nextGaussian() * 260;
      double toY = 190 + random.nextInt(260);
      var stem = new Path2D.Double();
      stem.moveTo(middle + random.nextGaussian() * 240, 560);
      stem.quadTo(toX, 420, toX, toY);
      brush.setPaint(random.nextBoolean() ? LEAF : LEAF.brighter());
      brush.draw(stem);
      brush.fill(new Ellipse2D.Double(toX - 55, toY - 34, 110, 68));
    }
  }
}
