package nodyes.server.nods;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import nodyes.core.targeting.Condition;
import nodyes.core.targeting.ProductCondition;
import nodyes.server.web.ApiProblem;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.ObjectMapper;

/** Conditions as the back office writes them, and what is wrong with some. */
public class ConditionMapperTest {
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
  private static final CurrencyUnit EURO = CurrencyUnit.EUR;
  private final ObjectMapper json = new ObjectMapper();
  private final Random random = new Random(29);

  /** Whatever is set comes back from what the back office is told, also by way of JSON. */
  @Test
  public void everyConditionComesBackAsItWas() {
    for (int i = 0; i < 3_000; i++) {
      Condition condition = any(0);
      ConditionDto rule = ConditionMapper.of(condition, LISBON);
      assertEquals(ConditionMapper.condition(rule, LISBON, EURO), condition);
      ConditionDto sent = json.readValue(json.writeValueAsString(rule), ConditionDto.class);
      assertEquals(ConditionMapper.condition(sent, LISBON, EURO), condition);
    }
  }

  private Condition any(int depth) {
    return switch (random.nextInt(depth < 2 ? 19 : 17)) {
      case 0 -> new Condition.ReviewsAtLeast(1 + random.nextInt(500));
      case 1 ->
          new Condition.RatingAtLeast(
              BigDecimal.valueOf(10 + random.nextInt(41), 1), 1 + random.nextInt(50));
      case 2 -> new Condition.InCategory(names());
      case 3 -> new Condition.HasTag(names());
      case 4 -> new Condition.CountryIn(Set.of("PT", "DE"));
      case 5 -> new Condition.LanguageIn(Set.of("en"));
      case 6 -> {
        long least = random.nextInt(5_000);
        yield new Condition.PriceBetween(
            random.nextBoolean() ? Optional.of(euros(least)) : Optional.empty(),
            Optional.of(euros(least + random.nextInt(5_000))));
      }
      case 7 -> {
        Instant from = winter(random.nextInt(40));
        yield new Condition.Between(Optional.of(from), Optional.of(from.plusSeconds(90_000)));
      }
      case 8 -> new Condition.Between(Optional.empty(), Optional.of(winter(3)));
      case 9 ->
          new Condition.Daily(
              LocalTime.of(random.nextInt(24), random.nextInt(60)),
              LocalTime.of(random.nextInt(24), random.nextInt(60)),
              EnumSet.of(DayOfWeek.of(1 + random.nextInt(7)), DayOfWeek.SUNDAY));
      case 10 -> new ProductCondition.ProductIn(names());
      case 11 -> new ProductCondition.BrandIn(names());
      case 12 -> new ProductCondition.HasPicture();
      case 13 -> new ProductCondition.PercentOffBetween(Optional.of(5), Optional.empty());
      case 14 ->
          new ProductCondition.StockBetween(
              Optional.empty(), Optional.of((long) random.nextInt(100)));
      case 15 -> new ProductCondition.SoldAtLeast(1 + random.nextInt(50), 1 + random.nextInt(365));
      case 16 ->
          new ProductCondition.RankAtMost(
              1 + random.nextInt(20), 1 + random.nextInt(365), random.nextBoolean());
      case 17 -> new Condition.AllOf(some(depth));
      default -> new Condition.AnyOf(some(depth));
    };
  }

  private List<Condition> some(int depth) {
    return IntStream.range(0, random.nextInt(4)).mapToObj(_ -> any(depth + 1)).toList();
  }

  private Set<String> names() {
    return Set.of("name-" + random.nextInt(5), "other");
  }

  private static Money euros(long cents) {
    return Money.ofMinor(EURO, cents);
  }

  /** In winter no clock changes in Lisbon. */
  private static Instant winter(int hours) {
    return LocalDateTime.of(2026, 12, 1, 9, 30).plusHours(hours).atZone(LISBON).toInstant();
  }

