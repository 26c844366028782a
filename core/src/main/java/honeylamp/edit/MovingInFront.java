package honeylamp.edit;

import honeylamp.derive.listing.FittingBefore;
import honeylamp.derive.listing.PartBefore;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.listing.WallElevation.Before;
import honeylamp.derive.listing.WallElevation.Hole;
import honeylamp.derive.pointing.OpeningPlacing;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Box;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Fitting;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Keeping;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Surface;
import honeylamp.plan.View.Subject;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

/** Moves openings, pieces, fixed parts and regions where one sees them from the front: along their wall, and up where they hang. */
public final class MovingInFront {
    private static final double LEAST_HANGS_MM = 1;

    private MovingInFront() {}

    /**
     * What came of a move.
     *
     * @param byMm how far it went, to the right and up
     */
    public record Moved(Plan plan, Point byMm) {}

    /**
     * Moves one thing.
     *
     * @param view that shows it from the front
     * @param byMm to the right and up
     * @param reachMm so near to where others begin, end, or have their middle it is caught; 0 for nowhere
     * @return refused if it belongs to a copy of a unit; the plan as it is if the view does not show it, or it stays where
     *     it is put, as walls do
     */
    public static Outcome<Moved> moved(Plan plan, LaidView view, ElementId id, Point byMm, double reachMm) {
        if (id.isCopied()) {
            return Outcome.refused("it belongs to a copy of a unit", "Move it in the unit itself; all copies follow.");
        }
        if (view.view().subject() instanceof Subject.Front front) {
            for (var wall : WallElevation.all(view.storey(), front)) {
                var moved = new OnOne(plan, view, wall, byMm, reachMm).of(id);
                if (moved.isPresent()) {
                    return Outcome.done(moved.get());
                }
            }
        }
        return Outcome.done(new Moved(plan, new Point(0, 0)));
    }

    /** Moves several things by as much, caught by nothing. */
    public static Outcome<Plan> all(Plan plan, LaidView view, Collection<ElementId> ids, Length along, Length up) {
        var out = Outcome.done(plan);
        for (var id : ids) {
            out = out.then(
                    p -> moved(p, view, id, new Point(along.mm(), up.mm()), 0).map(Moved::plan));
        }
        return out;
    }

    private record OnOne(Plan plan, LaidView view, WallElevation wall, Point by, double reach) {
        Optional<Moved> of(ElementId id) {
            var hole = wall.holes().stream()
                    .filter(h -> h.cut().opening().id().equals(id))
                    .findFirst();
            if (hole.isPresent()) {
                return Optional.of(opening(hole.get()));
            }
            var before = wall.before().stream()
                    .filter(b -> b.piece().id().equals(id))
                    .findFirst();
            if (before.isPresent()) {
                return Optional.of(piece(before.get()));
            }
            var part = parts().filter(p -> p.id().equals(id)).findFirst();
            if (part.isPresent()) {
                return Optional.of(part(part.get()));
            }
            var fitting = FittingBefore.of(
                            view, wall, (Subject.Front) view.view().subject())
                    .stream()
                    .filter(f -> f.placed().fitting().id().equals(id))
                    .findFirst();
            if (fitting.isPresent()) {
                return Optional.of(fitting(fitting.get()));
            }
            return wall.covered().stream()
                    .filter(c -> c.surface().surface() instanceof Surface.OwnRegion(var region) && region.equals(id))
                    .findFirst()
                    .flatMap(c -> storey().elements().find(Region.class, id).map(this::region));
        }

        private Storey storey() {
            return plan.storey(at());
        }

        private StoreyId at() {
            return view.storey().id();
        }

