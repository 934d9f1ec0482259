package nodyes.server.web;

import static nodyes.server.messages.Texts.text;

import java.math.BigDecimal;
import nodyes.core.common.Decimals;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** Numbers of bodies are as large as an amount can be; a larger one is refused where it stands. */
@Configuration
class BoundedNumbers {
  @Bean
  JacksonModule boundedNumbersModule() {
    return new SimpleModule("bounded numbers").addDeserializer(BigDecimal.class, new Reader());
  }

  private static final class Reader extends StdScalarDeserializer<BigDecimal> {
    Reader() {
      super(BigDecimal.class);
    }

    @Override
    public BigDecimal deserialize(JsonParser parser, DeserializationContext context) {
      try {
        return Decimals.bounded(parser.getDecimalValue());
      } catch (NumberFormatException e) {
        return (BigDecimal)
            context.handleWeirdNumberValue(
                BigDecimal.class, parser.getNumberValue(), text("problems.numberTooLarge"));
      }
    }
  }
}
