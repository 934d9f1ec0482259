package nodyes.core.delivery;

import java.util.Optional;

/**
 * An answer with all that went into it.
 *
 * @param delivery the answer
 * @param timings the rule that each term is taken from
 * @param shop the days on which the shop sends, where that is told
 * @param carrier the days on which the carrier delivers there
 * @param handling working days until it leaves
 * @param transit delivery days on the way, with what it takes longer; empty without a promise
 * @param way the line of the country, where it has one
 */
public record EstimateExplanation(
    DeliveryEstimate delivery,
    ResolvedTerms timings,
    Optional<BusinessCalendar> shop,
    BusinessCalendar carrier,
    Optional<DayRange> handling,
    Optional<DayRange> transit,
    Optional<Destination> way) {}
