package nodyes.server.trail;

import java.util.Optional;

/** Which lines: of whom, of which place, with which words. */
record TrailQuery(Optional<String> who, Optional<String> place, Optional<String> words) {}
