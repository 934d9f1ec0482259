package nodyes.server.visitors;

import java.time.Instant;
import nodyes.core.visitors.TimeWindow;

/**
 * A number that shoppers were shown.
 *
 * @param hour in which they were
 * @param product its slug
 * @param title what the shop calls it
 * @param window the time that was looked back on
 * @param number as it was shown
 * @param counted the least that was counted when it was shown
 * @param times how often it was shown
 */
public record ShownVisitorCount(
    Instant hour,
    String product,
    String title,
    TimeWindow window,
    long number,
    long counted,
    long times) {}
