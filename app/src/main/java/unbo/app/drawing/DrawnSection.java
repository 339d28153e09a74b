package unbo.app.drawing;

import java.util.List;
import unbo.app.working.WorkingView;
import unbo.core.arrangement.StackProblem;

/**
 * A section drawn for a page.
 *
 * @param bench the drawing beside a worksheet
 * @param phone the drawing for a narrow page
 * @param problems what cannot be, said at the part
 * @param workings how the written dimensions come about
 */
public record DrawnSection(
    SectionDrawing bench,
    SectionDrawing phone,
    List<StackProblem> problems,
    List<WorkingView> workings) {}
