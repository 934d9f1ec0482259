package nodyes.server.pictures;

import static nodyes.server.messages.Texts.text;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import javax.imageio.ImageIO;
import net.coobird.thumbnailator.Thumbnails;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.InTurn;
import org.springframework.stereotype.Component;

/**
 * Keeps pictures from outside. Each is decoded, turned as its camera says, made smaller and written
 * anew, so that neither a place, a camera's number nor a script comes with it. Named by the hash of
 * its content: the same picture is kept once.
 */
@Component
public class Pictures {
  private static final int MEGABYTE = 1_000_000;
  private static final int LARGEST_FILE = 10 * MEGABYTE;
  private static final int OWNERS_PIXELS = 60_000_000;
  private static final int SHOPPERS_PIXELS = 16_000_000;
  private static final int PENDING = 12;
  private static final Duration PATIENCE = Duration.ofSeconds(20);
  private static final double QUALITY = 0.85;

  /** What a picture is for, and so who may see it and how it is written. */
  public enum For {
    /** Anyone: it is part of a review. */
    SHOPPERS("pictures", "jpg", 1600),
    /** The owner alone: it is evidence. */
    OWNER("evidence", "jpg", 1600),
    /** Anyone: a small drawing of the shop's own; what is see-through stays so. */
    LOOKS("drawings", "png", 256);

    private final String folder;
    private final String format;
    private final int longestSide;

    For(String folder, String format, int longestSide) {
      this.folder = folder;
      this.format = format;
      this.longestSide = longestSide;
    }
  }

  private final ContentAddressedFiles files;
  private final Spool spool;
  private final InTurn turns = new InTurn("pictures", 1, PENDING, PATIENCE, "pictures.inTurn");

  Pictures(ContentAddressedFiles files, Spool spool) {
    this.files = files;
    this.spool = spool;
  }

  /** Keeps a picture (JPEG, PNG, GIF or WebP) of at most 10 MB; the name of its file. */
  public String keep(For use, InputStream picture) throws IOException {
    return turns.runInAnyCase(() -> keep(use, picture, LARGEST_FILE, OWNERS_PIXELS));
  }

  /** Keeps a picture that a shopper sends, of at most so many bytes; the name of its file. */
  public String keepOfShopper(InputStream picture, int mostBytes) throws IOException {
    return spool.receive(
        picture,
        mostBytes,
        file ->
            turns.run(
                () -> {
                  try (InputStream received = Files.newInputStream(file)) {
                    return keep(For.SHOPPERS, received, mostBytes, SHOPPERS_PIXELS);
                  }
                }));
  }

  private String keep(For use, InputStream picture, int mostBytes, int mostPixels)
      throws IOException {
    return files.keep(use.folder, madeAnew(bytes(picture, mostBytes), use, mostPixels), use.format);
  }

  private static byte[] bytes(InputStream picture, int mostBytes) throws IOException {
    byte[] content = picture.readNBytes(mostBytes + 1);
    if (content.length > mostBytes) {
      throw ApiProblem.unusable(text("pictures.tooLarge", "megabyte", mostBytes / MEGABYTE));
    }
    return content;
  }

  /** How a picture is sent: its longest side, in pixels, and its format. */
  public enum Size {
    /** As it opens large. */
    LARGE(1600),
    /** As it stands in a list. */
    SMALL(480);

    private final int longestSide;

    Size(int longestSide) {
      this.longestSide = longestSide;
    }
  }

  /** How a picture is written. */
  public enum Encoding {
    JPEG("jpg"),
    WEBP("webp");

    private final String format;

    Encoding(String format) {
      this.format = format;
    }
  }

  /**
   * The file of a kept picture of a review in a size, as WebP or as JPEG; made when it is first
   * asked for.
   */
  public Optional<Path> sized(String name, Size size, Encoding encoding) {
    Optional<Path> kept = files.find(For.SHOPPERS.folder, name);
    if (kept.isEmpty() || (size == Size.LARGE && encoding == Encoding.JPEG)) {
      return kept;
    }
    String folder = For.SHOPPERS.folder + "-" + size.longestSide;
    String sized = name.substring(0, name.lastIndexOf('.') + 1) + encoding.format;
    return files
        .find(folder, sized)
        .or(() -> turns.run(() -> made(kept.get(), size, folder, sized, encoding.format)));
  }

  private Optional<Path> made(Path kept, Size size, String folder, String name, String format) {
    var out = new ByteArrayOutputStream();
    try {
      BufferedImage picture = ImageIO.read(kept.toFile());
      int side = Math.min(size.longestSide, Math.max(picture.getWidth(), picture.getHeight()));
      Thumbnails.of(picture)
          .size(side, side)
          .imageType(BufferedImage.TYPE_INT_RGB)
          .outputFormat(format)
          .outputQuality(QUALITY)
          .toOutputStream(out);
      return Optional.of(files.keepAs(folder, name, out.toByteArray()));
    } catch (LinkageError e) {
      // no native code for this machine: whoever reads WebP reads JPEG too
      return Optional.empty();
    } catch (IOException e) {
      throw new UncheckedIOException("A kept picture cannot be read: " + name, e);
    }
  }

  /** Removes a kept picture in all its sizes. */
  public void forget(For use, String name) {
    files.forget(use.folder, name);
    String base = name.substring(0, name.lastIndexOf('.') + 1);
    for (Size size : Size.values()) {
      files.forget(use.folder + "-" + size.longestSide, base + "jpg");
      files.forget(use.folder + "-" + size.longestSide, base + "webp");
    }
  }

  /** The file of a kept picture. */
  public Optional<Path> file(For use, String name) {
    return files.find(use.folder, name);
  }

  private static byte[] madeAnew(byte[] content, For use, int mostPixels) throws IOException {
    BufferedImage read = PictureReader.read(content, mostPixels);
    var out = new ByteArrayOutputStream();
    int side = Math.min(use.longestSide, Math.max(read.getWidth(), read.getHeight()));
    try {
      BufferedImage small =
          Thumbnails.of(read)
              .size(side, side)
              .imageType(BufferedImage.TYPE_INT_ARGB)
              .asBufferedImage();
      Thumbnails.of(use == For.LOOKS ? small : onWhite(small))
          .scale(1)
          .imageType(use == For.LOOKS ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB)
          .outputFormat(use.format)
          .outputQuality(QUALITY)
          .toOutputStream(out);
    } catch (RuntimeException e) {
      throw PictureReader.noPicture();
    }
    return out.toByteArray();
  }

  private static BufferedImage onWhite(BufferedImage picture) {
    var onWhite =
        new BufferedImage(picture.getWidth(), picture.getHeight(), BufferedImage.TYPE_INT_RGB);
    var brush = onWhite.createGraphics();
    brush.setColor(java.awt.Color.WHITE);
    brush.fillRect(0, 0, picture.getWidth(), picture.getHeight());
    brush.drawImage(picture, 0, 0, null);
    brush.dispose();
    return onWhite;
  }
}
