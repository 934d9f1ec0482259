package nodyes.server.web;

import static nodyes.server.messages.Texts.text;

import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/**
 * Refuses a body that leaves out what it must have, and says what: a component of a record that is
 * neither nullable nor optional, as the OpenAPI document tells it.
 */
@RestControllerAdvice
class RequiredFieldsDeserializer extends RequestBodyAdviceAdapter {
  @Override
  public boolean supports(
      MethodParameter parameter, Type target, Class<? extends HttpMessageConverter<?>> converter) {
    return true;
  }

  @Override
  public Object afterBodyRead(
      Object body,
      HttpInputMessage message,
      MethodParameter parameter,
      Type target,
      Class<? extends HttpMessageConverter<?>> converter) {
    check(body);
    return body;
  }

  static void check(Object body) {
    var faults = new ArrayList<ApiProblem.FieldError>();
    look(body, "", faults);
    ApiProblem.ifAny(faults);
  }

  private static void look(
      @Nullable Object value, String path, List<ApiProblem.FieldError> faults) {
    if (value instanceof Record) {
      for (RecordComponent component : value.getClass().getRecordComponents()) {
        String name = OpenApiRequired.isFlat(component) ? path : named(path, component);
        Object part = read(component, value);
        if (part == null && !OpenApiRequired.mayBeMissing(component)) {
          faults.add(new ApiProblem.FieldError(name, text("problems.missing")));
        }
        look(part, name, faults);
      }
    } else if (value instanceof List<?> list) {
      for (int i = 0; i < list.size(); i++) {
        look(list.get(i), path + "[" + i + "]", faults);
      }
    }
  }

  private static String named(String path, RecordComponent component) {
    return path.isEmpty() ? component.getName() : path + "." + component.getName();
  }

  private static @Nullable Object read(RecordComponent component, Object record) {
    try {
      var accessor = component.getAccessor();
      accessor.setAccessible(true);
      return accessor.invoke(record);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }
}
