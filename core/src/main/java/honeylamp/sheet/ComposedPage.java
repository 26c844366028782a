package honeylamp.sheet;

import honeylamp.drawing.Drawing;
import honeylamp.illustrate.paper.PaperFrame;

/**
 * One composed page.
 *
 * @param widthMm width in paper mm
 * @param heightMm height in paper mm
 * @param frame where the plan lies on it, in the view worked on or the first one
 * @param title the document's title
 * @param author who drew it; empty if it is not said
 */
public record ComposedPage(
        double widthMm, double heightMm, PaperFrame frame, String title, String author, Drawing drawing) {}
