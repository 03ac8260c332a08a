package roadbreeze.server.web;

import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import roadbreeze.server.demo.DemoWorld;
import tools.jackson.databind.json.JsonMapper;

/** The API document, with the worked case as the balance's example request. */
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
      api.getPaths()
          .get("/api/compute/balance")
          .getPost()
          .getRequestBody()
          .getContent()
          .get("application/json")
          .setExample(mapper.convertValue(DemoWorld.workedCase(), Map.class));
      api.getComponents().getSchemas().values().forEach(ApiDocument::requireAllButNullable);
    };
  }

  /** Records are sent whole: every property is there, though some may be null. */
  private static void requireAllButNullable(Schema<?> schema) {
    if (schema.getProperties() != null) {
      List<String> names = new ArrayList<>(schema.getProperties().keySet());
      schema.setRequired(names);
    }
  }
}