  @DataProvider
  public Object[][] wrong() {
    return new Object[][] {
      {"{'kind':'REVIEWS_AT_LEAST'}", "audience.count"},
      {"{'kind':'REVIEWS_AT_LEAST','count':0}", "audience.count"},
      {"{'kind':'RATING_AT_LEAST','count':3,'stars':5.1}", "audience.stars"},
      {"{'kind':'RATING_AT_LEAST','count':3,'stars':0.9}", "audience.stars"},
      {"{'kind':'IN_CATEGORY','names':[]}", "audience.names"},
      {"{'kind':'HAS_TAG'}", "audience.names"},
      {"{'kind':'PRICE_BETWEEN'}", "audience"},
      {"{'kind':'PRICE_BETWEEN','least':10,'most':9.99}", "audience.most"},
      {"{'kind':'PRICE_BETWEEN','least':1.999}", "audience.least"},
      {"{'kind':'PERCENT_OFF_BETWEEN','least':101}", "audience.least"},
      {"{'kind':'PERCENT_OFF_BETWEEN','least':20.5}", "audience.least"},
      {"{'kind':'PERCENT_OFF_BETWEEN','least':30,'most':20}", "audience.most"},
      {"{'kind':'STOCK_BETWEEN','most':-1}", "audience.most"},
      {"{'kind':'SOLD_AT_LEAST','count':3,'window':0}", "audience.window"},
      {"{'kind':'SOLD_AT_LEAST','count':3,'window':366}", "audience.window"},
      {"{'kind':'RANK_AT_MOST','window':30}", "audience.count"},
      {"{'kind':'BETWEEN'}", "audience.from"},
      {"{'kind':'BETWEEN','from':'26.11.2026'}", "audience.from"},
      {"{'kind':'BETWEEN','from':'2026-11-26T10:00','to':'2026-11-26T10:00'}", "audience.to"},
      {"{'kind':'DAILY','from':'08:00','to':'25:00','days':['MONDAY']}", "audience.to"},
      {"{'kind':'DAILY','from':'08:00','to':'09:00','days':[]}", "audience.days"},
      {"{'kind':'ALL_OF','parts':[{'kind':'HAS_PICTURE'},{'kind':'HAS_TAG'}]}", "audience.2.names"},
      {
        "{'kind':'ALL_OF','parts':[{'kind':'ANY_OF','parts':[{'kind':'ALL_OF','parts':[]}]}]}",
        "audience.1.1"
      },
    };
  }

  @Test(dataProvider = "wrong")
  public void whatIsWrongIsNamedByItsPlace(String rule, String field) {
    ConditionDto read = json.readValue(rule.replace('\'', '"'), ConditionDto.class);
    ApiProblem refusal =
        expectThrows(ApiProblem.class, () -> ConditionMapper.condition(read, LISBON, EURO));
    assertTrue(
        refusal.faults().stream().anyMatch(fault -> fault.field().equals(field)),
        refusal.faults() + " name " + field);
    refusal.faults().forEach(fault -> assertTrue(fault.reason().length() > 8, fault.reason()));
  }

  /** Whatever was missing was called a value. */
  @Test
  public void whatIsToBeChosenIsCalledByItsName() {
    ConditionDto read =
        json.readValue("{\"kind\":\"IN_CATEGORY\",\"names\":[]}", ConditionDto.class);
    ApiProblem refusal =
        expectThrows(ApiProblem.class, () -> ConditionMapper.condition(read, LISBON, EURO));
    assertEquals(refusal.faults().getFirst().reason(), "Choose a category.");
  }

  @Test
  public void allThatIsWrongIsNamedAtOnce() {
    ConditionDto read =
        json.readValue(
            "{\"kind\":\"ALL_OF\",\"parts\":[{\"kind\":\"HAS_TAG\"},{\"kind\":\"BETWEEN\"},"
                + "{\"kind\":\"DAILY\",\"from\":\"x\",\"to\":\"y\",\"days\":[]}]}",
            ConditionDto.class);
    ApiProblem refusal =
        expectThrows(ApiProblem.class, () -> ConditionMapper.condition(read, LISBON, EURO));
    assertEquals(refusal.faults().size(), 5, refusal.faults().toString());
  }
}
