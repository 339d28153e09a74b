package unbo.app.job;

import org.springframework.ui.Model;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.PartTemplate;

/** The sheet of one station beside the drawing. A station's module supplies one. */
public interface Worksheet {

  Station station();

  /** Whether it can work on an arrangement; elsewhere the station takes a dated note. */
  default boolean serves(Arrangement arrangement) {
    return true;
  }

  /**
   * Puts what the sheet's template needs into the model, from the record; a controller that answers
   * a form has put its own there before, and then nothing is to be done.
   */
  void fill(Model model, Job job, PartTemplate selected);
}
