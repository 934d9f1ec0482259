package nodyes.server.pictures;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Iterator;
import java.util.Optional;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import nodyes.server.ServerSettings;
import nodyes.server.web.Refusal;
import org.springframework.stereotype.Component;

/**
 * Keeps pictures from outside. Each is decoded, turned as its camera says, made smaller and written
 * anew as JPEG, so that neither a place, a camera's number nor a script comes with it. Named by the
 * hash of its content: the same picture is kept once.
 */
@Component
public class Pictures {
  private static final int LARGEST_FILE = 10_000_000;
  private static final long MOST_PIXELS = 60_000_000;
  private static final int LONGEST_SIDE = 1600;
  private static final double QUALITY = 0.85;
  private static final Pattern NAME = Pattern.compile("[0-9a-f]{40}\\.jpg");

  /** Who may see a picture. */
  public enum For {
    /** Anyone: it is part of a review. */
    SHOPPERS("pictures"),
    /** The owner alone: it is evidence. */
    OWNER("evidence");

    private final String folder;

    For(String folder) {
      this.folder = folder;
    }
  }

  private final Path data;

  Pictures(ServerSettings settings) {
    this.data = settings.data();
  }

  /** Keeps a picture (JPEG, PNG, GIF or WebP); the name of its file. */
  public String keep(For whom, InputStream picture) throws IOException {
    Path folder = data.resolve(whom.folder);
    byte[] content = picture.readNBytes(LARGEST_FILE + 1);
    if (content.length > LARGEST_FILE) {
      throw Refusal.unusable("The picture is over 10 MB.");
    }
    byte[] made = madeAnew(content);
    String name = hash(made) + ".jpg";
    Files.createDirectories(folder);
    Path target = folder.resolve(name);
    if (!Files.exists(target)) {
      Path part = Files.createTempFile(folder, "made-", ".part");
      Files.write(part, made);
      Files.move(part, target, java.nio.file.StandardCopyOption.ATOMIC_MOVE);
    }
    return name;
  }

  /** The file of a kept picture. */
  public Optional<Path> file(For whom, String name) {
    return Optional.of(name)
        .filter(given -> NAME.matcher(given).matches())
        .map(given -> data.resolve(whom.folder).resolve(given))
        .filter(Files::exists);
  }

  private static byte[] madeAnew(byte[] content) throws IOException {
    checkSize(content);
    var out = new ByteArrayOutputStream();
    try {
      BufferedImage turned =
          Thumbnails.of(new ByteArrayInputStream(content)).scale(1).asBufferedImage();
      var onWhite =
          new BufferedImage(turned.getWidth(), turned.getHeight(), BufferedImage.TYPE_INT_RGB);
      var brush = onWhite.createGraphics();
      brush.setColor(java.awt.Color.WHITE);
      brush.fillRect(0, 0, turned.getWidth(), turned.getHeight());
      brush.drawImage(turned, 0, 0, null);
      brush.dispose();
      int side = Math.min(LONGEST_SIDE, Math.max(turned.getWidth(), turned.getHeight()));
      Thumbnails.of(onWhite)
          .size(side, side)
          .outputFormat("jpg")
          .outputQuality(QUALITY)
          .toOutputStream(out);
    } catch (IOException | RuntimeException e) {
      throw noPicture();
    }
    return out.toByteArray();
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

  private static String hash(byte[] content) {
    try {
      byte[] digest = MessageDigest.getInstance("SHA-256").digest(content);
      return HexFormat.of().formatHex(digest, 0, 20);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("Every Java has SHA-256", e);
    }
  }
}
