package nodyes.server.people;

/** What a person may do; each may all that those before it may. */
public enum Role {
  /** Looks at everything and changes nothing. */
  READER,
  /** Sorts, publishes and answers reviews too. */
  DESK,
  /** Changes and publishes pages, products and delivery rules too. */
  EDITOR,
  /** People, keys and the shop's settings too. */
  OWNER;

  /** Whether it may what {@code least} may. */
  public boolean isAtLeast(Role least) {
    return compareTo(least) >= 0;
  }
}
