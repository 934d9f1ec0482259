package nodyes.core.nod;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What the owner set of a nod's {@link NodOption}s.
 *
 * @param values by the option's name; one that is missing is as usual
 */
public record NodOptions(Map<String, String> values) {
  /** All as usual. */
  public static final NodOptions USUAL = new NodOptions(Map.of());

  /** Keeps the values unchangeable, sorted by name. */
  public NodOptions {
    values = Collections.unmodifiableMap(new TreeMap<>(values));
  }

  /** What is wrong with them for a kind, by name; empty where nothing is. */
  public Map<String, String> problems(NodKind kind) {
    var problems = new TreeMap<String, String>();
    values.forEach(
        (name, text) -> {
          Optional<NodOption> option =
              kind.options().stream().filter(one -> one.name().equals(name)).findFirst();
          option
              .map(known -> known.form().problem(text))
              .orElse(Optional.of("is nothing that this nod has"))
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

  /** The value of an option whose names are those of a type. */
  public <E extends Enum<E>> E value(NodOption option, Class<E> type) {
    return Enum.valueOf(type, text(option).toUpperCase(Locale.ROOT).replace('-', '_'));
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
