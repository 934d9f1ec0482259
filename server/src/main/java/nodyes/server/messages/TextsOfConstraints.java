package nodyes.server.messages;

import java.text.MessageFormat;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.context.support.AbstractMessageSource;
import org.springframework.stereotype.Component;

/** Lets a constraint on a value name its text by key: {@code message = "{people.enterCode}"}. */
@Component("messageSource")
class TextsOfConstraints extends AbstractMessageSource {
  @Override
  protected @Nullable MessageFormat resolveCode(String code, Locale locale) {
    String text = resolveCodeWithoutArguments(code, locale);
    return text == null ? null : new MessageFormat(text, locale);
  }

  @Override
  protected @Nullable String resolveCodeWithoutArguments(String code, Locale locale) {
    return Texts.pattern(Texts.locale(), code).isEmpty() ? null : Texts.text(code);
  }
}
