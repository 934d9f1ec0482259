package nodyes.server.imports;

import static nodyes.server.messages.Texts.text;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import nodyes.server.reviews.Reviews;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.PagedResult;
import org.springframework.stereotype.Component;

/** What was brought in, as it stands. */
@Component
class ImportViews {
  private final ImportStore store;
  private final ImportFiles files;
  private final ImportJob job;
  private final Reviews reviews;

  ImportViews(ImportStore store, ImportFiles files, ImportJob job, Reviews reviews) {
    this.store = store;
    this.files = files;
    this.job = job;
    this.reviews = reviews;
  }

  /** A brought file as it stands. */
  ImportView batch(long id) {
    return store
        .find(id)
        .map(job::withProgress)
        .map(this::withWaiting)
        .orElseThrow(() -> ApiProblem.notFound(text("imports.noSuchImport")));
  }

  /** Asked often while an import is read, and of no use then: so not counted. */
  private ImportView withWaiting(ImportView batch) {
    return batch.state() == ImportState.DONE
        ? batch.waiting(reviews.waiting(List.of(batch.id())).getOrDefault(batch.id(), 0L))
        : batch;
  }

  /** The brought file itself. */
  Path file(long id) {
    batch(id);
    return files.brought(id);
  }

  /** Files that were read or are being read, newest first. */
  PagedResult<ImportView> list(int page, int size) {
    PagedResult<ImportView> found = store.list(PagedResult.page(page), PagedResult.size(size));
    Map<Long, Long> waiting = reviews.waiting(found.items().stream().map(ImportView::id).toList());
    return new PagedResult<>(
        found.items().stream()
            .map(job::withProgress)
            .map(batch -> batch.waiting(waiting.getOrDefault(batch.id(), 0L)))
            .toList(),
        found.page(),
        found.size(),
        found.total());
  }

  /** What is wrong with which row of a file. */
  PagedResult<RowErrorView> problems(long id, int page, int size) {
    return store.problems(id, PagedResult.page(page), PagedResult.size(size));
  }
}
