package nodyes.server.assets;

import static nodyes.server.messages.Texts.text;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import nodyes.core.nod.AssetRef;
import nodyes.server.pictures.ContentAddressedFiles;
import nodyes.server.pictures.Pictures;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.PagedResult;
import org.springframework.stereotype.Component;

/** Keeps fonts and pictures of the shop's own, and gives their files out. */
@Component
public class Assets {
  private static final int MOST = 200;
  private static final int LARGEST_FONT = 2_000_000;
  private static final int LONGEST_NAME = 60;
  private static final String FONTS = "fonts";
  private static final String DRAWINGS = "drawn";
  private static final int FIRST_SIGNS = 256;

  private final AssetStore store;
  private final Pictures pictures;
  private final ContentAddressedFiles files;
  private final Clock clock;

  Assets(AssetStore store, Pictures pictures, ContentAddressedFiles files, Clock clock) {
    this.store = store;
    this.pictures = pictures;
    this.files = files;
    this.clock = clock;
  }

  PagedResult<Asset> list(int page, int size) {
    return new PagedResult<>(store.list(size, (page - 1) * size), page, size, store.count());
  }

  /**
   * Keeps a file; the same one again is the same material.
   *
   * @throws Refusal where it is no font or picture that can be used
   */
  Asset keep(String name, AssetRef.Kind kind, InputStream content, String who) throws IOException {
    String called = name.strip();
    if (called.isEmpty() || called.length() > LONGEST_NAME) {
      throw ApiProblem.value("name", text("problems.name60"));
    }
    if (store.count() >= MOST) {
      throw ApiProblem.unusable(text("assets.tooMany"));
    }
    String file =
        switch (kind) {
          case FONT -> keepFont(content);
          case PICTURE -> keepPicture(content);
        };
    var material = Asset.of(file, called, kind, who, clock.instant());
    store.save(material);
    return material;
  }

  /** Lines and shapes are cleaned; what is made of pixels is drawn anew. */
  private String keepPicture(InputStream content) throws IOException {
    var begun = new BufferedInputStream(content);
    begun.mark(FIRST_SIGNS);
    byte[] first = begun.readNBytes(FIRST_SIGNS);
    begun.reset();
    return SvgSanitizer.isMarkup(first)
        ? files.keep(DRAWINGS, SvgSanitizer.clean(begun), AssetRef.DRAWN)
        : pictures.keep(Pictures.For.LOOKS, begun);
  }

  private String keepFont(InputStream content) throws IOException {
    byte[] font = content.readNBytes(LARGEST_FONT + 1);
    if (font.length > LARGEST_FONT) {
      throw ApiProblem.unusable(text("assets.fontTooLarge"));
    }
    String ending = Woff2Header.read(font).isVariable() ? AssetRef.ALL_WEIGHTS : "woff2";
    return files.keep(FONTS, font, ending);
  }

  /** Takes it off the list; looks that name it go on to find its file. */
  void remove(String file) {
    if (!store.remove(file)) {
      throw ApiProblem.notFound(text("assets.noSuch"));
    }
  }

  /** Whether the file that a look names is kept. */
  public boolean has(AssetRef file) {
    return file(file).isPresent();
  }

  Optional<Path> file(AssetRef file) {
    return switch (file.kind()) {
      case FONT -> files.find(FONTS, file.file());
      case PICTURE ->
          file.ending().equals(AssetRef.DRAWN)
              ? files.find(DRAWINGS, file.file())
              : pictures.file(Pictures.For.LOOKS, file.file());
    };
  }

  Optional<Path> file(String name) {
    return AssetRef.parse(AssetRef.PREFIX + name).flatMap(this::file);
  }
}
