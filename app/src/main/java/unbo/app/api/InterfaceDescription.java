package unbo.app.api;

import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What the OpenAPI document says beyond the controllers: title, and how refusals look. */
@Configuration(proxyBeanMethods = false)
class InterfaceDescription {

  private static final Map<String, String> REFUSALS =
      Map.of(
          "400", "cannot be parsed",
          "401", "no token, where one is asked for",
          "422", "impossible or refused");

  /** The shape of every refusal (RFC 9457). */
  record ProblemAnswer(
      String type,
      String title,
      int status,
      String detail,
      String instance,
      String code,
      List<Refusal.FieldProblem> problems) {}

  @Bean
  OpenAPI description() {
    return new OpenAPI()
        .info(
            new Info()
                .title("Unbo")
                .version("v1")
                .description(
                    "The bearing bench’s answers as JSON. Names carry their units; null is not"
                        + " known; uncertainties are 95 %."));
  }

  @Bean
  OpenApiCustomizer refusals() {
    return api -> {
      ModelConverters.getInstance(true)
          .readAll(ProblemAnswer.class)
          .forEach((name, schema) -> api.getComponents().addSchemas(name, schema));
      api.getPaths()
          .values()
          .forEach(
              path ->
                  path.readOperations()
                      .forEach(
                          operation ->
                              REFUSALS.forEach(
                                  (status, words) ->
                                      operation
                                          .getResponses()
                                          .addApiResponse(status, refusal(words)))));
    };
  }

  private static ApiResponse refusal(String words) {
    Schema<?> schema = new Schema<>().$ref("#/components/schemas/ProblemAnswer");
    return new ApiResponse()
        .description(words)
        .content(
            new Content().addMediaType("application/problem+json", new MediaType().schema(schema)));
  }
}
