package nodyes.server.people;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.impl.AbstractConverter;
import org.jspecify.annotations.Nullable;

/** What a key is for, kept as names with a space between them. */
public final class Scopes extends AbstractConverter<String, Set<Scope>> {
  private static final long serialVersionUID = 1;

  /** As jOOQ makes it. */
  @SuppressWarnings("unchecked") // a class has no type parameters
  public Scopes() {
    super(String.class, (Class<Set<Scope>>) (Class<?>) Set.class);
  }

  @Override
  public @Nullable Set<Scope> from(@Nullable String stored) {
    return stored == null
        ? null
        : Arrays.stream(stored.split(" "))
            .map(Scope::valueOf)
            .collect(Collectors.toCollection(() -> EnumSet.noneOf(Scope.class)));
  }

  @Override
  public @Nullable String to(@Nullable Set<Scope> scopes) {
    return scopes == null
        ? null
        : scopes.stream().sorted().map(Scope::name).collect(Collectors.joining(" "));
  }
}
