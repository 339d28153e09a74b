package unbo.app.job;

import unbo.app.drawing.BearingDrawing;

/**
 * A drawing that a station brings to the job sheet.
 *
 * @param title what it shows
 * @param says a sentence on it; may be empty
 */
public record PaperPicture(String title, BearingDrawing drawing, String says) {}
