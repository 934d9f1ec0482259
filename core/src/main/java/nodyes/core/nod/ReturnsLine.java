package nodyes.core.nod;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import nodyes.core.common.NodId;

/**
 * Until when what is ordered now can be sent back.
 *
 * @param id its id
 * @param placement where, for whom, on or off
 * @param options what it shows
 * @param dress what it says and how it looks
 */
public record ReturnsLine(NodId id, Placement placement, NodOptions options, Appearance dress)
    implements Nod {
  /** How the time is told. */
  public enum Tells {
    /** By the last day. */
    LAST_DAY,
    /** By the number of days from the arrival. */
    DAYS
  }

  static final NodOption TELLS = NodOption.oneOf("tells", Tells.values());

  /** What can be set of it. */
  static final List<NodOption> OPTIONS = List.of(TELLS);

  /** As usual, in our words and the brand kit's look. */
  public ReturnsLine(NodId id, Placement placement) {
    this(id, placement, NodOptions.USUAL, Appearance.DEFAULT);
  }

  @Override
  public NodKind kind() {
    return NodKind.RETURNS_LINE;
  }

  @Override
  public FactRequirements needs() {
    return FactRequirements.FIGURES;
  }

  @Override
  public ReturnsLine placed(Placement other) {
    return new ReturnsLine(id, other, options, dress);
  }

  @Override
  public ReturnsLine dressed(Appearance other) {
    return new ReturnsLine(id, placement, options, other);
  }

  @Override
  public ReturnsLine opted(NodOptions other) {
    return new ReturnsLine(id, placement, other, dress);
  }

  @Override
  public ReturnsLine copied(NodId other) {
    return new ReturnsLine(other, placement, options, dress);
  }

  /** How the time is told. */
  public Tells tells() {
    return options.value(TELLS, Tells.class);
  }

  /**
   * What is shown.
   *
   * @param lastDay the last day on which it can be sent back
   * @param days that the shop gives at least, from the day on which it arrives
   * @param tells how the time is told
   * @param isOrdered whether it is of what has been ordered
   */
  public record ReturnsLineContent(LocalDate lastDay, long days, Tells tells, boolean isOrdered)
      implements Content {
    @Override
    public Map<String, Map<String, Object>> values() {
      Map<String, Object> until = Map.of("day", lastDay);
      return Map.of("until", until, "ordered", until, "days", Map.of("n", days));
    }
  }
}
