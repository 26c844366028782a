package honeylamp.body;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.listing.PartBefore;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Stair;
import honeylamp.plan.Structure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** Stairs, posts, fireplaces, balconies and other fixed parts as bodies. */
final class FixedBodies {
    private static final double RAILING_MM = 1000;
    private static final double RAIL_MM = 45;
    private static final double POST_APART_MM = 1100;
    private static final double BETWEEN_RAILS_MM = 180;

    /** A step is at least so thick under its tread. */
    private static final double WAIST_MM = 180;

    private static final double HEARTH_MM = 30;
    private static final double SOOT_MM = 10;
    private static final double LEAST_MM = 1;

    private final double floorMm;
    private final double cutMm;
    private final double belowMm;
    private final Predicate<Point> isAtWall;

    /**
     * Raises parts.
     *
     * @param cutMm so high above the floor they are cut
     * @param belowMm so far below it steps are seen that lead down
     * @param isAtWall whether a wall stands right beside a place
     */
    FixedBodies(double floorMm, double cutMm, double belowMm, Predicate<Point> isAtWall) {
        this.floorMm = floorMm;
        this.cutMm = cutMm;
        this.belowMm = belowMm;
        this.isAtWall = isAtWall;
    }

    /** A part; nothing of what lies above the cut or is only missing. */
    Optional<Body> of(Structure part) {
        return switch (part.form()) {
            case Structure.Block block -> block(part, block);
            case Structure.ParkingBay bay -> Optional.of(car(part, bay));
            case Stair _ -> Optional.empty();
        };
    }

    private Optional<Body> block(Structure part, Structure.Block block) {
        var facets = new ArrayList<Facet>();
        var high = part.height().mm();
        switch (block.kind()) {
            case POST -> cutOff(facets, part.footprint(), 0, high, Role.POST);
            case LIFT_SHAFT, CHIMNEY -> cutOff(facets, part.footprint(), 0, high, Role.WALL_SIDE);
            case FIREPLACE -> fireplace(facets, part, high);
            case BALCONY -> balcony(facets, part);
            case RAMP -> ramp(facets, part);
            case BEAM -> {
                if (high + block.depth().mm() < cutMm) {
                    upright(facets, part.footprint(), high, high + PartBefore.beamMm(block), Role.POST);
                }
            }
            case GALLERY -> {
                if (high < cutMm) {
                    upright(facets, part.footprint(), high - 200, high, Role.TIMBER);
                    railing(facets, front(part), high);
                }
            }
            case VOID ->
                part.footprint().edges().forEach(edge -> {
                    if (edge.length() > POST_APART_MM / 2) {
                        railing(facets, edge, 0);
                    }
                });
            case ROOFLIGHT, OVERHANG, TRAY_CEILING, SLOPING_CEILING, DORMER -> {}
        }
        return facets.isEmpty()
                ? Optional.empty()
                : Optional.of(new Body(Kind.FIXED_PARTS, Optional.of(part.id()), facets));
    }

    private void upright(List<Facet> out, Ring ring, double fromMm, double toMm, Role role) {
        if (toMm - fromMm > LEAST_MM) {
            out.addAll(Prism.upright(
                    Outline.of(ring.counterClockwise()), floorMm + fromMm, floorMm + toMm, Skin.of(role)));
        }
    }

    /** The same, dark where it is cut. */
    private void cutOff(List<Facet> out, Ring ring, double fromMm, double toMm, Role role) {
        var top = Math.min(cutMm, toMm);
        if (top - fromMm > LEAST_MM) {
            out.addAll(Prism.upright(
                    Outline.of(ring.counterClockwise()),
                    floorMm + fromMm,
                    floorMm + top,
                    Skin.of(role),
                    toMm > cutMm ? Skin.cut() : Skin.of(role)));
        }
    }

    private static Ring own(Structure part, double x0, double y0, double x1, double y1) {
        return new Box(x0, y0, x1, y1).ring().through(part.placing());
    }

    /** A breast with a mouth in its front, its hearth before it. */
    private void fireplace(List<Facet> out, Structure part, double high) {
        var box = part.box();
        var mouth = Math.min(box.width() * 0.5, 900);
        var top = Math.min(Math.min(high, cutMm), 750);
        var deep = box.minY() + Math.min(box.height() * 0.6, 450);
        var middle = box.centre().x();
        cutOff(out, own(part, box.minX(), box.minY(), middle - mouth / 2, box.maxY()), 0, high, Role.WALL_SIDE);
        cutOff(out, own(part, middle + mouth / 2, box.minY(), box.maxX(), box.maxY()), 0, high, Role.WALL_SIDE);
        var behind = Math.min(deep + SOOT_MM, box.maxY());
        cutOff(out, own(part, middle - mouth / 2, deep, middle + mouth / 2, behind), 0, high, Role.FIRE);
        cutOff(out, own(part, middle - mouth / 2, behind, middle + mouth / 2, box.maxY()), 0, high, Role.WALL_SIDE);
        cutOff(out, own(part, middle - mouth / 2, box.minY(), middle + mouth / 2, deep), top, high, Role.WALL_SIDE);
        upright(out, own(part, middle - mouth / 2, box.minY(), middle + mouth / 2, deep), 0, HEARTH_MM, Role.HEARTH);
    }

    private void balcony(List<Facet> out, Structure part) {
        upright(out, part.footprint(), -StoreyBodies.SLAB_MM, 0, Role.TIMBER);
        var edges = part.footprint().counterClockwise().edges();
        var back = part.placing().apply(new Point(0, part.box().maxY()));
        for (var edge : edges) {
            if (edge.distance(back) > RAIL_MM) {
                railing(out, edge, 0);
            }
        }
    }

