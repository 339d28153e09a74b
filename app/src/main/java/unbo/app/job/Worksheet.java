package unbo.app.job;

import org.springframework.ui.Model;
import unbo.core.arrangement.HubPart;

/** The sheet of one station beside the drawing. A station's module supplies one. */
public interface Worksheet {

  Station station();

  /**
   * Puts what the sheet's template needs into the model, from the record; a controller that answers
   * a form has put its own there before, and then nothing is to be done.
   */
  void fill(Model model, Job job, HubPart selected);
}
