package nodyes.app;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewStatus;
import nodyes.demo.DemoFiles;
import nodyes.server.imports.ImportIntake;
import nodyes.server.imports.ImportOptions;
import nodyes.server.imports.ImportState;
import nodyes.server.imports.ImportView;
import nodyes.server.imports.ReviewImports;
import nodyes.server.moderation.Moderation;
import nodyes.server.reviews.ReviewFilter;
import nodyes.server.reviews.Reviews;
import org.jspecify.annotations.Nullable;

/** Reviews of the demo that come in files, and what the owner did with them. */
final class DemoReviews {
  private static final int AT_ONCE = 2000;

  private final ImportIntake intake;
  private final ReviewImports bringIn;
  private final Reviews reviews;
  private final Moderation moderation;

  DemoReviews(ImportIntake intake, ReviewImports bringIn, Reviews reviews, Moderation moderation) {
    this.intake = intake;
    this.bringIn = bringIn;
    this.reviews = reviews;
    this.moderation = moderation;
  }

  void bring(Path files) throws IOException, InterruptedException {
    bring(files.resolve(DemoFiles.SHOP_REVIEWS), null);
    bring(files.resolve(DemoFiles.STALL_REVIEWS), BigDecimal.TEN);
    publishAllButAFew();
    bring(files.resolve(DemoFiles.NEW_REVIEWS), null);
  }

  /** Two held for a question and one left out as a copy, as on any desk. */
  private void publishAllButAFew() {
    List<Long> ids = waiting();
    moderation.move(
        new HashSet<>(ids.subList(0, 2)), ReviewStatus.ON_HOLD, Optional.empty(), DemoLoader.OWNER);
    moderation.move(
        new HashSet<>(ids.subList(2, 3)),
        ReviewStatus.LEFT_OUT,
        Optional.of(LeaveOutReason.A_COPY),
        DemoLoader.OWNER);
    for (List<Long> some = waiting(); !some.isEmpty(); some = waiting()) {
      moderation.move(
          new HashSet<>(some), ReviewStatus.PUBLISHED, Optional.empty(), DemoLoader.OWNER);
    }
  }

  private List<Long> waiting() {
    return reviews.ids(ReviewFilter.in(ReviewStatus.PENDING), AT_ONCE);
  }

  private void bring(Path file, @Nullable BigDecimal best)
      throws IOException, InterruptedException {
    String name = String.valueOf(file.getFileName());
    ImportView looked;
    try (var in = Files.newInputStream(file)) {
      looked = intake.look(name, in, DemoLoader.OWNER);
    }
    ImportView read =
        bringIn.readNow(looked.id(), ImportOptions.FOUND.permitted(best), DemoLoader.OWNER);
    if (read.state() != ImportState.DONE || read.counts().unreadable() > 0) {
      throw new IllegalStateException(name + " was not read whole: " + read);
    }
  }
}
