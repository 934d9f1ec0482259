package nodyes.server.bringin;

/** How far a brought file is. */
public enum BatchState {
  /** Looked at; nothing stored yet. */
  LOOKED,
  /** Being read. */
  READING,
  /** Read to its end. */
  READ,
  /** Stopped; what was stored before stays. */
  FAILED
}
