package unbo.app.vehicle;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.List;
import unbo.core.vehicle.OwnPosition;

/** A vehicle's own positions as one column: they are read and written with it alone. */
@Converter
class OwnPositionsColumn implements AttributeConverter<List<OwnPosition>, String> {

  private static final ObjectMapper JSON = new ObjectMapper();

  @Override
  public String convertToDatabaseColumn(List<OwnPosition> positions) {
    try {
      return JSON.writeValueAsString(positions);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }

  @Override
  public List<OwnPosition> convertToEntityAttribute(String column) {
    try {
      return JSON.readValue(column, new TypeReference<List<OwnPosition>>() {});
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("Own positions cannot be read: " + column, e);
    }
  }
}