        /** In its wall it is caught by what catches it in the plan; what stands on the floor stays on it. */
        private Moved opening(Hole hole) {
            var opening = storey().opening(hole.cut().opening().id()).orElseThrow();
            var host = hole.cut().host();
            var sign = hole.firstIsLeft() ? 1 : -1;
            var placed = by.x() == 0 ? opening : along(opening, host, sign * by.x());
            var gone = sign * (placed.offset().mm() - opening.offset().mm());
            var there = OpeningEdits.put(plan, at(), placed);
            var up = 0.0;
            if (opening.kind().isWindow() || opening.sill().mm() > 0) {
                var box = hole.box();
                up = caught(by.y(), Stream.of(box.minY(), box.maxY()), levels(opening.id()));
                up = Math.clamp(
                        up,
                        -opening.sill().mm(),
                        Math.max(0, host.height().mm() - opening.head().mm()));
                var by = Length.ofMm(up);
                there = there.withStorey(
                        at(),
                        s -> s.change(
                                Opening.class,
                                opening.id(),
                                o -> o.with(copy -> copy.sill(opening.sill().plus(by))
                                        .head(opening.head().plus(by)))));
            }
            return new Moved(there, new Point(gone, up));
        }

        private Opening along(Opening opening, Wall host, double byMm) {
            if (reach == 0) {
                var most = Math.max(0, host.length().minus(opening.width()).mm());
                return opening.with(copy -> copy.offset(
                                Length.ofMm(Math.clamp(opening.offset().mm() + byMm, 0, most)))
                        .keeping(Keeping.AS_PUT));
            }
            var middle = opening.offset().mm() + opening.width().mm() / 2 + byMm;
            var spot = new OpeningPlacing(view.storey().geometry(), host, opening).at(middle, reach);
            return spot.fit() == OpeningPlacing.Fit.NONE ? opening : spot.opening();
        }

        /** Sills and heads of the others. */
        private DoubleStream levels(OpeningId but) {
            return wall.holes().stream()
                    .filter(h -> !h.cut().opening().id().equals(but))
                    .map(Hole::box)
                    .flatMapToDouble(b -> DoubleStream.of(b.minY(), b.maxY()));
        }

        private Moved piece(Before before) {
            var piece = before.piece();
            var box = before.box();
            var across = caught(by.x(), Stream.of(box.minX(), before.middleMm(), box.maxX()), stops(piece.id()));
            var up = piece.bottom().mm() > 0 ? Math.max(by.y(), -piece.bottom().mm()) : 0;
            var there = piece.at().point().plus(wall.into().left().times(across));
            var moved = piece.with(
                    copy -> copy.at(Position.of(there)).bottom(piece.bottom().plus(Length.ofMm(up))));
            return new Moved(
                    plan.withStorey(at(), s -> s.change(Furnishing.class, piece.id(), _ -> moved)),
                    new Point(across, up));
        }

        private Stream<PartBefore> parts() {
            return PartBefore.of(
                    view.storey(), wall, (Subject.Front) view.view().subject())
                    .stream();
        }

        /** What stands goes along the wall, what hangs up and down too. */
        private Moved part(PartBefore before) {
            var box = before.box();
            var across = caught(by.x(), Stream.of(box.minX(), box.centre().x(), box.maxX()), stops(before.id()));
            var lowest = LEAST_HANGS_MM - box.minY(); // what hangs stays clear of the floor, and below the ceiling
            var up = before.hangs() ? Math.clamp(by.y(), lowest, Math.max(lowest, wall.heightMm() - box.maxY())) : 0;
            var shift = wall.into().left().times(across);
            return new Moved(
                    StructureEdits.change(
                            plan,
                            before.id(),
                            s -> raised(s, up).withAt(Position.of(s.at().point().plus(shift)))),
                    new Point(across, up));
        }

        private static Structure raised(Structure part, double byMm) {
            return part.form() instanceof Structure.Block block && byMm != 0
                    ? part.withForm(block.higherBy(Length.ofMm(byMm)))
                    : part;
        }

