package nodyes.simulators.marketplace;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import nodyes.simulators.web.SimulatorServer;
import nodyes.simulators.web.SimulatorServer.Answer;
import nodyes.simulators.web.SimulatorServer.Request;

/**
 * A marketplace with a search by words or by a picture's name, and product pages whose reviews run
 * over several pages. Each product marks its reviews up in another of the ways that pages do; one
 * shows them to signed-in people alone, and one marks up none.
 */
public final class Marketplace implements AutoCloseable {
  private static final int TO_A_PAGE = 8;
  private static final String COOKIE = "hollyfield=member";
  private static final Map<String, Item> ITEMS = items();

  private final SimulatorServer server;
  private final List<MarketReview> reviews = MarketReview.all();

  /** How an item's page carries its reviews. */
  enum Markup {
    JSON_LD,
    MICRODATA,
    RDFA,
    NONE
  }

  record Item(String slug, String name, Markup markup, boolean isForMembers) {}

  private static Map<String, Item> items() {
    var items = new LinkedHashMap<String, Item>();
    for (Item item :
        List.of(
            new Item("celadon-planter", "Celadon planter, hand glazed", Markup.JSON_LD, false),
            new Item("oat-trough", "Oat trough for herbs", Markup.MICRODATA, false),
            new Item("trowel", "Garden trowel", Markup.RDFA, false),
            new Item("moss-can", "Moss watering can", Markup.JSON_LD, true),
            new Item("sill-lamp", "Sill lamp for seedlings", Markup.NONE, false))) {
      items.put(item.slug(), item);
    }
    return items;
  }

  /** Starts it; port 0 stands for a free one. */
  public Marketplace(int port) {
    server = new SimulatorServer(port, this::answer);
  }

  /** Where it answers. */
  public String address() {
    return server.address();
  }

  @Override
  public void close() {
    server.close();
  }

  private Answer answer(Request request) {
    String[] path = request.path().split("/");
    String place = path.length > 1 ? path[1] : "";
    String name = path.length > 2 ? path[2] : "";
    return switch (place) {
      case "" -> Answer.page(MarketPages.search("", List.copyOf(ITEMS.values())));
      case "search" -> search(request.query().getOrDefault("q", ""));
      case "sign-in" -> Answer.to(request.query().getOrDefault("to", "/"), COOKIE);
      case "items" ->
          Optional.ofNullable(ITEMS.get(name)).map(item -> item(item, request)).orElse(missing());
      case "pictures" -> picture(name);
      default -> missing();
    };
  }

  private static Answer missing() {
    return Answer.of(404, "text/plain; charset=utf-8", "Hollyfield Market has no such page.");
  }

  /** By words in the name, or by the name of a picture's file. */
  private static Answer search(String asked) {
    String wanted =
        asked.toLowerCase(Locale.ROOT).replaceAll("\\.[a-z]{3,4}$", "").replace('-', ' ').strip();
    return Answer.page(
        MarketPages.search(
            asked,
            ITEMS.values().stream()
                .filter(
                    item ->
                        wanted.isEmpty()
                            || item.name().toLowerCase(Locale.ROOT).contains(wanted)
                            || item.slug().replace('-', ' ').contains(wanted))
                .toList()));
  }

  private Answer item(Item item, Request request) {
    boolean isMember = request.header("cookie").contains(COOKIE);
    if (item.isForMembers() && !isMember) {
      return Answer.page(MarketPages.members(item));
    }
    String given = request.query().getOrDefault("page", "1");
    int page = given.matches("[1-9]\\d?") ? Integer.parseInt(given) : 1;
    int pages = (reviews.size() + TO_A_PAGE - 1) / TO_A_PAGE;
    if (page > pages) {
      return missing();
    }
    List<MarketReview> shown =
        reviews.subList((page - 1) * TO_A_PAGE, Math.min(reviews.size(), page * TO_A_PAGE));
    return Answer.page(MarketPages.item(item, shown, page, pages, address()));
  }

  /** A picture as someone's camera might have taken it: a pot before a wall. */
  private static Answer picture(String name) {
    if (!name.matches("\\d{1,3}\\.png")) {
      return missing();
    }
    int seed = Integer.parseInt(name.substring(0, name.indexOf('.')));
    var image = new BufferedImage(640, 640, BufferedImage.TYPE_INT_RGB);
    Graphics2D brush = image.createGraphics();
    brush.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    brush.setColor(Color.getHSBColor(0.1f + seed % 7 * 0.02f, 0.12f, 0.92f));
    brush.fillRect(0, 0, 640, 640);
    brush.setColor(Color.getHSBColor(0.08f, 0.3f, 0.72f));
    brush.fillRect(0, 480, 640, 160);
    brush.setColor(Color.getHSBColor(0.38f + seed % 5 * 0.01f, 0.35f, 0.45f));
    for (int leaf = -3; leaf <= 3; leaf++) {
      brush.fillOval(300 + leaf * 45, 150 + Math.abs(leaf) * 30, 40, 220);
    }
    brush.setColor(Color.getHSBColor(0.42f, 0.22f, 0.62f + seed % 4 * 0.05f));
    brush.fillPolygon(new int[] {180, 460, 420, 220}, new int[] {320, 320, 540, 540}, 4);
    brush.fillRoundRect(165, 300, 310, 50, 20, 20);
    brush.dispose();
    var out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "png", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return Answer.of(200, "image/png", out.toByteArray());
  }
}
