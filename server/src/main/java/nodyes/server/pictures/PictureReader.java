package nodyes.server.pictures;

import static nodyes.server.messages.Texts.text;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.spi.IIORegistry;
import javax.imageio.spi.ImageReaderSpi;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import nodyes.server.web.ApiProblem;

/**
 * Decodes a picture from outside. Its size is judged by its header, and of a large one only every
 * second, third … pixel is kept, so that never more than {@link #MOST_RASTER} are in memory.
 */
final class PictureReader {
  private static final String NATIVE_WEBP = "com.luciad.imageio.webp";
  private static final long MOST_RASTER = 12_000_000;
  private static final int MILLION = 1_000_000;
  private static final short START_OF_IMAGE = (short) 0xffd8;
  private static final short START_OF_SCAN = (short) 0xffda;
  private static final short APP1 = (short) 0xffe1;

  private PictureReader() {}

  /** The picture as its camera was held; refused where it has more pixels or is none. */
  static BufferedImage read(byte[] content, int mostPixels) {
    readNothingNatively();
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw noPicture();
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in);
        return turned(content, read(reader, mostPixels));
      } finally {
        reader.dispose();
      }
    } catch (ApiProblem refusal) {
      throw refusal;
    } catch (IOException | RuntimeException e) {
      // decoders answer files that lie about themselves with failures of every kind
      throw noPicture();
    }
  }

  private static BufferedImage read(ImageReader reader, int mostPixels) throws IOException {
    long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
    if (pixels > mostPixels) {
      throw ApiProblem.unusable(text("pictures.tooManyPixels", "million", mostPixels / MILLION));
    }
    ImageReadParam how = reader.getDefaultReadParam();
    int step = (int) Math.ceil(Math.sqrt((double) pixels / MOST_RASTER));
    if (step > 1) {
      how.setSourceSubsampling(step, step, 0, 0);
    }
    return reader.read(0, how);
  }

  private static BufferedImage turned(byte[] content, BufferedImage picture) {
    Optional<Orientation> held = exif(content).map(ExifUtils::getOrientationFromExif);
    return held.isEmpty()
        ? picture
        : ExifFilterUtils.getFilterForOrientation(held.get()).apply(picture);
  }

  /** The segment of a JPEG file (ITU-T T.81, B.1.1.4) in which cameras tell how they were held. */
  private static Optional<byte[]> exif(byte[] jpeg) {
    ByteBuffer in = ByteBuffer.wrap(jpeg);
    if (in.remaining() < Short.BYTES || in.getShort() != START_OF_IMAGE) {
      return Optional.empty();
    }
    while (in.remaining() > 2 * Short.BYTES) {
      short marker = in.getShort();
      int length = Short.toUnsignedInt(in.getShort()) - Short.BYTES;
      if (marker == START_OF_SCAN || length < 0 || length > in.remaining()) {
        return Optional.empty();
      }
      var segment = new byte[length];
      in.get(segment);
      if (marker == APP1
          && new String(segment, StandardCharsets.ISO_8859_1).startsWith("Exif\0\0")) {
        return Optional.of(segment);
      }
    }
    return Optional.empty();
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

  static ApiProblem noPicture() {
    return ApiProblem.unusable(text("pictures.notReadable"));
  }
}
