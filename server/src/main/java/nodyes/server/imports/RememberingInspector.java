package nodyes.server.imports;

import java.io.IOException;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.ProductFinder;
import nodyes.server.reviews.Criteria;
import nodyes.server.tabular.RowFile;
import nodyes.server.web.Apart;
import nodyes.server.web.InTurn;
import org.springframework.stereotype.Component;

/** Looks through files, and knows again what was chosen for one with the same headings. */
@Component
class RememberingInspector {
  private final ImportMemoryStore memory;
  private final Catalogue catalogue;
  private final LanguageDetector guess;
  private final Criteria criteria;
  private final InTurn inTurn;

  RememberingInspector(
      ImportMemoryStore memory,
      Catalogue catalogue,
      LanguageDetector guess,
      Criteria criteria,
      InTurn inTurn) {
    this.criteria = criteria;
    this.memory = memory;
    this.catalogue = catalogue;
    this.guess = guess;
    this.inTurn = inTurn;
  }

  /** Makes rows of a file and looks through them, in its turn. */
  FileInspection inspect(Apart.Work<RowFile, IOException> rows) throws IOException {
    return inTurn.run(() -> inspected(rows.run()));
  }

  private boolean isCriterion(String heading) {
    return criteria.all().stream()
        .flatMap(one -> one.names().values().stream())
        .anyMatch(heading::equalsIgnoreCase);
  }

  private FileInspection inspected(RowFile rows) throws IOException {
    ProductFinder products = catalogue.finder();
    FileInspection look =
        FileInspector.at(rows, guess, text -> products.find(text).isPresent(), this::isCriterion);
    return memory
        .of(look.headings())
        .map(before -> look.remembering(before.when(), before.choices()))
        .orElse(look);
  }
}
