package nodyes.server.catalogue;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.io.Reader;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import nodyes.server.shop.Shop;
import nodyes.server.web.JsonLines;
import nodyes.server.web.JsonLines.BadField;
import nodyes.server.web.JsonLines.LineProblem;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * Reads products, each a schema.org ProductGroup with its variants (Product with sku, offers,
 * inventoryLevel). A price's history is the offer's priceSpecification with validFrom; a price of
 * reference one with the priceType ListPrice or StrikethroughPrice.
 */
@Component
public class CatalogueImport {
  private static final int CHUNK = 500;

  private final CatalogueWriter writer;
  private final JsonLines json;
  private final Shop shop;
  private final Clock clock;

  CatalogueImport(CatalogueWriter writer, JsonLines json, Shop shop, Clock clock) {
    this.writer = writer;
    this.json = json;
    this.shop = shop;
    this.clock = clock;
  }

  /** Takes the good lines; products that are here already are brought up to date. */
  public JsonLines.Result read(Reader lines) throws IOException {
    Taking taking = takingWhole(Runnable::run);
    var result = json.read(lines, taking);
    taking.end();
    var problems = new ArrayList<>(result.problems());
    problems.addAll(taking.notes());
    return new JsonLines.Result(result.taken(), problems);
  }

  /** Products to be looked through alone. */
  public Taking looking() {
    return new Taking(Mode.LOOK, Runnable::run);
  }

  /**
   * Products to be taken one after another; variants that one does not name are still sold.
   *
   * @param within runs each piece of writing
   */
  public Taking taking(Consumer<Runnable> within) {
    return new Taking(Mode.ADD, within);
  }

  /** The same as they stand: variants that a product does not name are no longer sold. */
  public Taking takingWhole(Consumer<Runnable> within) {
    return new Taking(Mode.REPLACE, within);
  }

  private enum Mode {
    LOOK,
    ADD,
    REPLACE
  }

  /** The SKUs of all variants that there are or were. */
  public Set<String> skus() {
    return Set.copyOf(writer.known().slugBySku().keySet());
  }

  /** What files of orders name variants by. */
  public SkuFinder skuFinder() {
    return writer.skuFinder();
  }

  /** Marks products that a whole feed leaves out as no longer sold. */
  public int leaveOutAllBut(Set<String> slugs) {
    return writer.markGone(slugs);
  }

  /** Products that are sold and would no longer be, were these all. */
  public Left left(Set<String> slugs) {
    Set<String> sold = writer.sold();
    long missing = sold.stream().filter(slug -> !slugs.contains(slug)).count();
    return new Left(sold.size(), missing);
  }

  /** How many products are sold, and how many of them are missing. */
  public record Left(long sold, long missing) {
    /** Whether so many are missing that someone should look before they go. */
    public boolean isMany() {
      return missing > 0 && missing * 2 >= sold;
    }
  }

  /** One reading of products. */
  public final class Taking implements JsonLines.Taker {
    private static final int MOST_NOTES = 500;

    private final Mode mode;
    private final Consumer<Runnable> within;
    private final ProductReader reader = new ProductReader(shop.settings().zone(), writer.known());
    private final Set<String> slugs = new LinkedHashSet<>();
    private final Set<String> skus = new HashSet<>();
    private final List<NewProduct> chunk = new ArrayList<>();
    private final List<LineProblem> notes = new ArrayList<>();

    private Taking(Mode mode, Consumer<Runnable> within) {
      this.within = within;
      this.mode = mode;
    }

    @Override
    public void take(long line, JsonNode node) {
      NewProduct product = reader.read(node);
      if (!product.isBySku() && slugs.contains(product.slug())) {
        throw new BadField("productGroupID", product.slug(), text("feeds.productTwice"));
      }
      for (NewProduct.NewVariant variant : product.variants()) {
        if (skus.contains(variant.sku())) {
          throw new BadField("sku", variant.sku(), text("feeds.skuTwice"));
        }
      }
      slugs.add(product.slug());
      product.variants().forEach(variant -> skus.add(variant.sku()));
      for (NewProduct.Note note : product.notes()) {
        if (notes.size() < MOST_NOTES) {
          notes.add(new LineProblem(line, note.field(), note.value(), note.reason()));
        }
      }
      if (mode != Mode.LOOK) {
        chunk.add(product);
        if (chunk.size() == CHUNK) {
          save();
        }
      }
    }

    /** Slugs of the products taken. */
    public Set<String> slugs() {
      return slugs;
    }

    /** What was made of values that could not be taken as they are, the first 500 of it. */
    public List<LineProblem> notes() {
      return notes;
    }

    /** Keeps what is left to keep. */
    public void end() {
      if (mode != Mode.LOOK) {
        save();
      }
    }

    private void save() {
      if (!chunk.isEmpty()) {
        Instant now = clock.instant();
        within.accept(
            mode == Mode.REPLACE ? () -> writer.replace(chunk, now) : () -> writer.add(chunk, now));
        chunk.clear();
      }
    }
  }
}
