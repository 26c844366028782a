package honeylamp.illustrate.ground;

import honeylamp.catalogue.Grounds;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.pattern.Seeds;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Finish;
import honeylamp.plan.Ground;
import honeylamp.plan.Ground.Use;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.Car;
import honeylamp.plan.Structure.ParkingBay;
import honeylamp.plan.Surface;
import honeylamp.plan.TextRole;
import honeylamp.units.AreaText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Draws the ground around a building: its surfaces, the boundary and the setback line, bays with their cars. */
public final class SiteArt {
    private static final double SHRUB_PITCH_MM = 620;
    private static final List<Role> LEAVES = List.of(Role.LEAF_LIGHT, Role.LEAF, Role.LEAF_DEEP);

    private final PaperFrame frame;
    private final Pens pens;
    private final Lamp lamp;
    private final FloorArt floors;

    public SiteArt(PaperFrame frame, Pens pens, Lamp lamp, FloorArt floors) {
        this.frame = frame;
        this.pens = pens;
        this.lamp = lamp;
        this.floors = floors;
    }

    /** One ground as it usually is, for a sample. */
    public List<Mark> sample(Ground ground) {
        var out = new ArrayList<Mark>();
        if (ground.use() == Use.PLOT) {
            plot(out, ground);
        } else {
            surface(out, ground, Optional.empty());
        }
        return out;
    }

    /** Surfaces in the order they were laid, the lines of the plot over them. */
    public List<Mark> ground(Storey storey) {
        var grounds = storey.grounds();
        var out = new ArrayList<Mark>();
        for (var ground : grounds) {
            if (ground.use() != Use.PLOT) {
                surface(out, ground, Surfaces.finish(storey, new Surface.Site(ground.id())));
            }
        }
        for (var ground : grounds) {
            if (ground.use() == Use.PLOT) {
                plot(out, ground);
            }
        }
        return out;
    }

    private void surface(List<Mark> out, Ground ground, Optional<Finish> covering) {
        var ring = ground.ring();
        var path = Figure.ring(ring);
        if (lamp != Lamp.DRAFT) {
            var finish =
                    covering.orElseGet(() -> new Finish("", 0, ground.corners().getFirst()));
            var material = Materials.of(finish.material()).orElseGet(() -> Grounds.material(ground.use()));
            var seed = ground.id().seed();
            out.add(floors.floor(path, ring.bounds(), material, finish, seed));
            if (ground.use() == Use.PLANTING && covering.isEmpty()) {
                out.add(new Mark.Clip(frame.paper(path), shrubs(ring.bounds(), Outline.of(ring), seed)));
            }
        }
        out.add(new Mark.Stroke(frame.paper(path), pens.swing(), pens.innerInk()));
    }

    /** Round shrubs in three greens, seeded. */
    private List<Mark> shrubs(Box box, Outline bed, long seed) {
        var out = new ArrayList<Mark>();
        var rows = (long) Math.ceil(box.height() / SHRUB_PITCH_MM);
        var columns = (long) Math.ceil(box.width() / SHRUB_PITCH_MM);
        for (var j = 0L; j < rows; j++) {
            for (var i = 0L; i < columns; i++) {
                var at = new Point(
                        box.minX() + (i + 0.5 + 0.28 * Seeds.signed(seed, i, j)) * SHRUB_PITCH_MM,
                        box.minY() + (j + 0.5 + 0.28 * Seeds.signed(seed + 1, i, j)) * SHRUB_PITCH_MM);
                if (bed.contains(at)) {
                    shrub(out, at, 190 + 130 * Seeds.unit(seed + 2, i, j), seed + 31 * i + 7 * j);
                }
            }
        }
        return out;
    }

