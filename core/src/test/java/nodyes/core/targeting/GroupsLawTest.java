package nodyes.core.targeting;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import nodyes.core.common.ValidUntil;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingSummary;
import org.testng.annotations.Test;

/** Laws of groups: what all and any mean, why, and until when. */
public class GroupsLawTest {
  private static final Instant NOW = Instant.parse("2026-11-26T12:00:00Z");
  private static final int TRIES = 2_000;
  private final Random random = new Random(47);
  private final EvaluationContext situation =
      new EvaluationContext(
          RatingSummary.of(List.of(Rating.ofStars(5), Rating.ofStars(4))),
          Set.of("planters"),
          Set.of("heavy"),
          Optional.empty(),
          Optional.of("PT"),
          Locale.ENGLISH,
          NOW,
          ZoneOffset.UTC,
          new Sellable.NothingKnown());

  /** Met or not by chance, some of them for a time only. */
  private Condition leaf() {
    Instant edge = NOW.plusSeconds(60L * (random.nextInt(120) - 60) + 1);
    return switch (random.nextInt(5)) {
      case 0 -> new Condition.ReviewsAtLeast(1 + random.nextInt(4));
      case 1 -> new Condition.HasTag(Set.of(random.nextBoolean() ? "heavy" : "light"));
      case 2 -> new Condition.CountryIn(Set.of(random.nextBoolean() ? "PT" : "DE"));
      case 3 -> new Condition.Between(Optional.of(edge), Optional.empty());
      default -> new Condition.Between(Optional.empty(), Optional.of(edge));
    };
  }

  private List<Condition> leaves() {
    var leaves = new ArrayList<Condition>();
    for (int i = random.nextInt(5); i > 0; i--) {
      leaves.add(leaf());
    }
    return leaves;
  }

  private ValidUntil earliest(List<Condition> parts) {
    return parts.stream()
        .map(part -> part.ask(situation).validUntil())
        .reduce(ValidUntil.NEVER_ENDS, ValidUntil.EARLIEST);
  }

  @Test
  public void allMeansEachAndAnyMeansOne() {
    for (int i = 0; i < TRIES; i++) {
      List<Condition> parts = leaves();
      List<Boolean> met = parts.stream().map(part -> part.ask(situation).met()).toList();
      ConditionResult all = new Condition.AllOf(parts).ask(situation);
      ConditionResult any = new Condition.AnyOf(parts).ask(situation);
      assertEquals(all.met(), !met.contains(false), parts.toString());
      assertEquals(any.met(), met.contains(true), parts.toString());
      assertEquals(all.validUntil(), earliest(parts));
      if (!parts.isEmpty()) {
        assertEquals(any.validUntil(), earliest(parts));
        assertEquals(any.findings(), all.findings(), "each part says its own");
      }
    }
  }

  @Test
  public void somethingIsMissingJustWhereItIsNotMet() {
    for (int i = 0; i < TRIES; i++) {
      List<Condition> outer = leaves();
      outer.add(
          random.nextBoolean() ? new Condition.AnyOf(leaves()) : new Condition.AllOf(leaves()));
      Collections.shuffle(outer, random);
      for (Condition group : List.of(new Condition.AllOf(outer), new Condition.AnyOf(outer))) {
        ConditionResult answer = group.ask(situation);
        assertEquals(answer.missing().isEmpty(), answer.met(), group.toString());
        assertTrue(answer.findings().containsAll(answer.missing()), group.toString());
        answer.missing().forEach(finding -> assertTrue(!finding.met(), finding.toString()));
      }
    }
  }

  @Test
  public void theOrderOfPartsDecidesNothing() {
    for (int i = 0; i < TRIES; i++) {
      List<Condition> parts = leaves();
      var turned = new ArrayList<>(parts);
      Collections.shuffle(turned, random);
      ConditionResult one = new Condition.AllOf(parts).ask(situation);
      ConditionResult other = new Condition.AllOf(turned).ask(situation);
      assertEquals(other.met(), one.met());
      assertEquals(other.validUntil(), one.validUntil());
      assertEquals(new HashSet<>(other.findings()), new HashSet<>(one.findings()));
    }
  }

  @Test
  public void oneByItselfIsAGroupOfOne() {
    for (int i = 0; i < TRIES; i++) {
      Condition part = leaf();
      ConditionResult alone = part.ask(situation);
      assertEquals(new Condition.AllOf(List.of(part)).ask(situation), alone);
      assertEquals(new Condition.AnyOf(List.of(part)).ask(situation), alone);
    }
  }

  @Test
  public void groupsNestOnceAndNotTwice() {
    Condition inner = new Condition.AnyOf(List.of(leaf()));
    Condition outer = new Condition.AllOf(List.of(inner, leaf()));
    assertEquals(inner.depth(), 1);
    assertEquals(outer.depth(), 2);
    assertThrows(IllegalArgumentException.class, () -> new Condition.AllOf(List.of(outer)));
  }

  /** The earliest end is one of a semilattice: whatever is put together in whatever order. */
  @Test
  public void endsArePutTogetherInAnyOrder() {
    var ends = new ArrayList<ValidUntil>();
    ends.add(ValidUntil.NEVER_ENDS);
    for (int i = 0; i < 6; i++) {
      ends.add(ValidUntil.before(NOW.plusSeconds(random.nextInt(5))));
    }
    for (ValidUntil a : ends) {
      assertEquals(a.and(a), a);
      assertEquals(a.and(ValidUntil.NEVER_ENDS), a);
      for (ValidUntil b : ends) {
        assertEquals(a.and(b), b.and(a));
        for (ValidUntil c : ends) {
          assertEquals(a.and(b).and(c), a.and(b.and(c)));
        }
      }
    }
  }
}
