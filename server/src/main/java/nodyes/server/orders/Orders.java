package nodyes.server.orders;

import java.util.Collection;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;

/** The shop's orders. */
@Component
public class Orders {
  private final OrderStore store;

  Orders(OrderStore store) {
    this.store = store;
  }

  /** The products of each known order among those numbered, cancelled ones left out. */
  public Map<String, Set<Long>> products(Collection<String> numbers) {
    return numbers.isEmpty() ? Map.of() : store.products(numbers);
  }
}