    private static Segment front(Structure part) {
        var box = part.box();
        return new Segment(
                part.placing().apply(new Point(box.minX(), box.minY())),
                part.placing().apply(new Point(box.maxX(), box.minY())));
    }

    /** Posts with rails between them, inside an edge. */
    private void railing(List<Facet> out, Segment edge, double atMm) {
        if (atMm >= cutMm) {
            return;
        }
        var top = Math.min(atMm + RAILING_MM, cutMm);
        var line = edge.shiftedLeft(RAIL_MM / 2);
        var many = Math.max(1, (int) Math.round(line.length() / POST_APART_MM));
        for (var i = 0; i <= many; i++) {
            var at = Math.clamp(line.length() * i / many, RAIL_MM / 2, line.length() - RAIL_MM / 2);
            upright(
                    out,
                    strip(line, at - RAIL_MM / 2, at + RAIL_MM / 2, RAIL_MM),
                    atMm,
                    top - RAIL_MM,
                    Role.TIMBER_DARK);
        }
        upright(out, strip(line, 0, line.length(), RAIL_MM), top - RAIL_MM, top, Role.TIMBER_DARK);
        for (var z = atMm + BETWEEN_RAILS_MM; z < top - 2 * RAIL_MM; z += BETWEEN_RAILS_MM) {
            upright(out, strip(line, 0, line.length(), RAIL_MM / 3), z, z + RAIL_MM / 3, Role.TIMBER_DARK);
        }
    }

    private static Ring strip(Segment line, double from, double to, double wide) {
        var part = line.part(from, to);
        var side = line.unit().left().times(wide / 2);
        return Ring.of(
                part.a().minus(side),
                part.b().minus(side),
                part.b().plus(side),
                part.a().plus(side));
    }

    /** A railing around the hole in the floor a stair comes up through, but where it arrives and where walls stand. */
    private void aroundWell(List<Facet> out, FixedParts.Flights stair) {
        var arrives = stair.steps().risers().getLast();
        for (var well : stair.well()) {
            for (var edge : well.shell().counterClockwise().edges()) {
                if (edge.length() > POST_APART_MM / 2
                        && !isAtWall.test(edge.middle())
                        && arrives.distance(edge.middle()) > RAIL_MM) {
                    railing(out, new Segment(edge.b(), edge.a()), 0); // outside the hole
                }
            }
        }
    }

    /** A wedge that climbs to the back. */
    private void ramp(List<Facet> out, Structure part) {
        var box = part.box();
        var corners = List.of(
                new Point(box.minX(), box.minY()), new Point(box.maxX(), box.minY()),
                new Point(box.maxX(), box.maxY()), new Point(box.minX(), box.maxY()));
        var foot = corners.stream().map(part.placing()::apply).toList();
        var high = Math.min(part.height().mm(), cutMm);
        var side = foot.get(0);
        var along = foot.get(3).minus(side).unit();
        // the wedge as a triangle seen from its side, drawn out across
        var flat = Flat.plumb(side, floorMm, along);
        var triangle = new Ring(List.of(new Point(0, 0), new Point(box.height(), 0), new Point(box.height(), high)));
        var across = foot.get(1).minus(side);
        var looks = flat.normal().dot(SpacePoint.of(across, 0)) > 0;
        var base = looks ? flat : Flat.plumb(side, floorMm, along).moved(-across.length());
        out.addAll(Prism.of(base, Outline.of(triangle), across.length(), Skin.of(Role.RAMP), Skin.of(Role.RAMP)));
    }

    private Body car(Structure part, Structure.ParkingBay bay) {
        var w = bay.car().width().mm() / 2;
        var l = bay.car().length().mm() / 2;
        var high = bay.car().height().mm();
        var facets = new ArrayList<Facet>();
        for (var x : new double[] {-w + 20, w - 220}) {
            for (var y : new double[] {-l * 0.72, l * 0.48}) {
                upright(facets, own(part, x, y, x + 200, y + 620), 0, 320, Role.DARK);
            }
        }
        upright(facets, own(part, -w, -l, w, l), 200, high * 0.58, Role.CAR);
        upright(facets, own(part, -w + 120, -l * 0.5, w - 120, l * 0.62), high * 0.58, high * 0.96, Role.CAR_GLASS);
        upright(facets, own(part, -w + 150, -l * 0.4, w - 150, l * 0.54), high * 0.96, high, Role.CAR_ROOF);
        return new Body(Kind.GROUND, Optional.of(part.id()), facets);
    }

    /** The steps of a stair as far as the cut lets them be seen; of one that leads down those below the floor. */
    Optional<Body> of(FixedParts.Flights stair) {
        var facets = new ArrayList<Facet>();
        var rise = stair.stair().rise().mm();
        var riser = rise / stair.stair().risers();
        var isUp = stair.seen() == FixedParts.End.FOOT;
        for (var tread : stair.steps().treads()) {
            var top = isUp ? tread.topMm() : tread.topMm() - rise;
            if (top <= cutMm) {
                var bottom = Math.max(isUp ? 0 : -belowMm, top - riser - WAIST_MM);
                upright(facets, tread.outline(), bottom, top, Role.STEP);
            }
        }
        if (isUp || belowMm == Double.POSITIVE_INFINITY) {
            facets.addAll(new StairRails(stair, floorMm, cutMm, isAtWall).rails());
        }
        if (!isUp) {
            aroundWell(facets, stair);
        }
        return facets.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        new Body(Kind.FIXED_PARTS, Optional.of(stair.part().id()), facets));
    }
}
