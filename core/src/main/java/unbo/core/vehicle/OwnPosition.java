package unbo.core.vehicle;

import unbo.core.arrangement.Arrangements;

/**
 * A bearing position that a mechanic added to one vehicle and named himself, because no kind or
 * build of vehicle has it.
 *
 * @param code the word in addresses and records, such as {@code own-2}; unique on its vehicle
 * @param title what the mechanic calls it, 1 to 60 characters
 * @param arrangement what sits there: an arrangement's id, with its options where it has some
 * @param along where it is drawn: share of the vehicle's length behind its front, 0 to 1
 * @param across share of half its width right of the middle, −1 to 1
 */
public record OwnPosition(
    String code, String title, String arrangement, double along, double across) {

  /** Characters. */
  public static final int LONGEST_TITLE = 60;

  public OwnPosition {
    if (!code.matches("own-\\d{1,4}")
        || title.isBlank()
        || title.length() > LONGEST_TITLE
        || !(along >= 0 && along <= 1)
        || !(across >= -1 && across <= 1)
        || Arrangements.standard().find(arrangement).isEmpty()) {
      throw new IllegalArgumentException("No such position: " + code + " " + arrangement);
    }
  }
}
