package honeylamp.illustrate;

import honeylamp.catalogue.Palette;
import honeylamp.derive.StoreyGeometry;
import honeylamp.derive.WallPiece;
import honeylamp.drawing.Ink;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Path;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.plan.Plan;
import honeylamp.plan.WallType;
import java.util.ArrayList;
import java.util.List;

/** Draws the cut of walls: one fill for all, tints for what carries nothing, one outline around. */
final class WallArt {
    private final PaperFrame frame;
    private final Pens pens;

    WallArt(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
    }

    List<Mark> marks(Plan plan, StoreyGeometry geometry, Lamp lamp) {
        var out = new ArrayList<Mark>();
        var whole = path(geometry.poche());
        if (whole.isEmpty()) {
            return out;
        }
        out.add(new Mark.Fill(
                whole, Ink.of((lamp == Lamp.DRAFT ? Palette.POCHE.lighter(0.45) : Palette.POCHE).argb())));
        var tinted = path(tinted(plan, geometry));
        if (!tinted.isEmpty() && lamp != Lamp.DRAFT) {
            out.add(new Mark.Clip(whole, List.of(new Mark.Fill(tinted, Ink.of(Palette.POCHE_TINT.argb())))));
        }
        out.add(new Mark.Stroke(whole, pens.cutWall(), Pens.INK));
        return out;
    }

    /** The bodies of tinted walls, without the straight strips of the dark walls they run into. */
    private static List<Outline> tinted(Plan plan, StoreyGeometry geometry) {
        var light = new ArrayList<Outline>();
        var dark = new ArrayList<Outline>();
        for (var piece : geometry.network().pieces()) {
            var type = plan.wallType(piece.wall().type());
            if (type.poche() == WallType.Poche.TINT) {
                light.add(Outline.of(piece.body()));
            } else {
                dark.add(Outline.of(strip(piece)));
                dark.add(Outline.of(piece.body()));
            }
        }
        return Regions.difference(Regions.union(light), Regions.union(dark));
    }

    private static Ring strip(WallPiece piece) {
        var left = piece.line().shiftedLeft(piece.leftMm());
        var right = piece.line().shiftedLeft(-piece.rightMm());
        return Ring.of(right.a(), right.b(), left.b(), left.a());
    }

    private Path path(List<Outline> outlines) {
        var builder = Path.builder();
        outlines.forEach(o -> builder.path(frame.paper(o)));
        return builder.build();
    }
}
