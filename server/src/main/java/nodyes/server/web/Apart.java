package nodyes.server.web;

import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.springframework.context.i18n.LocaleContext;
import org.springframework.context.i18n.LocaleContextHolder;

/**
 * Work that takes a processor for long, on threads of its own. Requests run on virtual threads,
 * which share as many carriers as there are processors and are not taken off them: two such works
 * on them, and no page is answered until one is done.
 */
public final class Apart {
  private final ExecutorService threads;

  /** So many threads of that name. */
  public Apart(String name, int count) {
    this.threads =
        Executors.newFixedThreadPool(count, Thread.ofPlatform().daemon().name(name, 0).factory());
  }

  /** What is done apart. */
  @FunctionalInterface
  public interface Work<T, E extends Exception> {
    /** Does it. */
    T run() throws E;
  }

  /** Does it there; whoever asks waits without holding a processor. Failures come as they are. */
  @SuppressWarnings("unchecked") // a work fails as it says or unchecked
  public <T, E extends Exception> T run(Work<T, E> work) throws E {
    LocaleContext language = LocaleContextHolder.getLocaleContext();
    Future<T> done =
        threads.submit(
            () -> {
              LocaleContextHolder.setLocaleContext(language);
              return work.run();
            });
    boolean wasInterrupted = false;
    try {
      while (true) {
        try {
          return done.get();
        } catch (InterruptedException e) {
          // it goes on all the same: what it holds must not be given to another meanwhile
          wasInterrupted = true;
        } catch (ExecutionException e) {
          switch (e.getCause()) {
            case RuntimeException failure -> throw failure;
            case Error failure -> throw failure;
            case null, default -> throw (E) e.getCause();
          }
        }
      }
    } finally {
      if (wasInterrupted) {
        Thread.currentThread().interrupt();
      }
    }
  }
}
