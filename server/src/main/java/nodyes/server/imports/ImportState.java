package nodyes.server.imports;

/** How far a brought file is. */
public enum ImportState {
  /** Looked at; nothing stored yet. */
  INSPECTED,
  /** Being read. */
  RUNNING,
  /** Read to its end. */
  DONE,
  /** Stopped; what was stored before stays. */
  FAILED,
  /** Called off while it was read; nothing of it was kept. */
  CANCELLED,
  /** All of it undone; what was left out of it is remembered. */
  UNDONE
}
