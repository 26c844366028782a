package honeylamp.illustrate;

import honeylamp.catalogue.Oklch;
import honeylamp.catalogue.Palette;
import honeylamp.derive.OpeningCut;
import honeylamp.drawing.Ink;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Path;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import java.util.ArrayList;
import java.util.List;

/** Draws doors, windows and plain openings; frames and leaves keep their thickness at any width. */
final class OpeningArt {
    private static final double LEAF_MM = 40;
    private static final double LINING_MM = 35;
    private static final double FRAME_FACE_MM = 60;
    private static final double FRAME_DEPTH_MM = 70;
    private static final double PANE_MM = 18;
    private static final Oklch GLASS = new Oklch(0.93, 0.022, 225);
    private static final Oklch FRAME = new Oklch(0.97, 0.006, 85);

    private final PaperFrame frame;
    private final Pens pens;

    OpeningArt(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
    }

    List<Mark> marks(List<OpeningCut> cuts) {
        var out = new ArrayList<Mark>();
        for (var cut : cuts) {
            switch (cut.opening().kind()) {
                case DOOR ->
                    door(out, cut, cut.opening().hand(), cut.opening().width().mm(), true);
                case PAIR_DOOR -> {
                    var half = cut.opening().width().mm() / 2;
                    door(out, cut, Hand.FIRST, half, true);
                    door(out, cut, Hand.SECOND, half, false);
                }
                case WINDOW -> window(out, cut);
                case PLAIN -> {}
            }
        }
        return out;
    }

    /** The dashed edges of the wall above plain openings. */
    List<Mark> overhead(List<OpeningCut> cuts) {
        var path = Path.builder();
        for (var cut : cuts) {
            if (!cut.opening().kind().hasLeaf() && cut.opening().kind() == honeylamp.plan.Opening.Kind.PLAIN) {
                path.path(frame.paper(Path.line(cut.left().a(), cut.left().b())));
                path.path(frame.paper(Path.line(cut.right().a(), cut.right().b())));
            }
        }
        var lines = path.build();
        return lines.isEmpty() ? List.of() : List.of(new Mark.Stroke(lines, pens.overhead(), Pens.INK.at(0.7)));
    }

    private void door(List<Mark> out, OpeningCut cut, Hand hand, double width, boolean withLinings) {
        if (withLinings) {
            linings(out, cut);
        }
        var toLeft = cut.opening().swing() == Swing.LEFT;
        var face = toLeft ? cut.left() : cut.right();
        var outward = cut.unit().left().times(toLeft ? 1 : -1);
        var fromFirst = hand == Hand.FIRST;
        var across = cut.unit().times(fromFirst ? 1 : -1);
        var hinge = (fromFirst ? face.a() : face.b()).plus(across.times(LINING_MM));
        var leaf = width - LINING_MM - (width < cut.opening().width().mm() ? 0 : LINING_MM);
        var tip = hinge.plus(outward.times(leaf));
        var start = across.angleDeg();
        var end = outward.angleDeg();
        var sweep = ((end - start + 540) % 360) - 180;
        var arc = Path.builder().arc(hinge, leaf, start, sweep).build();
        out.add(new Mark.Stroke(frame.paper(arc), pens.swing(), Pens.swingInk()));
        var thick = across.times(LEAF_MM);
        fill(out, Ring.of(hinge, hinge.plus(thick), tip.plus(thick), tip));
    }

    private void linings(List<Mark> out, OpeningCut cut) {
        var u = cut.unit().times(LINING_MM);
        fill(
                out,
                Ring.of(
                        cut.right().a(),
                        cut.right().a().plus(u),
                        cut.left().a().plus(u),
                        cut.left().a()));
        fill(
                out,
                Ring.of(
                        cut.right().b().minus(u),
                        cut.right().b(),
                        cut.left().b(),
                        cut.left().b().minus(u)));
    }

    private void fill(List<Mark> out, Ring ring) {
        var path = frame.paper(Path.ring(ring));
        out.add(new Mark.Fill(path, Ink.of(FRAME.argb())));
        out.add(new Mark.Stroke(path, pens.leaf(), Pens.INK));
    }

    /** Sill lines along both faces, a frame in the middle, panes with a mullion where it is wide. */
    private void window(List<Mark> out, OpeningCut cut) {
        out.add(new Mark.Fill(frame.paper(Path.ring(cut.ring())), Ink.of(Palette.PAPER.argb())));
        out.add(new Mark.Stroke(
                frame.paper(Path.builder()
                        .line(cut.left().a(), cut.left().b())
                        .line(cut.right().a(), cut.right().b())
                        .build()),
                pens.leaf(),
                Pens.INK));
        var middle = cut.middle();
        var u = cut.unit();
        var n = u.left();
        var width = middle.length();
        var panes = Math.max(1, (int) Math.round(width / 1100));
        var pane = Path.builder();
        pane.path(frame.paper(Path.ring(strip(middle.a(), u, n, 0, width, PANE_MM))));
        out.add(new Mark.Fill(pane.build(), Ink.of(GLASS.argb())));
        out.add(new Mark.Stroke(pane.build(), pens.swing(), Pens.INK));
        for (var i = 0; i <= panes; i++) {
            var at = Math.clamp((width - FRAME_FACE_MM) * i / panes, 0, width - FRAME_FACE_MM);
            fill(out, strip(middle.a(), u, n, at, at + FRAME_FACE_MM, FRAME_DEPTH_MM));
        }
    }

    private static Ring strip(Point start, Point u, Point n, double from, double to, double thick) {
        var line = new Segment(start.plus(u.times(from)), start.plus(u.times(to)));
        var h = n.times(thick / 2);
        return Ring.of(
                line.a().minus(h), line.b().minus(h), line.b().plus(h), line.a().plus(h));
    }
}