        /**
         * On a wall along it and up, caught by the heights of the others; what hangs or stands before it along it. Rows stay:
         * they are evenly spread.
         */
        private Moved fitting(FittingBefore before) {
            var fitting = before.placed().fitting();
            var at = before.alongMm();
            var across = Math.clamp(
                    caught(by.x(), Stream.of(at), stops(fitting.id())), -at, Math.max(-at, wall.lengthMm() - at));
            var high = before.placed().heightMm();
            var up = Math.clamp(
                    caught(by.y(), Stream.of(high), heights(fitting)), -high, Math.max(-high, wall.heightMm() - high));
            return switch (fitting.on()) {
                case Fitting.WallSide side -> {
                    var line = storey().wall(side.wall()).map(Wall::line);
                    var sign = line.filter(this::runsBack).isPresent() ? -1 : 1;
                    var on = new Fitting.WallSide(
                            side.wall(),
                            side.side(),
                            side.along().plus(Length.ofMm(sign * across)),
                            side.height().plus(Length.ofMm(up)));
                    yield put(fitting, on, new Point(across, up));
                }
                case Fitting.Ceiling hung -> {
                    var there = hung.at().point().plus(wall.into().left().times(across));
                    var height = hung.height().map(h -> h.plus(Length.ofMm(up)));
                    yield put(
                            fitting,
                            new Fitting.Ceiling(Position.of(there), height),
                            new Point(across, height.isPresent() ? up : 0));
                }
                case Fitting.Floor stands -> {
                    var there = stands.at().point().plus(wall.into().left().times(across));
                    yield put(fitting, new Fitting.Floor(Position.of(there), stands.height()), new Point(across, 0));
                }
                case Fitting.Piece _, Fitting.Row _ -> new Moved(plan, new Point(0, 0));
            };
        }

        private Moved put(Fitting fitting, Fitting.On on, Point by) {
            return new Moved(FittingEdits.change(plan, at(), fitting.id(), f -> f.withOn(on)), by);
        }

        /** How high the other fittings are, and sills and heads. */
        private DoubleStream heights(Fitting but) {
            var others = FittingBefore.of(
                            view, wall, (Subject.Front) view.view().subject())
                    .stream()
                    .map(FittingBefore::placed)
                    .filter(p -> p.isOnWall() && !p.fitting().id().equals(but.id()))
                    .mapToDouble(FittingPlaces.Placed::heightMm);
            return DoubleStream.concat(others, levels(new OpeningId(0)));
        }

        /** The ends and the middle of the wall, of its openings and of the other pieces. */
        private DoubleStream stops(ElementId but) {
            var boxes = Stream.of(
                            wall.holes().stream().map(Hole::box),
                            wall.before().stream()
                                    .filter(b -> !b.piece().id().equals(but))
                                    .map(Before::box),
                            parts().filter(p -> !p.id().equals(but)).map(PartBefore::box))
                    .flatMap(s -> s);
            return DoubleStream.concat(
                    DoubleStream.of(0, wall.lengthMm() / 2, wall.lengthMm()),
                    boxes.flatMapToDouble(
                            b -> DoubleStream.of(b.minX(), b.centre().x(), b.maxX())));
        }

        private Moved region(Region region) {
            var line = region.wall().flatMap(storey()::wall).map(Wall::line);
            var sign = line.filter(l -> runsBack(l)).isPresent() ? -1 : 1;
            var box = box(region);
            var across = caught(by.x(), Stream.of(box.minX(), box.centre().x(), box.maxX()), stops(region.id()));
            var foot = region.ring().bounds().minY();
            var up = Math.max(caught(by.y(), Stream.of(box.minY(), box.maxY()), levels(new OpeningId(0))), -foot);
            return new Moved(
                    OutlineEdits.move(plan, at(), region, Length.ofMm(sign * across), Length.ofMm(up)),
                    new Point(across, up));
        }

        private Box box(Region region) {
            return wall.covered().stream()
                    .filter(c -> c.surface().surface().equals(new Surface.OwnRegion(region.id())))
                    .flatMap(c -> c.surface().outline().stream()
                            .map(Outline::bounds)
                            .map(b -> b.moved(new Point(c.fromMm(), 0))))
                    .reduce(Box::union)
                    .orElseGet(() -> region.ring().bounds());
        }

        /** Whether a wall runs from right to left as one sees it. */
        private boolean runsBack(Curve line) {
            return line.unitAt(line.along(wall.middle())).dot(wall.into().left()) < 0;
        }

        /** A move by which one of some places comes to a stop, if it nearly does. */
        private double caught(double moveMm, Stream<Double> places, DoubleStream stops) {
            var all = stops.boxed().toList();
            return places.flatMap(p -> all.stream().map(s -> s - p))
                    .filter(m -> Math.abs(m - moveMm) <= reach)
                    .min(Comparator.comparingDouble(m -> Math.abs(m - moveMm)))
                    .orElse(moveMm);
        }
    }
}