    private void shrub(List<Mark> out, Point at, double radius, long seed) {
        var tone = pens.colour(LEAVES.get((int) (Seeds.unit(seed, 1, 2) * 2.999)));
        var lobes = 9;
        var edge = Figure.builder();
        for (var k = 0; k < lobes; k++) {
            var around = at.plus(Point.direction(360.0 * k / lobes + 40 * Seeds.unit(seed, 3, k))
                    .times(radius * 0.62));
            edge.path(Figure.circle(around, radius * (0.40 + 0.10 * Seeds.unit(seed, 4, k))));
        }
        edge.path(Figure.circle(at, radius * 0.7));
        var whole = frame.paper(edge.build());
        out.add(new Mark.Stroke(
                whole, pens.furniture(), Ink.of(tone.lighter(-0.14).argb())));
        out.add(new Mark.Fill(whole, Ink.of(tone.argb())));
        var light = at.plus(new Point(-0.22 * radius, 0.26 * radius));
        out.add(new Mark.Fill(
                frame.paper(Figure.circle(light, radius * 0.46)),
                Ink.of(tone.lighter(0.07).argb())));
    }

    private void plot(List<Mark> out, Ground plot) {
        var ring = plot.ring();
        out.add(new Mark.Stroke(frame.paper(Figure.ring(ring)), pens.plot(), pens.ink()));
        if (plot.setback().mm() > 0) {
            for (var line :
                    Regions.softened(List.of(Outline.of(ring)), -plot.setback().mm())) {
                out.add(new Mark.Stroke(frame.paper(line), pens.overhead(), pens.innerInk()));
            }
        }
    }

    /** The painted lines of bays. */
    public List<Mark> bays(List<Structure> parts) {
        var out = new ArrayList<Mark>();
        for (var part : parts) {
            if (part.form() instanceof ParkingBay) {
                var b = part.box();
                var lines = Figure.builder()
                        .line(
                                new Point(b.minX(), b.minY()),
                                new Point(b.minX(), b.maxY()),
                                new Point(b.maxX(), b.maxY()),
                                new Point(b.maxX(), b.minY()))
                        .build()
                        .through(part.placing().then(frame.toPaper()));
                if (lamp != Lamp.DRAFT) {
                    out.add(new Mark.Stroke(
                            lines,
                            Pen.butt(frame.toPaper().lengthScale() * 90),
                            Ink.of(pens.colour(Role.PAINT).argb())));
                }
                out.add(new Mark.Stroke(lines, pens.swing(), pens.innerInk()));
            }
        }
        return out;
    }

    /** The cars that stand in the bays. */
    public List<Mark> cars(List<Structure> parts) {
        var out = new ArrayList<Mark>();
        for (var part : parts) {
            if (part.form() instanceof ParkingBay bay) {
                car(out, part, bay.car());
            }
        }
        return out;
    }

    /** Seen from above, its nose to the back of the bay. */
    private void car(List<Mark> out, Structure part, Car car) {
        var toPaper = part.placing().then(frame.toPaper());
        var w = car.width().mm() / 2;
        var l = car.length().mm() / 2;
        var cabinFront = l - (car == Car.LARGE ? 0.24 : 0.30) * 2 * l;
        var cabinBack = -l + (car == Car.LARGE ? 0.05 : 0.12) * 2 * l;
        var body = Figure.builder().roundedBox(new Box(-w, -l, w, l), 0.42 * w);
        var mirrors = Figure.builder()
                .roundedBox(new Box(-w - 150, cabinFront - 330, -w + 30, cabinFront - 210), 50)
                .roundedBox(new Box(w - 30, cabinFront - 330, w + 150, cabinFront - 210), 50)
                .build()
                .through(toPaper);
        painted(out, mirrors, pens.colour(Role.CAR), pens.furnitureInner());
        painted(out, body.build().through(toPaper), pens.colour(Role.CAR), pens.furniture());
        var glass = Figure.builder()
                .line(
                        new Point(-0.80 * w, cabinFront),
                        new Point(0, cabinFront + 0.10 * w),
                        new Point(0.80 * w, cabinFront),
                        new Point(0.88 * w, 0.5 * (cabinFront + cabinBack)),
                        new Point(0.78 * w, cabinBack),
                        new Point(-0.78 * w, cabinBack),
                        new Point(-0.88 * w, 0.5 * (cabinFront + cabinBack)),
                        new Point(-0.80 * w, cabinFront))
                .build()
                .through(toPaper);
        painted(out, glass, pens.colour(Role.CAR_GLASS), pens.furnitureInner());
        var roof = new Box(-0.68 * w, cabinBack + 0.28 * w, 0.68 * w, cabinFront - 0.62 * w);
        painted(
                out,
                Figure.builder().roundedBox(roof, 0.16 * w).build().through(toPaper),
                pens.colour(Role.CAR_ROOF),
                pens.furnitureInner());
        var seams = Figure.builder()
                .line(new Point(-0.66 * w, cabinFront + 0.14 * w), new Point(-0.52 * w, l - 0.10 * w))
                .line(new Point(0.66 * w, cabinFront + 0.14 * w), new Point(0.52 * w, l - 0.10 * w))
                .line(
                        new Point(-0.68 * w, 0.5 * (cabinFront + cabinBack)),
                        new Point(-w, 0.5 * (cabinFront + cabinBack)))
                .line(new Point(0.68 * w, 0.5 * (cabinFront + cabinBack)), new Point(w, 0.5 * (cabinFront + cabinBack)))
                .build()
                .through(toPaper);
        out.add(new Mark.Stroke(seams, pens.furnitureInner(), pens.innerInk()));
    }

