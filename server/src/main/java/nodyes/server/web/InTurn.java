package nodyes.server.web;

import java.time.Duration;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import org.springframework.stereotype.Component;

/** Reading of whole files from outside, one at a time: each may take much of the memory. */
@Component
public class InTurn {
  private static final Duration PATIENCE = Duration.ofSeconds(60);
  private static final Duration COME_BACK = Duration.ofSeconds(10);

  private final ReentrantLock turn = new ReentrantLock(true);
  private final Apart apart = new Apart("files", 1);

  /** Does it when nothing else of its kind is done; refuses with 429 after a minute of waiting. */
  public <T, E extends Exception> T run(Apart.Work<T, E> work) throws E {
    try {
      if (!turn.tryLock(PATIENCE.toMillis(), TimeUnit.MILLISECONDS)) {
        throw busy();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw busy();
    }
    try {
      return apart.run(work);
    } finally {
      turn.unlock();
    }
  }

  private static Refusal busy() {
    return Refusal.busy(
        "Another file is being read just now. Send this one again in a moment; nothing of it was"
            + " taken.",
        COME_BACK);
  }
}
