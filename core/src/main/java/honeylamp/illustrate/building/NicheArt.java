package honeylamp.illustrate.building;

import honeylamp.catalogue.Materials;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.RegionPlaces;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Finish;
import honeylamp.plan.Region;
import honeylamp.plan.Role;
import honeylamp.plan.Surface;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Draws where walls are let in and built out, seen from above: what the plan cuts as it is cut, what lies above the cut
 * dashed, what is built out below it by its edge.
 */
public final class NicheArt {
    /** A shorter part of a face is none. */
    private static final double LEAST_MM = 1;

    /** So far over the face a niche is drawn, so that nothing of the wall's line is left in its mouth. */
    private static final double OVER_PAPER_MM = 0.3;

    private final PaperFrame frame;
    private final Pens pens;
    private final Lamp lamp;

    public NicheArt(PaperFrame frame, Pens pens, Lamp lamp) {
        this.frame = frame;
        this.pens = pens;
        this.lamp = lamp;
    }

    /** What of the regions of a storey is let in or built out. */
    public List<Mark> marks(LaidStorey storey) {
        var out = new ArrayList<Mark>();
        for (var region : storey.storey().regions()) {
            if (region.isDeep()) {
                RegionPlaces.faces(storey.geometry(), region).stream()
                        .flatMap(face -> beside(storey, region, face))
                        .forEach(face -> region(out, storey, region, face));
            }
        }
        return out;
    }

    /** What of a face no opening takes. */
    private static Stream<Curve> beside(LaidStorey storey, Region region, Curve face) {
        var out = new ArrayList<Curve>();
        var at = 0.0;
        var taken = storey.geometry().cuts().stream()
                .filter(c -> region.wall().filter(c.host().id()::equals).isPresent())
                .map(c -> new double[] {
                    face.along(c.middle().a()), face.along(c.middle().b())
                })
                .sorted(Comparator.comparingDouble(ends -> Math.min(ends[0], ends[1])))
                .toList();
        for (var ends : taken) {
            var from = Math.min(Math.min(ends[0], ends[1]), face.length());
            if (from - at > LEAST_MM) {
                out.add(face.part(at, from));
            }
            at = Math.max(at, Math.max(ends[0], ends[1]));
        }
        if (face.length() - at > LEAST_MM) {
            out.add(face.part(at, face.length()));
        }
        return out.stream();
    }

    private void region(List<Mark> out, LaidStorey storey, Region region, Curve face) {
        var box = region.ring().bounds();
        var cut = storey.storey().levels().cut().mm();
        var back = RegionPlaces.out(region, face, region.raised().mm());
        if (box.minY() >= cut) {
            out.add(new Mark.Stroke(line(List.of(face, back)), pens.overhead(), pens.ink()));
        } else if (box.maxY() <= cut) {
            if (!region.isNiche()) {
                out.add(new Mark.Fill(ring(face, back), pens.ink(Role.PAPER)));
                out.add(new Mark.Stroke(line(List.of(face, back)), pens.leaf(), pens.ink()));
            }
        } else {
            var mouth = region.isNiche() ? RegionPlaces.out(region, face, frame.planMm(OVER_PAPER_MM)) : face;
            out.add(new Mark.Fill(ring(mouth, back), tone(storey, region)));
            out.add(new Mark.Stroke(line(List.of(face, back)), pens.cutWall(), pens.ink()));
        }
    }

    private Ink tone(LaidStorey storey, Region region) {
        if (!region.isNiche()) {
            return Ink.of(pens.colour(lamp == Lamp.DRAFT ? Role.PAPER : Role.POCHE_TINT)
                    .argb());
        }
        return Surfaces.finish(storey.storey(), new Surface.OwnRegion(region.id()))
                .filter(_ -> lamp != Lamp.DRAFT)
                .flatMap(this::tone)
                .orElseGet(() -> pens.ink(Role.PAPER));
    }

    private Optional<Ink> tone(Finish finish) {
        return Materials.of(finish)
                .map(m -> pens.surface(m.in(pens.look()).as(finish).tone()));
    }

    /** Along the back, and at both ends from the face to it. */
    private Figure line(List<Curve> faceAndBack) {
        var all = new ArrayList<Point>();
        all.add(faceAndBack.getFirst().a());
        all.addAll(RegionPlaces.points(faceAndBack.getLast()));
        all.add(faceAndBack.getFirst().b());
        return Figure.line(all.stream().map(frame::paper).toArray(Point[]::new));
    }

    private Figure ring(Curve face, Curve back) {
        return frame.paper(Figure.ring(RegionPlaces.between(face, back)));
    }
}
