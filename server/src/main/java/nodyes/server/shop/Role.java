package nodyes.server.shop;

/** What a caller may do. */
enum Role {
  /** A person who signed in. */
  OWNER,
  /** A program with a key: all but people and keys. */
  MACHINE
}
