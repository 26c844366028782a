package honeylamp.illustrate.words;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.openings.LeafSweep;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Remembered;
import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.ConvexClip;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.Depth;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Showing;
import honeylamp.plan.Structure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What words keep off, in plan mm: furniture, posts, stairs, the swing of doors, and what else is written already.
 *
 * @param all as outlines
 * @param boxes to find those near a place
 */
record KeptOff(List<Outline> all, BoxIndex boxes) {
    /** So much of the plan the words of a ceiling take up at usual scales, in plan mm. */
    private static final double WORDS_WIDE_MM = 1600;

    private static final double WORDS_DEEP_MM = 300;

    private static final double NOTHING_MM2 = 1;

    /** What stands in a view, and what is taken by other words. */
    static KeptOff of(LaidView view, Remembered remembered, List<Outline> taken) {
        var all = new ArrayList<Outline>();
        var depth = Depth.of(view, PaperFrame.atOrigin(1));
        if (view.view().seen().shows(Showing.Kind.FURNITURE)) {
            for (var piece : view.storey().geometry().storey().furnishings()) {
                List<Outline> flat = remembered.answerAbout(About.FOOTPRINTS, piece, () -> footprints(piece));
                all.addAll(depth.map(d -> seen(flat, piece, d)).orElse(flat));
            }
        }
        all.addAll(fixed(view, remembered, taken));
        depth.ifPresent(d -> view.storey().geometry().rooms().forEach(room -> all.addAll(faces(room.outline(), d))));
        return of(all);
    }

    /** A piece from its foot to its top, as it is seen in a plan with depth. */
    private static List<Outline> seen(List<Outline> flat, Furnishing piece, Depth depth) {
        return flat.stream()
                .map(o -> Outline.of(Regions.hull(o.shell().corners().stream()
                        .flatMap(p -> Stream.of(
                                depth.seenAt(p, piece.bottom().mm()),
                                depth.seenAt(p, piece.top().mm())))
                        .toList())))
                .toList();
    }

    /** The inner faces of walls around a room, as they are seen in a plan with depth. */
    private static List<Outline> faces(Outline room, Depth depth) {
        return room.rings()
                .flatMap(ring -> ring.edges().stream())
                .filter(edge -> edge.length() > 0
                        && depth.sees(edge.middle(), edge.unit().left()))
                .map(edge ->
                        Regions.hull(List.of(edge.a(), edge.b(), depth.seenAt(edge.b(), 0), depth.seenAt(edge.a(), 0))))
                .filter(ring -> ring.area() > NOTHING_MM2)
                .map(Outline::of)
                .toList();
    }

    /** The same without furniture. */
    static KeptOff unmoved(LaidView view, Remembered remembered, List<Outline> taken) {
        return of(fixed(view, remembered, taken));
    }

    /** The same and the bodies of walls. */
    KeptOff walled(LaidView view) {
        var bodies = view.storey().geometry().network().pieces().stream()
                .map(p -> Outline.of(p.body().counterClockwise()));
        return of(Stream.concat(all.stream(), bodies).toList());
    }

    /** The same and these. */
    KeptOff and(List<Outline> more) {
        return of(Stream.concat(all.stream(), more.stream()).toList());
    }

    /** What stands of the walls near some lines, beside their openings, in which words may lie. */
    static List<Outline> standingNear(LaidView view, List<Segment> lines) {
        var geometry = view.storey().geometry();
        var near = new BoxIndex(lines.size(), i -> lines.get(i).bounds().grown(WORDS_WIDE_MM / 2));
        return geometry.network().pieces().stream()
                .map(p -> Outline.of(p.body().counterClockwise()))
                .filter(body -> !near.meeting(body.bounds()).isEmpty())
                .flatMap(body -> {
                    var cuts = geometry.cuts().stream()
                            .filter(c -> c.ring().bounds().meets(body.bounds()))
                            .map(c -> Outline.of(c.ring().counterClockwise()))
                            .toList();
                    return Regions.difference(List.of(body), cuts).stream();
                })
                .toList();
    }

