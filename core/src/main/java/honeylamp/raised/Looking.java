package honeylamp.raised;

import honeylamp.body.Body;
import honeylamp.body.RoofBodies;
import honeylamp.body.SectionBodies;
import honeylamp.body.Shut;
import honeylamp.body.StoreyBodies;
import honeylamp.derive.fixed.OnStairs;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Eye;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How a raised view looks at its storey.
 *
 * @param reach corners that are framed: of slabs and of walls, not of what stands before them
 * @param beyond further corners that are framed, which do not change how one looks
 * @param framed the part of the picture that is seen, in picture mm; empty means all
 */
public record Looking(Projection projection, List<SpacePoint> reach, List<SpacePoint> beyond, Optional<Box> framed) {
    /** Heights on a true plan are drawn shorter, or rooms look tall. */
    private static final double HEIGHTS_ON_PLAN = 0.75;

    /** An eye is so many times as far from the middle as what it looks at is large. */
    private static final double AWAY = 1.5;

    private static final double LEAST_AWAY_MM = 6000;

    /** What is so far before who stands inside is seen at true size. */
    private static final double FOCAL_MM = 3000;

    private static final double WIDE_TO_HIGH = 1.5;

    /** The share of a picture that lies below the eye. */
    private static final double BELOW = 0.55;

    /** From the corner of a cube all three directions are seen alike; so steeply one then looks down, in degrees. */
    public static final double ISOMETRIC_DOWN_DEG = Math.toDegrees(Math.atan(1 / Math.sqrt(2)));

    private static final double SAME_DEG = 0.01;

    /** Freezes the lists. */
    public Looking {
        reach = List.copyOf(reach);
        beyond = List.copyOf(beyond);
    }

    /** Where one looks, in the plan, of length one. */
    public static Point towards(Eye eye) {
        return Point.direction(90 - eye.turnDeg());
    }

    /** How a view looks; empty if its room is gone or nothing is built. */
    public static Optional<Looking> of(LaidView view, Raised subject) {
        if (subject instanceof Raised.Inside inside) {
            return view.storey().geometry().shells().isEmpty()
                    ? Optional.empty()
                    : Optional.of(standing(view.storey(), inside));
        }
        var reach = reach(view.storey(), subject);
        if (reach.isEmpty()) {
            return Optional.empty();
        }
        var seen = projection(subject, reach); // which a balcony more does not change
        return Optional.of(new Looking(seen, reach, beyond(view.storey(), subject), Optional.empty()));
    }

    /** The same storey or building looked at from elsewhere. */
    Looking turned(Raised elsewhere) {
        return new Looking(projection(elsewhere, reach), reach, beyond, framed);
    }

    /** From where one stands, three parts wide and two high, a little more below the eye than above. */
    private static Looking standing(LaidStorey storey, Raised.Inside inside) {
        var eye = SpacePoint.of(
                inside.at().point(),
                storey.storey().level().plus(inside.high()).mm()
                        + OnStairs.floorMm(storey.fixedParts(), inside.at().point()));
        var seen = Projection.Perspective.looking(eye, Point.direction(inside.towardsDeg()), FOCAL_MM, 0);
        var half = FOCAL_MM * Math.tan(Math.toRadians(inside.acrossDeg() / 2));
        var high = 2 * half / WIDE_TO_HIGH;
        return new Looking(
                seen, List.of(), List.of(), Optional.of(new Box(-half, -BELOW * high, half, (1 - BELOW) * high)));
    }

    private static List<SpacePoint> reach(LaidStorey storey, Raised subject) {
        return switch (subject) {
            case Raised.Cutaway cutaway ->
                room(storey, cutaway)
                        .map(room -> StoreyBodies.reach(storey, room, towards(cutaway.eye())))
                        .orElse(List.of());
            case Raised.WholeStorey whole ->
                StoreyBodies.reach(storey, whole.cut().mm());
            case Raised.Building building -> reach(lifted(storey, building));
            case Raised.RoofPlan plan -> reach(lifted(storey, standing(plan)));
            case Raised.Outside outside -> reach(lifted(storey, standing(outside)));
            case Raised.Section section -> {
                var out = new ArrayList<>(reach(lifted(storey, standing(section))));
                out.addAll(new SectionBodies(storey.plan(), section).ends());
                yield out;
            }
            case Raised.Inside _ -> List.of();
        };
    }