    private void painted(List<Mark> out, Figure path, Oklch tone, Pen pen) {
        if (lamp != Lamp.DRAFT) {
            out.add(new Mark.Fill(path, Ink.of(tone.argb())));
        }
        out.add(new Mark.Stroke(path, pen, pens.furnitureInk()));
    }

    /**
     * What the ground is and how large, where nothing stands on it; planting speaks for itself.
     *
     * @param dimensioned where dimensions are written, in plan mm
     */
    public List<Mark> names(StoreyGeometry geometry, List<Outline> dimensioned, UnitSystem units) {
        var storey = geometry.storey();
        var taken = new ArrayList<>(dimensioned);
        var building = geometry.network().poche().stream()
                .map(o -> Outline.of(o.shell()))
                .toList();
        taken.addAll(building);
        storey.structures().forEach(s -> taken.add(Outline.of(s.footprint())));
        storey.furnishings().forEach(f -> taken.add(Outline.of(Picking.footprint(f))));
        var out = new ArrayList<Mark>();
        for (var i = 0; i < storey.grounds().size(); i++) {
            var ground = storey.grounds().get(i);
            if (ground.use() == Use.PLOT || ground.use() == Use.PLANTING) {
                continue;
            }
            var over = new ArrayList<>(taken);
            storey.grounds().subList(i + 1, storey.grounds().size()).stream()
                    .filter(g -> g.use() != Use.PLOT)
                    .forEach(g -> over.add(Outline.of(g.ring())));
            var open = Regions.difference(List.of(Outline.of(ground.ring())), building);
            var free = Regions.difference(open, over);
            name(out, ground, free, open.stream().mapToDouble(Outline::area).sum(), units);
        }
        return out;
    }

    private void name(List<Mark> out, Ground ground, List<Outline> free, double areaMm2, UnitSystem units) {
        var words = Grounds.label(ground.use());
        var area = AreaText.rounded(areaMm2, units);
        free.stream()
                .map(o -> Regions.freestPoint(o, 30))
                .max(Comparator.comparingDouble(Regions.Clearing::radiusMm))
                .filter(c -> c.radiusMm()
                        > frame.planMm(
                                pens.face(TextRole.SITE, Typeface.REGULAR).widthMm(words, pens.cap(TextRole.SITE), 0)
                                        / 2))
                .ifPresent(c -> {
                    var at = frame.paper(c.centre());
                    out.add(text(words, at));
                    if (c.radiusMm()
                            > frame.planMm(
                                    pens.face(TextRole.SITE, Typeface.REGULAR).widthMm(area, pens.cap(TextRole.SITE), 0)
                                                    / 2
                                            + 1)) {
                        out.add(text(area, at.plus(new Point(0, pens.cap(TextRole.SITE) * 1.75))));
                    }
                });
    }

    private Mark text(String words, Point at) {
        var face = pens.face(TextRole.SITE, Typeface.REGULAR);
        return new Mark.Text(words, at, pens.cap(TextRole.SITE), face, 0, Mark.Align.MIDDLE, 0, pens.ink());
    }
}
