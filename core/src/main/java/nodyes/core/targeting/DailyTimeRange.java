package nodyes.core.targeting;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * A window of wall time on weekdays, read in a zone. It is open where the wall clock shows a time
 * in it; so in the hour that autumn repeats it can open twice, and one that lies in the hour that
 * spring leaves out does not open.
 */
record DailyTimeRange(LocalTime from, LocalTime to, Set<DayOfWeek> days, ZoneId zone) {
  /** A week and the days around it: within it every weekday's window opens or closes. */
  private static final int HORIZON_DAYS = 9;

  boolean isOpen(Instant moment) {
    LocalDateTime wall = LocalDateTime.ofInstant(moment, zone);
    LocalTime time = wall.toLocalTime();
    DayOfWeek today = wall.getDayOfWeek();
    if (from.isBefore(to)) {
      return days.contains(today) && !time.isBefore(from) && time.isBefore(to);
    }
    return (days.contains(today) && !time.isBefore(from))
        || (days.contains(today.minus(1)) && time.isBefore(to));
  }

  /** The first instant after {@code moment} at which it opens or closes; empty if it never does. */
  Optional<Instant> nextChange(Instant moment) {
    boolean open = isOpen(moment);
    var edges = new TreeSet<Instant>();
    LocalDate today = LocalDate.ofInstant(moment, zone);
    addClockChanges(edges, moment, start(today.plusDays(HORIZON_DAYS)));
    Instant seen = moment;
    for (int i = -1; i <= HORIZON_DAYS; i++) {
      LocalDate day = today.plusDays(i);
      addWallTime(edges, day.atTime(from));
      addWallTime(edges, day.atTime(to));
      addWallTime(edges, day.atStartOfDay());
      // no edge of a later day comes before the start of this one
      Instant known = start(day);
      if (known.isAfter(seen)) {
        for (Instant edge : edges.subSet(seen, false, known, true)) {
          if (isOpen(edge) != open) {
            return Optional.of(edge);
          }
        }
        seen = known;
      }
    }
    return edges.tailSet(seen, false).stream().filter(edge -> isOpen(edge) != open).findFirst();
  }

  private Instant start(LocalDate day) {
    return day.atStartOfDay(zone).toInstant();
  }

  /**
   * A wall time is no instant in a gap (then the clock change is the edge) and two in an overlap.
   */
  private void addWallTime(Set<Instant> edges, LocalDateTime wall) {
    for (var offset : zone.getRules().getValidOffsets(wall)) {
      edges.add(wall.toInstant(offset));
    }
  }

  private void addClockChanges(Set<Instant> edges, Instant after, Instant horizon) {
    var change = zone.getRules().nextTransition(after);
    while (change != null && change.getInstant().isBefore(horizon)) {
      edges.add(change.getInstant());
      change = zone.getRules().nextTransition(change.getInstant());
    }
  }
}
