package nodyes.core.nod;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import nodyes.core.common.Said;

/**
 * What the owner set of a nod's {@link NodOption}s.
 *
 * @param values by the option's name; one that is missing is as usual
 */
public record NodOptions(Map<String, String> values) {
  /** All as usual. */
  public static final NodOptions USUAL = new NodOptions(Map.of());

  /** A type's values by their names: every page asks for this. */
  private static final ClassValue<Map<String, Enum<?>>> BY_NAME =
      new ClassValue<>() {
        @Override
        protected Map<String, Enum<?>> computeValue(Class<?> type) {
          return Arrays.stream(type.getEnumConstants())
              .map(value -> (Enum<?>) value)
              .collect(Collectors.toUnmodifiableMap(NodOption::named, value -> value));
        }
      };

  /** Keeps the values unchangeable, sorted by name. */
  public NodOptions {
    values = Collections.unmodifiableMap(new TreeMap<>(values));
  }

  /** What is wrong with them for a kind, by name; empty where nothing is. */
  public Map<String, Said> problems(NodKind kind) {
    var problems = new TreeMap<String, Said>();
    values.forEach(
        (name, text) -> {
          Optional<NodOption> option =
              kind.options().stream().filter(one -> one.name().equals(name)).findFirst();
          option
              .map(known -> known.form().problem(text))
              .orElse(Optional.of(Said.of("nods.noSuchSetting", "name", name)))
              .ifPresent(problem -> problems.put(name, problem));
        });
    return problems;
  }

  /** The value of an option. */
  public String text(NodOption option) {
    return values.getOrDefault(option.name(), option.usual());
  }

  /** Whether an option says yes. */
  public boolean isYes(NodOption option) {
    return NodOption.isYes(text(option));
  }

  /** The number that an option says. */
  public int whole(NodOption option) {
    return Integer.parseInt(text(option));
  }

  /**
   * The value of an option whose names are those of a type; throws {@link IllegalArgumentException}
   * where the type has none of that name.
   */
  public <E extends Enum<E>> E value(NodOption option, Class<E> type) {
    Enum<?> value = BY_NAME.get(type).get(text(option));
    if (value == null) {
      throw new IllegalArgumentException(option.name() + " is never " + text(option));
    }
    return type.cast(value);
  }

  /** The words of an option that lists some, parted by commas. */
  public List<String> list(NodOption option) {
    return Arrays.stream(text(option).split(",", -1))
        .map(String::strip)
        .filter(part -> !part.isEmpty())
        .toList();
  }

  /** The same with one value set. */
  public NodOptions with(NodOption option, String value) {
    var all = new TreeMap<>(values);
    all.put(option.name(), value);
    return new NodOptions(all);
  }
}
