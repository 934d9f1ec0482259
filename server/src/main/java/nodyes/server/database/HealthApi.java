package nodyes.server.database;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Clock;
import java.time.Duration;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether the server does its work: it reads and writes, and says which of them fails. */
@RestController
@Tag(name = "embed")
class HealthApi {
  private static final Logger LOG = LoggerFactory.getLogger(HealthApi.class);
  private static final Duration PATIENCE = Duration.ofSeconds(10);

  /** However often it is asked, the disk is asked so often. */
  private static final Duration APART = Duration.ofSeconds(2);

  private final HeartbeatStore heartbeat;
  private final Clock clock;
  private final ExecutorService workers = Executors.newVirtualThreadPerTaskExecutor();
  private Health last = new Health("ok", "ok", "ok");
  private long lastNanos = System.nanoTime() - APART.toNanos();

  HealthApi(HeartbeatStore heartbeat, Clock clock) {
    this.heartbeat = heartbeat;
    this.clock = clock;
  }

  /** How it is: {@code ok} or {@code failing}, and why by part. */
  record Health(String status, String read, String write) {}

  @GetMapping("/healthz")
  @Operation(summary = "Whether it reads and writes; 503 where one of them fails")
  ResponseEntity<Health> health() {
    Health now = look();
    return ResponseEntity.status(
            now.status().equals("ok") ? HttpStatus.OK : HttpStatus.SERVICE_UNAVAILABLE)
        .cacheControl(CacheControl.noStore())
        .body(now);
  }

  private synchronized Health look() {
    if (System.nanoTime() - lastNanos >= APART.toNanos()) {
      String read = told(heartbeat::read);
      String write = told(() -> heartbeat.write(clock.instant()));
      boolean isWell = read.equals("ok") && write.equals("ok");
      last = new Health(isWell ? "ok" : "failing", read, write);
      lastNanos = System.nanoTime();
    }
    return last;
  }

  private String told(Callable<Boolean> tried) {
    var trying = workers.submit(tried);
    try {
      return Boolean.TRUE.equals(trying.get(PATIENCE.toMillis(), TimeUnit.MILLISECONDS))
          ? "ok"
          : "nothing there";
    } catch (TimeoutException e) {
      trying.cancel(true);
      return "no answer in 10 seconds";
    } catch (ExecutionException e) {
      LOG.error("The database does not do its work", e.getCause());
      return "failed";
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return "stopping";
    }
  }
}
