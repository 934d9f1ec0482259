package nodyes.core.common;

/** A value that cannot be what it was given for, with what a person is told of it. */
public final class Unfit extends IllegalArgumentException {
  private static final long serialVersionUID = 1;

  private final transient Said said;

  /** Says why. */
  public Unfit(Said said) {
    super(said.toString());
    this.said = said;
  }

  /** Says why by the name of a sentence and its values. */
  public Unfit(String key, Object... namesAndValues) {
    this(Said.of(key, namesAndValues));
  }

  /** What a person is told. */
  public Said said() {
    return said;
  }
}
