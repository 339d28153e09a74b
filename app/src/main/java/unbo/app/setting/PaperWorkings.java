package unbo.app.setting;

import java.util.List;
import unbo.app.job.Form;
import unbo.app.job.Workpiece;
import unbo.app.web.Figures;
import unbo.app.working.WorkingView;
import unbo.core.setting.NutSetting;

/** The workings of a dialled setting that paper carries: as found, one hole, and the result. */
final class PaperWorkings {

  private PaperWorkings() {}

  static List<WorkingView> dialled(Workpiece piece, Figures figures) {
    SetInput input = SetInput.of(SetForm.of(piece, Form.none(), figures));
    SetFigures shown =
        new SetFigures(
            piece,
            input,
            input.window().map(w -> w.window()).orElse(NutSetting.DEFAULT_WINDOW_MM),
            figures);
    if (input.measured(Stage.FIRST).isPresent()) {
      shown.play();
    }
    if (input.thread().isPresent() && input.lock().isPresent()) {
      shown.step();
    }
    if (input.measured(Stage.PINNED).isPresent()) {
      shown.result("");
    }
    return shown.all();
  }
}
