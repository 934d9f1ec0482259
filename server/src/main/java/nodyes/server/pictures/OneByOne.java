package nodyes.server.pictures;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import nodyes.server.web.Apart;
import nodyes.server.web.Refusal;

/** Has one thing done at a time; a few wait for their turn, more are asked to come back. */
final class OneByOne {
  private static final Duration COME_BACK = Duration.ofSeconds(5);

  private final Semaphore turn = new Semaphore(1, true);
  private final Apart apart = new Apart("pictures", 1);
  private final AtomicInteger waiting = new AtomicInteger();
  private final int most;
  private final Duration patience;

  OneByOne(int most, Duration patience) {
    this.most = most;
    this.patience = patience;
  }

  <T, E extends Exception> T run(Apart.Work<T, E> work) throws E {
    if (waiting.incrementAndGet() > most) {
      waiting.decrementAndGet();
      throw busy();
    }
    try {
      if (!turn.tryAcquire(patience.toMillis(), TimeUnit.MILLISECONDS)) {
        throw busy();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw busy();
    } finally {
      waiting.decrementAndGet();
    }
    return inTurn(work);
  }

  /** For what is ours to do: it waits for as long as it takes. */
  <T, E extends Exception> T runInAnyCase(Apart.Work<T, E> work) throws E {
    turn.acquireUninterruptibly();
    return inTurn(work);
  }

  private <T, E extends Exception> T inTurn(Apart.Work<T, E> work) throws E {
    try {
      return apart.run(work);
    } finally {
      turn.release();
    }
  }

  private static Refusal busy() {
    return Refusal.busy(
        "Other pictures are being read; send this one again in a moment.", COME_BACK);
  }
}
