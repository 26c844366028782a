package honeylamp.sheet;

import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Revision;
import honeylamp.plan.TextRole;
import java.util.List;

/** What was changed since a plan was first sent: the latest first, each with its mark, its date, and what it was. */
final class RevisionList {
    private static final double MARK_MM = 7;

    private RevisionList() {}

    static RowList of(List<Revision> revisions) {
        return RowList.ofPairs(
                Listing.REVISIONS,
                "Revisions",
                revisions.reversed().stream()
                        .<RowList.Row>map(r -> (rows, column, y) -> draw(r, rows, column, y))
                        .toList());
    }

    private static void draw(Revision revision, ListRows rows, Box column, double y) {
        var pen = rows.pen();
        var left = column.minX() + MARK_MM;
        pen.fitted(revision.mark(), column.minX(), y, TextRole.BODY, Typeface.SEMIBOLD, MARK_MM - 1);
        pen.quietlyFitted(revision.date(), left, y, TextRole.BODY, Typeface.REGULAR, column.maxX() - left);
        pen.fitted(
                revision.words(),
                left,
                y + RowList.SECOND_LINE_MM,
                TextRole.BODY,
                Typeface.REGULAR,
                column.maxX() - left);
    }
}
