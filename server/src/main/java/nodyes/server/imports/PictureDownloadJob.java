package nodyes.server.imports;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import nodyes.core.imports.ReviewFlag;
import nodyes.server.jobs.JobKind;
import nodyes.server.jobs.JobRuns;
import nodyes.server.outbound.OutboundHttp;
import nodyes.server.pictures.Pictures;
import nodyes.server.reviews.Reviews;
import nodyes.server.web.ApiProblem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Has the pictures that reviews name, and keeps them here: shop pages ask no other server. One that
 * cannot be had is marked at its review. What is not had yet is gone on with after a restart.
 */
@Component
class PictureDownloadJob implements SmartLifecycle {
  private static final Logger LOG = LoggerFactory.getLogger(PictureDownloadJob.class);
  private static final int AT_ONCE = 50;

  private final Reviews reviews;
  private final OutboundHttp fetch;
  private final Pictures pictures;
  private final JobRuns runs;
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(Thread.ofPlatform().name("pictures").factory());
  private volatile boolean running;

  PictureDownloadJob(Reviews reviews, OutboundHttp fetch, Pictures pictures, JobRuns runs) {
    this.reviews = reviews;
    this.fetch = fetch;
    this.pictures = pictures;
    this.runs = runs;
  }

  /** Looks for pictures that are not here yet, in the background. */
  void submit() {
    if (running) {
      worker.execute(() -> runs.record(JobKind.PICTURES, this::run));
    }
  }

  /** How many it had. */
  private long run() {
    long had = 0;
    for (List<Reviews.Picture> next = reviews.picturesToHave(AT_ONCE);
        running && !next.isEmpty();
        next = reviews.picturesToHave(AT_ONCE)) {
      var marks = new ArrayList<Reviews.Mark>();
      for (Reviews.Picture picture : next) {
        if (!running) {
          return had;
        }
        Optional<String> file = have(picture.address());
        reviews.hasPicture(picture, file);
        if (file.isPresent()) {
          had++;
        } else {
          marks.add(new Reviews.Mark(picture.review(), ReviewFlag.PICTURE, Optional.empty()));
        }
      }
      reviews.mark(marks);
    }
    return had;
  }

  private Optional<String> have(String address) {
    try {
      return Optional.of(
          pictures.keep(
              Pictures.For.SHOPPERS, fetch.get(address, OutboundHttp.Limits.PICTURE).open()));
    } catch (ApiProblem | IOException e) {
      LOG.info("A picture could not be had: {}", e.getMessage());
      return Optional.empty();
    }
  }

  @Override
  public void start() {
    running = true;
    submit();
  }

  @Override
  public void stop() {
    running = false;
    worker.shutdownNow();
    worker.close();
  }

  @Override
  public boolean isRunning() {
    return running;
  }
}