    private static List<SpacePoint> beyond(LaidStorey storey, Raised subject) {
        return switch (subject) {
            case Raised.WholeStorey whole ->
                StoreyBodies.beyond(storey, whole.cut().mm());
            case Raised.Building building -> beyond(lifted(storey, building));
            case Raised.RoofPlan plan -> beyond(lifted(storey, standing(plan)));
            case Raised.Outside outside -> beyond(lifted(storey, standing(outside)));
            case Raised.Section section -> beyond(lifted(storey, standing(section)));
            case Raised.Cutaway _, Raised.Inside _ -> List.of();
        };
    }

    private static List<SpacePoint> beyond(List<Raising> storeys) {
        return storeys.stream()
                .flatMap(l ->
                        StoreyBodies.beyond(l.storey, l.highMm).stream().map(p -> p.plus(SpacePoint.UP.times(l.byMm))))
                .toList();
    }

    private static List<SpacePoint> reach(List<Raising> storeys) {
        var out = new ArrayList<SpacePoint>();
        for (var l : storeys) {
            StoreyBodies.reach(l.storey, l.highMm).forEach(p -> out.add(p.plus(SpacePoint.UP.times(l.byMm))));
            RoofBodies.reach(l.storey).forEach(p -> out.add(p.plus(SpacePoint.UP.times(l.roofByMm))));
        }
        return out;
    }

    /** The building as it stands. */
    private static Raised.Building standing(Raised subject) {
        return new Raised.Building(subject.storey(), Length.ZERO, subject.eye());
    }

    /** A storey so much higher than it is, and its roof. */
    private record Raising(LaidStorey storey, double highMm, double byMm, double roofByMm, StoreyBodies.Below below) {}

    private static List<Raising> lifted(LaidStorey storey, Raised.Building building) {
        var all = storey.plan().all();
        var out = new ArrayList<Raising>();
        for (var i = 0; i < all.size(); i++) {
            out.add(new Raising(
                    all.get(i),
                    all.get(i).storey().height().mm(),
                    i * building.apart().mm(),
                    (i + 1) * building.apart().mm(),
                    i == 0 ? StoreyBodies.Below.DARK : StoreyBodies.Below.STOREY));
        }
        return out;
    }

    /** A storey so much higher than it is. */
    record Lifted(LaidStorey storey, double byMm) {}

    /** How far a view of a building lifts its storeys. */
    static List<Lifted> lifts(LaidStorey storey, Raised.Building building) {
        return lifted(storey, building).stream()
                .map(r -> new Lifted(r.storey, r.byMm))
                .toList();
    }

    private static Optional<Room> room(LaidStorey storey, Raised.Cutaway cutaway) {
        return storey.geometry().room(cutaway.room());
    }

    /** What stands there, as far as it is known: from whichever side one looks, most of it is the same. */
    private static List<Body> bodies(LaidView view, Raised subject, KeptBodies kept) {
        var near = subject instanceof Raised.WholeStorey whole
                ? StoreyBodies.nearGround(view.storey(), whole.near(), towards(whole.eye()))
                : List.<Outline>of();
        var what = subject instanceof Raised.Cutaway ? subject : subject.fromAnywhere();
        return kept.of(view, what, near, () -> bodies(view, subject, near, kept));
    }

