package roadbreeze.server.web;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import jakarta.annotation.Nullable;
import java.lang.annotation.Annotation;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.util.ClassUtils;
import roadbreeze.server.demo.DemoWorld;
import roadbreeze.server.problem.Within;
import tools.jackson.databind.json.JsonMapper;

/** The API document, with the worked case and the check of a climb as examples of requests. */
@Configuration
class ApiDocument {
  @Bean
  OpenApiCustomizer workedCase(JsonMapper mapper) {
    return api -> {
      api.setInfo(
          new Info()
              .title("Road Breeze")
              .version("1")
              .description("Cooling of trucks that tow and work. Units stand in the field names."));
      example(api, "/api/compute/balance", mapper.convertValue(DemoWorld.workedCase(), Map.class));
      example(api, "/api/compute/haul", mapper.convertValue(DemoWorld.checkHaul(), Map.class));
      api.getComponents().getSchemas().values().forEach(ApiDocument::requireAll);
    };
  }

  private static void example(OpenAPI api, String path, Map<?, ?> request) {
    api.getPaths()
        .get(path)
        .getPost()
        .getRequestBody()
        .getContent()
        .get("application/json")
        .setExample(request);
  }

  /** Operations are named after their controller and method: {@code PartsController.shelf}. */
  @Bean
  OperationCustomizer operationNames() {
    return (operation, handler) -> {
      operation.setOperationId(
          handler.getBeanType().getSimpleName() + "." + handler.getMethod().getName());
      return operation;
    };
  }

  /** Records are sent whole: every property is there, though some may be null. */
  private static void requireAll(Schema<?> schema) {
    if (schema.getProperties() != null) {
      schema.setRequired(new ArrayList<>(schema.getProperties().keySet()));
    }
  }

  /** Boxed numbers may be null, and what is marked so. */
  @Bean
  PropertyCustomizer nullables() {
    return (property, type) -> {
      if (property.getItems() != null && property.getItems().getTypes() != null) {
        property.getItems().getTypes().remove("null"); // lists box what they hold
      }
      return mayBeNull(type) ? orNull(property) : property;
    };
  }

  /** A number says what it is: {@code "x-kind": "temperature"}, as the table of units spells it. */
  @Bean
  PropertyCustomizer kinds() {
    return (property, type) -> {
      if (type.getCtxAnnotations() != null) {
        for (Annotation annotation : type.getCtxAnnotations()) {
          if (annotation instanceof Within span) {
            property.addExtension("x-kind", span.kind().key());
          }
        }
      }
      return property;
    };
  }

  private static boolean mayBeNull(AnnotatedType type) {
    boolean marked =
        type.getCtxAnnotations() != null
            && Arrays.stream(type.getCtxAnnotations()).anyMatch(a -> a instanceof Nullable);
    boolean boxed =
        type.getType() instanceof JavaType java
            && ClassUtils.isPrimitiveWrapper(java.getRawClass());
    return marked || boxed;
  }

  private static Schema<?> orNull(Schema<?> property) {
    if (property.get$ref() == null) {
      property.addType("null");
      return property;
    }
    Schema<?> nothing = new Schema<>();
    nothing.addType("null");
    Schema<?> reference = new Schema<>();
    reference.set$ref(property.get$ref());
    Schema<?> either = new Schema<>();
    either.addOneOfItem(reference);
    either.addOneOfItem(nothing);
    return either;
  }
}