    /** Just these. */
    static KeptOff of(List<Outline> all) {
        return new KeptOff(all, new BoxIndex(all.size(), i -> all.get(i).bounds()));
    }

    /** What lies near a box, and what of more that is taken does. */
    List<Outline> near(Box box, List<Outline> more) {
        var out = new ArrayList<>(near(box));
        more.stream().filter(o -> o.bounds().meets(box)).forEach(out::add);
        return out;
    }

    /** Whether no part of a box, in plan mm, is taken. */
    boolean isFree(Box box) {
        return isFree(Outline.of(box.ring()));
    }

    /** Whether no part of a convex surface, in plan mm, is taken. */
    boolean isFree(Outline window) {
        return near(window.bounds()).stream().noneMatch(o -> overlap(o, window));
    }

    /** Whether a convex surface lies over another; holes of that are taken for filled. */
    static boolean overlap(Outline other, Outline window) {
        if (!other.bounds().meets(window.bounds())) {
            return false;
        }
        var part = ConvexClip.clip(other.shell().corners(), window.shell().corners());
        return part.size() >= 3 && new Ring(part).area() >= NOTHING_MM2;
    }

    List<Outline> near(Box box) {
        return boxes.meeting(box).stream().map(all::get).toList();
    }

    private static List<Outline> fixed(LaidView view, Remembered remembered, List<Outline> taken) {
        var geometry = view.storey().geometry();
        var fixed = view.storey().fixedParts();
        var out = new ArrayList<>(taken);
        out.addAll(SchemeMarks.left(view));
        for (var part : fixed.blocks()) {
            if (part.form() instanceof Structure.Block block && block.kind().saysWhatIsAbove()) {
                writtenOn(part, block).ifPresent(out::add);
            } else if (!part.is(Structure.Kind.BALCONY)) {
                out.add(Outline.of(part.footprint()));
            }
        }
        out.addAll(remembered.answerAbout(
                About.STAIRS,
                fixed,
                () -> fixed.stairs().stream()
                        .flatMap(stair -> (stair.seen() == FixedParts.End.HEAD
                                        ? stair.well()
                                        : stair.steps().outline())
                                .stream())
                        .toList()));
        out.addAll(remembered.answerOf(
                About.LEAVES,
                List.of(geometry.cuts()),
                () -> geometry.cuts().stream()
                        .flatMap(cut -> LeafSweep.of(cut).stream())
                        .map(LeafSweep::area)
                        .toList()));
        return out;
    }

    /** Where the height of a ceiling is written: within its upper edge, or beside the arrow down its slope. */
    private static Optional<Outline> writtenOn(Structure part, Structure.Block block) {
        var box = part.box();
        var centre = switch (block.kind()) {
            case TRAY_CEILING -> new Point(0, box.maxY() - WORDS_DEEP_MM / 2);
            case SLOPING_CEILING -> new Point(-box.width() / 4, box.minY() + box.height() * 0.3);
            default -> null;
        };
        return Optional.ofNullable(centre)
                .map(c -> new Box(
                        c.x() - WORDS_WIDE_MM / 2,
                        c.y() - WORDS_DEEP_MM / 2,
                        c.x() + WORDS_WIDE_MM / 2,
                        c.y() + WORDS_DEEP_MM / 2))
                .map(words -> Outline.of(words.ring().through(part.placing())));
    }

    private enum About {
        FOOTPRINTS,
        STAIRS,
        LEAVES
    }

    private static List<Outline> footprints(Furnishing piece) {
        var out = new ArrayList<Outline>();
        Furnishings.of(piece).ifPresent(kind -> {
            for (var solid : kind.symbol(piece).solids()) {
                out.add(Outline.of(solid.footprint().through(piece.placing()).counterClockwise()));
            }
            out.add(Outline.of(Picking.footprint(piece)));
        });
        return List.copyOf(out);
    }
}
