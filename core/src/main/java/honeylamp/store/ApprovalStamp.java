package honeylamp.store;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Point;
import honeylamp.plan.Review.Approval;
import honeylamp.plan.Role;
import honeylamp.sheet.ComposedPage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

/** Says at the foot of a page who agreed to it, as long as it is what they agreed to. */
final class ApprovalStamp {
    private static final double CAPITAL_MM = 1.5;
    private static final double LEAST_EDGE_MM = 6;

    private ApprovalStamp() {}

    /** The approvals that hold: all that is drawn is the same as then. */
    static List<Approval> holding(LaidPage page, ComposedPage drawn) {
        var given = page.plan().drawn().review().approvals().stream()
                .filter(a -> a.page().equals(page.page().id()))
                .toList();
        if (given.isEmpty()) {
            return given;
        }
        try {
            var now = ClientPage.digest(page, drawn);
            return given.stream().filter(a -> a.digest().equals(now)).toList();
        } catch (IOException e) {
            throw new UncheckedIOException("nothing is written anywhere", e);
        }
    }

    /** In the lower margin, one beside the other. */
    static Layer layer(LaidPage page, List<Approval> holding) {
        var sheet = page.page().sheet();
        var edge = Math.max(LEAST_EDGE_MM, sheet.margins().othersMm());
        var ink = Ink.of(page.look().palette().of(Role.INK).argb());
        var marks = new ArrayList<Mark>();
        var words = new ArrayList<String>();
        for (var approval : holding) {
            words.add("Approved" + (approval.by().isBlank() ? "" : " by " + approval.by())
                    + (approval.on().isBlank() ? "" : " on " + approval.on()));
        }
        marks.add(new Mark.Text(
                String.join("   ", words),
                new Point(sheet.widthMm() - edge, sheet.heightMm() - edge / 2 + CAPITAL_MM / 2),
                CAPITAL_MM,
                Typeface.MEDIUM,
                0,
                Align.RIGHT,
                0,
                ink));
        return Layer.of(LayerKind.SHEET, marks);
    }
}
