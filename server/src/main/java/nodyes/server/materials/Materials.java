package nodyes.server.materials;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import nodyes.core.nod.OwnFile;
import nodyes.server.pictures.KeptFiles;
import nodyes.server.pictures.Pictures;
import nodyes.server.web.PageOf;
import nodyes.server.web.Refusal;
import org.springframework.stereotype.Component;

/** Keeps fonts and pictures of the shop's own, and gives their files out. */
@Component
public class Materials {
  private static final int MOST = 200;
  private static final int LARGEST_FONT = 2_000_000;
  private static final int LONGEST_NAME = 60;
  private static final String FONTS = "fonts";
  private static final String DRAWINGS = "drawn";
  private static final int FIRST_SIGNS = 256;

  private final MaterialStore store;
  private final Pictures pictures;
  private final KeptFiles files;
  private final Clock clock;

  Materials(MaterialStore store, Pictures pictures, KeptFiles files, Clock clock) {
    this.store = store;
    this.pictures = pictures;
    this.files = files;
    this.clock = clock;
  }

  PageOf<Material> list(int page, int size) {
    return new PageOf<>(store.list(size, (page - 1) * size), page, size, store.count());
  }

  /**
   * Keeps a file; the same one again is the same material.
   *
   * @throws Refusal where it is no font or picture that can be used
   */
  Material keep(String name, OwnFile.Kind kind, InputStream content, String who)
      throws IOException {
    String called = name.strip();
    if (called.isEmpty() || called.length() > LONGEST_NAME) {
      throw Refusal.value("name", "is 1 to 60 characters");
    }
    if (store.count() >= MOST) {
      throw Refusal.unusable("There are 200 already. Remove some that are used no more.");
    }
    String file =
        switch (kind) {
          case FONT -> keepFont(content);
          case PICTURE -> keepPicture(content);
        };
    var material = Material.of(file, called, kind, who, clock.instant());
    store.save(material);
    return material;
  }

  /** Lines and shapes are cleaned; what is made of pixels is drawn anew. */
  private String keepPicture(InputStream content) throws IOException {
    var begun = new BufferedInputStream(content);
    begun.mark(FIRST_SIGNS);
    byte[] first = begun.readNBytes(FIRST_SIGNS);
    begun.reset();
    return SvgCleaner.isMarkup(first)
        ? files.keep(DRAWINGS, SvgCleaner.clean(begun), OwnFile.DRAWN)
        : pictures.keep(Pictures.For.LOOKS, begun);
  }

  private String keepFont(InputStream content) throws IOException {
    byte[] font = content.readNBytes(LARGEST_FONT + 1);
    if (font.length > LARGEST_FONT) {
      throw Refusal.unusable("The font is over 2 MB; shoppers would wait for it.");
    }
    String ending = Woff2.read(font).isVariable() ? OwnFile.ALL_WEIGHTS : "woff2";
    return files.keep(FONTS, font, ending);
  }

  /** Takes it off the list; looks that name it go on to find its file. */
  void remove(String file) {
    if (!store.remove(file)) {
      throw Refusal.notFound("There is no such font or picture.");
    }
  }

  /** Whether the file that a look names is kept. */
  public boolean has(OwnFile file) {
    return file(file).isPresent();
  }

  Optional<Path> file(OwnFile file) {
    return switch (file.kind()) {
      case FONT -> files.find(FONTS, file.file());
      case PICTURE ->
          file.ending().equals(OwnFile.DRAWN)
              ? files.find(DRAWINGS, file.file())
              : pictures.file(Pictures.For.LOOKS, file.file());
    };
  }

  Optional<Path> file(String name) {
    return OwnFile.parse(OwnFile.PREFIX + name).flatMap(this::file);
  }
}
