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
  FAILED,
  /** Called off while it was read; nothing of it was kept. */
  CANCELLED,
  /** All of it taken back; what was left out of it is remembered. */
  TAKEN_BACK
}
