package unbo.app.ring;

import java.util.List;
import java.util.Map;
import unbo.app.drawing.RacewayPicture;
import unbo.app.web.FieldProblems;
import unbo.core.damage.DamageClass;
import unbo.core.unroll.RingMark;

/**
 * What the page of a photograph shows beside it.
 *
 * @param mark the ring; null while none is marked
 * @param strip address of the strip
 * @param beyond what the picture does not have, in words; null when it has all
 * @param damage what is laid beside; null for nothing
 * @param drawn its picture, as many elements as the ring has
 * @param read bearings that the typed number reads as
 */
public record RingSheet(
    Map<String, String> fields,
    FieldProblems problems,
    RingMark mark,
    String strip,
    String beyond,
    DamageClass damage,
    RacewayPicture drawn,
    List<String> read) {

  public String typed(String field) {
    return fields.getOrDefault(field, field.equals("inner") ? "60" : "");
  }
}
