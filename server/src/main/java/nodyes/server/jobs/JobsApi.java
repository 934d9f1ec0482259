package nodyes.server.jobs;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nodyes.server.jobs.JobRuns.JobRun;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What runs in the background. */
@RestController
@Tag(name = "jobs")
@RequestMapping("/api/v1/jobs")
class JobsApi {
  private final Jobs jobs;
  private final JobRuns runs;

  JobsApi(Jobs jobs, JobRuns runs) {
    this.jobs = jobs;
    this.runs = runs;
  }

  /** One time. */
  record RunView(Instant startedAt, long tookMillis, String text, boolean failed) {}

  /**
   * Work in the background.
   *
   * @param everySeconds how often it is looked after; missing where it runs when it is needed
   * @param runningSince since when it has been running; missing where it is not
   * @param last the last time, with what came of it
   * @param recent the last times at which something was done or failed
   */
  record JobView(
      JobKind kind,
      String name,
      @Nullable Long everySeconds,
      @Nullable Instant runningSince,
      @Nullable RunView last,
      List<RunView> recent) {}

  /** All of it. */
  record JobsView(List<JobView> jobs) {}

  @GetMapping
  JobsView get() {
    Map<JobKind, Long> every =
        jobs.scheduled().stream()
            .collect(Collectors.toMap(ScheduledJob::kind, job -> job.every().toSeconds()));
    Map<JobKind, List<JobRun>> recent = runs.recent();
    return new JobsView(
        Arrays.stream(JobKind.values())
            .map(kind -> view(kind, every.get(kind), recent.getOrDefault(kind, List.of())))
            .toList());
  }

  private JobView view(JobKind kind, @Nullable Long every, List<JobRun> recent) {
    Optional<JobRun> last = runs.last(kind).or(() -> recent.stream().findFirst());
    return new JobView(
        kind,
        text("jobs.name." + kind),
        every,
        runs.runningSince(kind).orElse(null),
        last.map(run -> view(kind, run)).orElse(null),
        recent.stream().map(run -> view(kind, run)).toList());
  }

  private static RunView view(JobKind kind, JobRun run) {
    return new RunView(
        run.startedAt(), run.took().toMillis(), said(kind, run), run.failure() != null);
  }

  private static String said(JobKind kind, JobRun run) {
    if (run.failure() != null) {
      return text("jobs.failed", "reason", run.failure());
    }
    return run.done() == 0 ? text("jobs.nothing") : text("jobs.done." + kind, "count", run.done());
  }

  @PostMapping("/{kind}/run")
  JobsView run(@PathVariable String kind) {
    Optional<JobKind> wanted =
        Arrays.stream(JobKind.values()).filter(one -> one.name().equals(kind)).findFirst();
    if (wanted.flatMap(jobs::runNow).isEmpty()) {
      throw ApiProblem.notFound(text("jobs.noSuchJob"));
    }
    return get();
  }
}
