package nodyes.server.shop;

/** Someone who may sign in. */
record Person(String email, String name, String passwordHash) {}
