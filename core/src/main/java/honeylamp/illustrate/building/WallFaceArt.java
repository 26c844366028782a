package honeylamp.illustrate.building;

import honeylamp.catalogue.Materials;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.WallSides;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.Depth;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Finish;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Structure;
import honeylamp.plan.Surface;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Inner faces of walls as one sees them who looks down into a storey: in the colour of their finish, lit from one side. */
public final class WallFaceArt {
    /** So much lighter a face is that looks to the light, and darker one that looks away. */
    private static final double BY_LIGHT = 0.055;

    /** A face nobody painted is so much lighter than the sides of walls in a raised picture: it is near the eye's line. */
    private static final double UNPAINTED_LIGHTER = 0.06;

    /** Painted faces lie a little in the dark, so that they part from floors and from white pieces. */
    private static final double DARKER = 0.05;

    private static final double LEAST_MM = 20;

    private final Depth depth;
    private final Pens pens;
    private final Point fall;

    /**
     * Draws with pens.
     *
     * @param fall where shade falls, at length one
     */
    public WallFaceArt(Depth depth, Pens pens, Point fall) {
        this.depth = depth;
        this.pens = pens;
        this.fall = fall;
    }

    /** All faces that are seen, each within its room. */
    public List<Mark> marks(LaidStorey storey) {
        var out = new ArrayList<Mark>();
        var geometry = storey.geometry();
        for (var room : geometry.rooms()) {
            var faces = new ArrayList<Mark>();
            for (var side : WallSides.of(geometry, room)) {
                var tone = tone(storey, room, side);
                for (var face : side.faces()) {
                    var holes = geometry.cuts().stream()
                            .filter(c -> c.host().id().equals(side.wall()))
                            .toList();
                    face(faces, face, holes, tone);
                }
            }
            parts(faces, storey, room);
            if (!faces.isEmpty()) {
                out.add(new Mark.Clip(depth.frame().paper(room.outline()), faces));
            }
        }
        geometry.cuts().stream().filter(c -> !c.opening().kind().isWindow()).forEach(c -> jambs(out, c));
        return out;
    }

    private Oklch tone(LaidStorey storey, Room room, WallSides.WallSide side) {
        var finish = Surfaces.finish(
                storey.storey(),
                new Surface.WallSide(side.wall(), side.side(), room.mark().map(RoomMark::id)));
        return finish.flatMap(this::tone)
                .map(t -> t.lighter(-DARKER))
                .orElseGet(() -> pens.colour(Role.WALL_SIDE).lighter(UNPAINTED_LIGHTER));
    }

    private Optional<Oklch> tone(Finish finish) {
        return Materials.of(finish.material())
                .map(m -> m.in(pens.look()).as(finish).tone());
    }

    /** A face of a room, the room to its left, less its openings; below a window as high as its sill. */
    private void face(List<Mark> out, Segment face, List<OpeningCut> cuts, Oklch tone) {
        var inward = face.unit().left();
        if (!depth.sees(face.middle(), inward)) {
            return;
        }
        var holes = cuts.stream()
                .map(c -> Hole.in(face, c))
                .flatMap(Optional::stream)
                .sorted(Comparator.comparingDouble(Hole::from))
                .toList();
        var at = 0.0;
        for (var hole : holes) {
            quad(out, face, at, hole.from, depth.cutMm(), tone, inward);
            quad(out, face, hole.from, hole.to, Math.min(hole.sillMm, depth.cutMm()), tone, inward);
            at = Math.max(at, hole.to);
        }
        quad(out, face, at, face.length(), depth.cutMm(), tone, inward);
    }

    /** An opening as a face has it. */
    private record Hole(double from, double to, double sillMm) {
        static Optional<Hole> in(Segment face, OpeningCut cut) {
            if (cut.level() == OpeningCut.Level.ABOVE) {
                return Optional.empty();
            }
            var near =
                    cut.left().distance(face.middle()) < cut.right().distance(face.middle()) ? cut.left() : cut.right();
            var a = Math.clamp(face.along(near.a()), 0, face.length());
            var b = Math.clamp(face.along(near.b()), 0, face.length());
            var sill = cut.opening().kind().isWindow() ? cut.opening().sill().mm() : 0;
            return Math.abs(b - a) < LEAST_MM
                    ? Optional.empty()
                    : Optional.of(new Hole(Math.min(a, b), Math.max(a, b), sill));
        }
    }

    private void quad(List<Mark> out, Segment face, double from, double to, double highMm, Oklch tone, Point looks) {
        if (to - from < 1 || highMm < 1) {
            return;
        }
        upright(out, new Segment(face.at(from), face.at(to)), highMm, tone, looks);
    }

    private void upright(List<Mark> out, Segment foot, double highMm, Oklch tone, Point looks) {
        var low = depth.at(0);
        var high = depth.at(highMm);
        var path = Figure.ring(new Ring(
                List.of(low.paper(foot.a()), low.paper(foot.b()), high.paper(foot.b()), high.paper(foot.a()))));
        var toLight = -looks.dot(fall);
        out.add(new Mark.Fill(path, Ink.of(tone.lighter(BY_LIGHT * toLight).argb())));
        out.add(new Mark.Stroke(path, pens.furnitureInner(), pens.innerInk()));
    }

    /** The sides of a door's hole, seen in the hole alone. */
    private void jambs(List<Mark> out, OpeningCut cut) {
        var faces = new ArrayList<Mark>();
        var along = cut.unit();
        var tone = pens.colour(Role.FRAME);
        var first = new Segment(cut.left().a(), cut.right().a());
        var second = new Segment(cut.left().b(), cut.right().b());
        if (depth.sees(first.middle(), along)) {
            upright(faces, first, depth.cutMm(), tone, along);
        }
        if (depth.sees(second.middle(), along.times(-1))) {
            upright(faces, second, depth.cutMm(), tone, along.times(-1));
        }
        if (!faces.isEmpty()) {
            out.add(new Mark.Clip(depth.frame().paper(Figure.ring(cut.ring())), faces));
        }
    }

    /** The sides of posts, chimneys and shafts in a room. */
    private void parts(List<Mark> out, LaidStorey storey, Room room) {
        for (var part : storey.geometry().storey().structures()) {
            if (isUpright(part)
                    && room.outline().contains(part.footprint().bounds().centre())) {
                for (var edge : part.footprint().counterClockwise().edges()) {
                    var looks = edge.unit().left().times(-1);
                    if (depth.sees(edge.middle(), looks)) {
                        upright(out, edge, depth.cutMm(), pens.colour(Role.POST), looks);
                    }
                }
            }
        }
    }

    private static boolean isUpright(Structure part) {
        return part.is(Structure.Kind.POST)
                || part.is(Structure.Kind.CHIMNEY)
                || part.is(Structure.Kind.LIFT_SHAFT)
                || part.is(Structure.Kind.FIREPLACE);
    }
}
