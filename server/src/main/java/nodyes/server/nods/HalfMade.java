package nodyes.server.nods;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import nodyes.server.web.ApiProblem.FieldError;

/**
 * Settings of which some parts cannot be taken yet, as they were typed; these apply nowhere.
 *
 * @param faults what they lack
 */
record HalfMade(NodSettingsView.Settings set, List<FieldError> faults) {
  HalfMade {
    faults = List.copyOf(faults);
  }

  /** The parts of the settings in which something is wrong. */
  Set<String> parts() {
    return faults.stream()
        .map(fault -> fault.field().replaceFirst("\\..*", ""))
        .collect(Collectors.toUnmodifiableSet());
  }

  /** What is missing, in words. */
  String words() {
    return faults.stream().map(FieldError::reason).distinct().collect(Collectors.joining(" "));
  }
}
