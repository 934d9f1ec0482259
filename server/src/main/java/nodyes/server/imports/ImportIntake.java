package nodyes.server.imports;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.Charset;
import java.nio.charset.IllegalCharsetNameException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import nodyes.server.tabular.FileKind;
import nodyes.server.tabular.RowFilePreparer;
import nodyes.server.web.ApiProblem;
import org.springframework.stereotype.Component;

/** Takes files in that reviews are brought in from, and looks through them. */
@Component
public class ImportIntake {
  private static final int LONGEST_NAME = 120;

  private final ImportViews views;
  private final ImportStore store;
  private final ImportFiles files;
  private final RememberingInspector inspector;
  private final Clock clock;

  ImportIntake(
      ImportViews views,
      ImportStore store,
      ImportFiles files,
      RememberingInspector inspector,
      Clock clock) {
    this.views = views;
    this.store = store;
    this.files = files;
    this.inspector = inspector;
    this.clock = clock;
  }

  /** Looks through a file and keeps it; nothing of it is stored as a review yet. */
  public ImportView look(String fileName, InputStream content, String who) throws IOException {
    Path file = files.temporary();
    Path rows = files.temporary();
    try {
      Files.copy(content, file, StandardCopyOption.REPLACE_EXISTING);
      FileInspection look = inspector.inspect(() -> RowFilePreparer.of(file, "", "", rows));
      long id = store.add(shortened(fileName), Files.size(file), look, who, clock.instant());
      files.keep(id, file, look.kind() == FileKind.CSV ? null : rows);
      return views.batch(id);
    } finally {
      Files.deleteIfExists(file);
      Files.deleteIfExists(rows);
    }
  }

  /** Looks through a kept file again, at another sheet or in another encoding. */
  public ImportView lookAgain(long id, String sheet, String encoding) throws IOException {
    ImportView batch = views.batch(id);
    if (batch.state() != ImportState.INSPECTED) {
      throw ApiProblem.unusable(text("imports.alreadyImported"));
    }
    Path rows = files.temporary();
    try {
      FileInspection look =
          inspector.inspect(
              () -> RowFilePreparer.of(files.brought(id), sheet, known(encoding), rows));
      store.lookAgain(id, look);
      files.keepRows(id, look.kind() == FileKind.CSV ? null : rows);
      return views.batch(id);
    } finally {
      Files.deleteIfExists(rows);
    }
  }

  private static String known(String encoding) {
    try {
      if (encoding.isEmpty() || Charset.isSupported(encoding)) {
        return encoding;
      }
    } catch (IllegalCharsetNameException e) {
      // told below
    }
    throw ApiProblem.unusable(text("imports.noSuchEncoding", "encoding", encoding));
  }

  /** A name as it can stand in a list and among files. */
  static String shortened(String name) {
    String plain = name.replaceAll("[\\p{Cntrl}/\\\\]", "_").strip();
    String kept = plain.isEmpty() ? "a file" : plain;
    return kept.length() > LONGEST_NAME ? kept.substring(0, LONGEST_NAME) : kept;
  }
}
