package roadbreeze.server.gate;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.Type;
import java.util.ArrayDeque;
import java.util.Deque;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import roadbreeze.server.message.FieldLabel;
import roadbreeze.server.problem.Refusal;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.json.JsonMapper;

/**
 * Looks a JSON body through before anything is made of it: a list longer than any field may be is
 * refused there, since looking at each of its rows would cost seconds, and so is text that no
 * keyboard writes and no database keeps.
 */
@ControllerAdvice
@ConditionalOnWebApplication
class BodyLook extends RequestBodyAdviceAdapter {
  /** The longest list or map of any field. */
  private static final int LONGEST = 200;

  private final JsonMapper json;

  BodyLook(JsonMapper json) {
    this.json = json;
  }

  @Override
  public boolean supports(
      MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
    return true;
  }

  @Override
  public HttpInputMessage beforeBodyRead(
      HttpInputMessage message,
      MethodParameter parameter,
      Type type,
      Class<? extends HttpMessageConverter<?>> converter)
      throws IOException {
    MediaType kind = message.getHeaders().getContentType();
    if (kind == null || !kind.isCompatibleWith(MediaType.APPLICATION_JSON)) {
      return message;
    }
    byte[] body = message.getBody().readAllBytes();
    look(body);
    return new HttpInputMessage() {
      @Override
      public InputStream getBody() {
        return new ByteArrayInputStream(body);
      }

      @Override
      public HttpHeaders getHeaders() {
        return message.getHeaders();
      }
    };
  }

  /**
   * @throws roadbreeze.server.problem.RefusedRequestException if a list is too long, or a text
   *     holds control characters or halves of characters
   */
  private void look(byte[] body) {
    Deque<Holder> open = new ArrayDeque<>();
    String name = "body";
    try (JsonParser tokens = json.createParser(body)) {
      for (JsonToken token = tokens.nextToken(); token != null; token = tokens.nextToken()) {
        if (token == JsonToken.PROPERTY_NAME) {
          name = tokens.currentName();
          refuseSigns(name, "body");
        } else if (token.isStructEnd()) {
          open.pop();
        } else {
          if (!open.isEmpty() && ++open.peek().held > LONGEST) {
            throw Refusal.TOO_MANY.refuse(FieldLabel.of(open.peek().name), 0, LONGEST);
          }
          if (token == JsonToken.VALUE_STRING) {
            refuseSigns(tokens.getString(), name);
          }
          if (token.isStructStart()) {
            open.push(new Holder(name));
          }
        }
      }
    } catch (JacksonException e) {
      return; // what is no JSON is told by who reads it in earnest
    }
  }

  private static void refuseSigns(String text, String field) {
    boolean strange =
        text.codePoints()
            .anyMatch(
                c ->
                    Character.getType(c) == Character.SURROGATE
                        || Character.isISOControl(c) && c != '\n' && c != '\r' && c != '\t');
    if (strange) {
      throw Refusal.STRANGE_SIGNS.refuse(FieldLabel.of(field));
    }
  }

  /** A list or an object that is not at its end yet. */
  private static final class Holder {
    private final String name;
    private int held;

    Holder(String name) {
      this.name = name;
    }
  }
}
