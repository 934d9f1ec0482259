package nodyes.server.web;

import static nodyes.server.messages.Texts.text;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Has heavy work done some at a time, {@link Apart}; some more wait for their turn for a while, and
 * all others are asked to come back (429).
 */
public final class InTurn {
  private static final Duration COME_BACK = Duration.ofSeconds(5);

  private final Semaphore turns;
  private final AtomicInteger waiting = new AtomicInteger();
  private final Apart apart;
  private final int most;
  private final Duration patience;
  private final String busy;

  /**
   * Turns of a kind of work.
   *
   * @param name of its threads
   * @param atOnce so many are done at a time
   * @param most so many wait
   * @param patience for so long
   * @param busy the key of what the others are told
   */
  public InTurn(String name, int atOnce, int most, Duration patience, String busy) {
    this.turns = new Semaphore(atOnce, true);
    this.apart = new Apart(name, atOnce);
    this.most = most;
    this.patience = patience;
    this.busy = busy;
  }

  /** Does it in its turn; refuses where too many wait, or it waited for too long. */
  public <T, E extends Exception> T run(Apart.Work<T, E> work) throws E {
    if (waiting.incrementAndGet() > most) {
      waiting.decrementAndGet();
      throw ApiProblem.busy(text(busy), COME_BACK);
    }
    try {
      if (!turns.tryAcquire(patience.toMillis(), TimeUnit.MILLISECONDS)) {
        throw ApiProblem.busy(text(busy), COME_BACK);
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw ApiProblem.busy(text(busy), COME_BACK);
    } finally {
      waiting.decrementAndGet();
    }
    return inTurn(work);
  }

  /** For what is ours to do: it waits for as long as it takes. */
  public <T, E extends Exception> T runInAnyCase(Apart.Work<T, E> work) throws E {
    turns.acquireUninterruptibly();
    return inTurn(work);
  }

  private <T, E extends Exception> T inTurn(Apart.Work<T, E> work) throws E {
    try {
      return apart.run(work);
    } finally {
      turns.release();
    }
  }
}
