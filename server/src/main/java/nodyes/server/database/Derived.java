package nodyes.server.database;

import java.util.Optional;
import java.util.Set;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Something that is made of stored things and kept until one of them changes. Nobody tells it: it
 * compares the revision that it was made at.
 */
public final class Derived<T> {
  private final Database database;
  private final Set<Topic> topics;
  private final Function<Optional<Made<T>>, T> making;
  private final Lock lock = new ReentrantLock();
  private volatile @Nullable Made<T> kept;

  /** What was made, and the revision before which nothing of it was read. */
  public record Made<T>(T value, long at) {}

  Derived(Database database, Set<Topic> topics, Function<Optional<Made<T>>, T> making) {
    this.database = database;
    this.topics = topics;
    this.making = making;
  }

  /** As it is now; within a transaction that changes what it is made of, as that sees it. */
  public T get() {
    if (database.isChanging(topics)) {
      return making.apply(Optional.empty());
    }
    Made<T> made = kept;
    return made != null && isCurrent(made) ? made.value() : remade();
  }

  private boolean isCurrent(Made<T> made) {
    return database.revisions().isUnchanged(made.at(), topics);
  }

  /** Made once, however many ask for it. */
  private T remade() {
    lock.lock();
    try {
      Made<T> before = kept;
      if (before != null && isCurrent(before)) {
        return before.value();
      }
      long at = database.revisions().now();
      var made = new Made<>(making.apply(Optional.ofNullable(before)), at);
      kept = made;
      return made.value();
    } finally {
      lock.unlock();
    }
  }

  /** What it is made of. */
  Set<Topic> topics() {
    return topics;
  }

  /** Makes it as if nothing was kept, and keeps nothing. */
  T fromNothing() {
    return making.apply(Optional.empty());
  }
}
