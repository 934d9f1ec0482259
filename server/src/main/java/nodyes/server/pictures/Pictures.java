package nodyes.server.pictures;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.spi.IIORegistry;
import javax.imageio.spi.ImageReaderSpi;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import nodyes.server.web.Refusal;
import org.springframework.stereotype.Component;

/**
 * Keeps pictures from outside. Each is decoded, turned as its camera says, made smaller and written
 * anew, so that neither a place, a camera's number nor a script comes with it. Named by the hash of
 * its content: the same picture is kept once.
 */
@Component
public class Pictures {
  private static final String NATIVE_WEBP = "com.luciad.imageio.webp";
  private static final int MEGABYTE = 1_000_000;
  private static final int LARGEST_FILE = 10 * MEGABYTE;
  private static final long MOST_PIXELS = 60_000_000;
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

  private final KeptFiles files;

  Pictures(KeptFiles files) {
    this.files = files;
  }

  /**
   * Native code may write WebP here; what comes from outside is decoded by Java alone. Said before
   * each picture, since any library may look for readers anew.
   */
  private static void readNothingNatively() {
    var registry = IIORegistry.getDefaultInstance();
    var readers = new ArrayList<ImageReaderSpi>();
    registry.getServiceProviders(ImageReaderSpi.class, false).forEachRemaining(readers::add);
    readers.stream()
        .filter(reader -> reader.getClass().getName().startsWith(NATIVE_WEBP))
        .forEach(registry::deregisterServiceProvider);
  }

  /** Keeps a picture (JPEG, PNG, GIF or WebP) of at most 10 MB; the name of its file. */
  public String keep(For use, InputStream picture) throws IOException {
    return keep(use, picture, LARGEST_FILE);
  }

  /** Keeps a picture of at most so many bytes; the name of its file. */
  public String keep(For use, InputStream picture, int mostBytes) throws IOException {
    byte[] content = picture.readNBytes(mostBytes + 1);
    if (content.length > mostBytes) {
      throw Refusal.unusable("The picture is over " + mostBytes / MEGABYTE + " MB.");
    }
    return files.keep(use.folder, madeAnew(content, use), use.format);
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

  /**
   * The file of a kept picture of a review in a size, as WebP or as JPEG; made when it is first
   * asked for.
   */
  public Optional<Path> sized(String name, Size size, boolean asWebp) {
    Optional<Path> kept = files.find(For.SHOPPERS.folder, name);
    if (kept.isEmpty() || (size == Size.LARGE && !asWebp)) {
      return kept;
    }
    String format = asWebp ? "webp" : "jpg";
    String folder = For.SHOPPERS.folder + "-" + size.longestSide;
    String sized = name.substring(0, name.lastIndexOf('.') + 1) + format;
    return files.find(folder, sized).or(() -> made(kept.get(), size, folder, sized, format));
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

  private static byte[] madeAnew(byte[] content, For use) throws IOException {
    readNothingNatively();
    checkSize(content);
    var out = new ByteArrayOutputStream();
    try {
      BufferedImage turned =
          Thumbnails.of(new ByteArrayInputStream(content)).scale(1).asBufferedImage();
      BufferedImage drawn = use == For.LOOKS ? turned : onWhite(turned);
      int side = Math.min(use.longestSide, Math.max(turned.getWidth(), turned.getHeight()));
      Thumbnails.of(drawn)
          .size(side, side)
          .imageType(use == For.LOOKS ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB)
          .outputFormat(use.format)
          .outputQuality(QUALITY)
          .toOutputStream(out);
    } catch (IOException | RuntimeException e) {
      throw noPicture();
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

  /** Told from the header, before anything is decoded: a small file can hold a huge picture. */
  private static void checkSize(byte[] content) throws IOException {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw noPicture();
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in);
        if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
          throw Refusal.unusable("The picture has more than 60 million pixels.");
        }
      } catch (IndexOutOfBoundsException | IllegalArgumentException e) {
        throw noPicture();
      } finally {
        reader.dispose();
      }
    }
  }

  private static Refusal noPicture() {
    return Refusal.unusable("This is no picture that can be read: JPEG, PNG, GIF or WebP.");
  }
}
