package unbo.app.job;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;

/** Records as documents: by their fields, since their methods say what follows, not what stands. */
final class Documents {

  static final ObjectMapper MAPPER =
      JsonMapper.builder()
          .addModule(new JavaTimeModule())
          .visibility(PropertyAccessor.ALL, Visibility.NONE)
          .visibility(PropertyAccessor.FIELD, Visibility.ANY)
          .visibility(PropertyAccessor.CREATOR, Visibility.ANY)
          // Of a map a null is kept: it says that there was nothing.
          .defaultPropertyInclusion(
              JsonInclude.Value.construct(JsonInclude.Include.NON_NULL, JsonInclude.Include.ALWAYS))
          .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
          .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
          .build();

  private Documents() {}

  static <T> T read(String document, Class<T> type) {
    try {
      return MAPPER.readValue(document, type);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }

  static String write(Object record) {
    try {
      return MAPPER.writeValueAsString(record);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }
}
