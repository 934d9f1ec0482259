package nodyes.core.nod;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.HashSet;
import java.util.List;
import java.util.Scanner;
import java.util.function.Function;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class IconSetTest {
  private static List<String> found(String words) {
    return IconSet.search(words, _ -> List.of()).stream().map(Icon::name).toList();
  }

  @Test
  public void theNearestComesFirst() {
    // 'tag' is found by its name before what has the word 'sale' alone
    assertEquals(found("heart"), List.of("heart"));
    assertEquals(found("garden").getFirst(), "pot");
    assertTrue(
        found("sale").containsAll(List.of("tag", "percent", "scissors")), found("sale") + "");
    assertEquals(found("box"), List.of("parcel"));
    assertEquals(found("deliv"), List.of("parcel", "van", "door"));
    assertEquals(found(" PLANT  green "), List.of("leaf"));
    assertEquals(found("zeppelin"), List.of());
    assertEquals(found("").size(), IconSet.all().size());
  }

  @Test
  public void namesAndWordsAreToldApart() {
    var names = new HashSet<String>();
    for (Icon one : IconSet.all()) {
      assertTrue(names.add(one.name()), one.name());
      assertTrue(one.words().size() >= 4, one.name() + " is found by few words");
      assertEquals(one.words().stream().distinct().count(), one.words().size(), one.name());
      assertEquals(IconSet.named(one.name()).orElseThrow(), one);
    }
    assertTrue(IconSet.named("none").isEmpty());
  }

  @DataProvider
  public Object[][] all() {
    return IconSet.all().stream().map(one -> new Object[] {one}).toArray(Object[][]::new);
  }

  /** Path data by its grammar (SVG 2, section 9.3), read here on its own. */
  @Test(dataProvider = "all")
  public void eachStandsInItsField(Icon drawing) {
    Shape shape = new Outline(drawing.outline()).read();
    assertNotNull(shape);
    Rectangle2D bounds = shape.getBounds2D();
    // half the line's width stays inside the field as well
    assertTrue(bounds.getMinX() >= 0.75 && bounds.getMinY() >= 0.75, drawing.name() + bounds);
    assertTrue(bounds.getMaxX() <= 23.25 && bounds.getMaxY() <= 23.25, drawing.name() + bounds);
    assertFalse(bounds.getWidth() < 10 && bounds.getHeight() < 10, drawing.name() + " is tiny");
  }

  /** Follows the points of path data; an arc goes to its end, a curve by its control points. */
  private static final class Outline {
    private final List<String> tokens;
    private final Path2D path = new Path2D.Double();
    private int at;
    private double x;
    private double y;
    private double startX;
    private double startY;

    Outline(String data) {
      tokens =
          new Scanner(data)
              .findAll("[MmLlHhVvCcSsAaZz]|-?(?:\\d+\\.?\\d*|\\.\\d+)")
              .map(match -> match.group())
              .toList();
      String left = data.replaceAll("[MmLlHhVvCcSsAaZz\\d\\s.-]", "");
      assertEquals(left, "", "signs that path data does not have");
    }

    Shape read() {
      char command = 'M';
      while (at < tokens.size()) {
        if (Character.isLetter(tokens.get(at).charAt(0))) {
          command = tokens.get(at++).charAt(0);
          assertFalse(path.getCurrentPoint() == null && command != 'M', "begins with M");
        }
        step(command);
        if (command == 'M' || command == 'm') {
          command = command == 'M' ? 'L' : 'l';
        }
      }
      return path;
    }

    private void step(char command) {
      boolean relative = Character.isLowerCase(command);
      switch (Character.toUpperCase(command)) {
        case 'M' -> {
          point(relative);
          path.moveTo(x, y);
          startX = x;
          startY = y;
        }
        case 'L' -> {
          point(relative);
          path.lineTo(x, y);
        }
        case 'H' -> {
          x = next() + (relative ? x : 0);
          path.lineTo(x, y);
        }
        case 'V' -> {
          y = next() + (relative ? y : 0);
          path.lineTo(x, y);
        }
        case 'C' -> curve(relative, 2);
        case 'S' -> curve(relative, 1);
        case 'A' -> {
          Stream.generate(this::next).limit(5).forEach(_ -> {});
          point(relative);
          path.lineTo(x, y);
        }
        default -> {
          x = startX;
          y = startY;
          path.closePath();
          path.moveTo(x, y);
        }
      }
    }

    private void curve(boolean relative, int controls) {
      double fromX = relative ? x : 0;
      double fromY = relative ? y : 0;
      for (int i = 0; i < controls; i++) {
        next();
        next();
      }
      x = fromX + next();
      y = fromY + next();
      path.lineTo(x, y);
    }

    private void point(boolean relative) {
      x = next() + (relative ? x : 0);
      y = next() + (relative ? y : 0);
    }

    private double next() {
      return Double.parseDouble(tokens.get(at++));
    }
  }

  /** An owner looks for what they call it, whatever the accents and capital letters. */
  @Test
  public void iconsAreFoundByWhatTheReaderCallsThem() {
    Function<Icon, List<String>> called =
        icon ->
            switch (icon.name()) {
              case "gift" -> List.of("Geschenk", "Geburtstag");
              case "flake" -> List.of("copo de nieve", "fr\u00edo");
              default -> List.of();
            };
    assertEquals(names("geschenk", called), List.of("gift"));
    assertEquals(names("GEBURTS", called), List.of("gift"));
    assertEquals(names("FRIO", called), List.of("flake"));
    assertEquals(names("nie", called), List.of("flake"));
    assertEquals(names("gift", called), List.of("gift"));
    assertEquals(names("geschenk nieve", called), List.of());
  }

  private static List<String> names(String words, Function<Icon, List<String>> called) {
    return IconSet.search(words, called).stream().map(Icon::name).toList();
  }
}