    private static List<Body> bodies(LaidView view, Raised subject, List<Outline> near, KeptBodies kept) {
        var storey = view.storey();
        return switch (subject) {
            case Raised.Cutaway cutaway ->
                room(storey, cutaway)
                        .map(room -> StoreyBodies.cutaway(
                                storey,
                                room,
                                cutaway.before(),
                                towards(cutaway.eye()),
                                view.view().livedIn()))
                        .orElse(List.of());
            case Raised.WholeStorey whole -> kept.cut(view, whole).bodies(whole.near(), near);
            case Raised.Building building -> building.apart().mm() == 0 ? asBuilt(storey) : apart(storey, building);
            case Raised.RoofPlan _ ->
                storey.plan().all().stream()
                        .flatMap(s -> Stream.concat(StoreyBodies.around(s).stream(), RoofBodies.of(s).stream()))
                        .toList();
            case Raised.Outside _ -> Shut.of(asBuilt(storey), storey.plan());
            case Raised.Section section -> new SectionBodies(storey.plan(), section).of(asBuilt(storey));
            case Raised.Inside inside ->
                StoreyBodies.inside(storey, inside.at().point(), view.view().livedIn());
        };
    }

    private static List<Body> asBuilt(LaidStorey storey) {
        return Standing.of(storey.plan()).stream()
                .flatMap(s -> s.bodies().stream())
                .toList();
    }

    private static List<Body> apart(LaidStorey storey, Raised.Building building) {
        var out = new ArrayList<Body>();
        for (var l : lifted(storey, building)) {
            StoreyBodies.whole(l.storey, l.highMm, l.below).forEach(b -> out.add(b.raised(l.byMm)));
            RoofBodies.of(l.storey).forEach(b -> out.add(b.raised(l.roofByMm)));
        }
        return out;
    }

    /** What a view shows of that, ready to be looked at. */
    public static Scene scene(LaidView view, Raised subject, Looking looking) {
        return scene(view, subject, looking, new KeptBodies());
    }

    /** The same with bodies that are known. */
    public static Scene scene(LaidView view, Raised subject, Looking looking, KeptBodies kept) {
        var showing = view.view().seen();
        return new Scene(
                bodies(view, subject, kept).stream()
                        .filter(b -> showing.shows(b.kind()))
                        .toList(),
                looking.projection(),
                looking.framed);
    }

    private static Projection projection(Raised subject, List<SpacePoint> reach) {
        var eye = subject.eye();
        if (subject.isSquare()) {
            return Projection.Parallel.turned(eye.turnDeg(), subject instanceof Raised.RoofPlan ? 90 : 0);
        }
        return switch (eye.rays()) {
            case PARALLEL -> parallel(eye);
            case ON_PLAN -> Projection.Parallel.onPlan(eye.turnDeg(), HEIGHTS_ON_PLAN);
            case PERSPECTIVE -> perspective(eye, reach);
        };
    }

    /** As steeply as the corner of a cube is seen, heights and what lies at 45 degrees to the eye are drawn at true length. */
    static Projection.Parallel parallel(Eye eye) {
        var seen = Projection.Parallel.turned(eye.turnDeg(), eye.downDeg());
        var isIsometric = Math.abs(eye.downDeg() - ISOMETRIC_DOWN_DEG) < SAME_DEG;
        return isIsometric ? seen.times(Math.sqrt(1.5)) : seen;
    }

    private static Projection perspective(Eye eye, List<SpacePoint> reach) {
        var plan = Box.around(reach.stream().map(SpacePoint::plan).toList());
        var low = reach.stream().mapToDouble(SpacePoint::z).min().orElse(0);
        var away = Math.max(LEAST_AWAY_MM, AWAY * Math.hypot(plan.width(), plan.height()));
        var at = plan.centre().minus(towards(eye).times(away));
        // looked at from so high that the middle of the floor is seen as steeply as is asked
        var high = low + away * Math.tan(Math.toRadians(eye.downDeg()));
        return Projection.Perspective.looking(SpacePoint.of(at, high), towards(eye), away, 0);
    }

    /** The box around what is framed, in picture mm. */
    public Box extent() {
        return framed.orElseGet(() -> Box.around(Stream.concat(reach.stream(), beyond.stream())
                .map(projection::of)
                .toList()));
    }
}
