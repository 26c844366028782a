package honeylamp.illustrate.ground;

import honeylamp.catalogue.Grounds;
import honeylamp.catalogue.Looks;
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
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.Depth;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.shade.LampLight;
import honeylamp.plan.Finish;
import honeylamp.plan.Ground;
import honeylamp.plan.Ground.Use;
import honeylamp.plan.Look.Shading;
import honeylamp.plan.Oklch;
import honeylamp.plan.Position;
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
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Draws the ground around a building: its surfaces, the boundary and the setback line, bays with their cars. */
public final class SiteArt {
    /** Ground passes into the paper over so much, in paper mm, in so many steps, the faster the higher the power. */
    private static final double FADE_MM = 4.5;

    private static final int FADE_STEPS = 16;
    private static final double FADE_FALLS = 1.7;

    /** The ground is toned so far around, in paper mm, in so many steps that each cover so much. */
    private static final double WASH_MM = 7.5;

    private static final int WASH_STEPS = 15;
    private static final double WASH_COVERS = 0.011;

    /** The kerb of a pool, and what is seen of its wall under water. */
    private static final double KERB_MM = 320;

    private static final double UNDER_WATER_MM = 240;

    private static final int PIECES_PER_CURVE = 5;

    /** As wide as a mower cuts. */
    private static final double MOWN_MM = 600;

    private static final double BORDER_MM = 210;
    private static final double SETT_MM = 210;
    private static final double LEAST_SETT_MM = 0.8;
    private static final int MOST_SETTS = 2000;
    private static final double BORDER_DARKER = 0.018;
    private static final double MOWN_LIGHTER = 0.011;
    private static final double MOWN_COVERS = 0.28;
    private static final long MOST_STRIPS = 400;

    /** Around names of ground, in paper mm. */
    private static final double NAME_AIR_MM = 0.8;

    private static final double LEADING = 1.75;

    /** To each side of a setback's line, in paper mm, nothing is written. */
    private static final double SETBACK_TAKES_MM = 0.3;

    private final PaperFrame frame;
    private final Pens pens;
    private final Lamp lamp;
    private final FloorArt floors;
    private final PlantingArt planting;

    /** With the light samples are seen in. */
    public SiteArt(PaperFrame frame, Pens pens, Lamp lamp, FloorArt floors) {
        this(frame, pens, lamp, floors, Looks.UPPER_LEFT.fall());
    }

    /**
     * Draws with pens on paper.
     *
     * @param away in the plan, where shade falls to; of no length if there is no light
     */
    public SiteArt(PaperFrame frame, Pens pens, Lamp lamp, FloorArt floors, Point away) {
        this.frame = frame;
        this.pens = pens;
        this.lamp = lamp;
        this.floors = floors;
        this.planting = new PlantingArt(frame, pens, away);
    }

    /** One ground as it usually is, for a sample. */
    public List<Mark> sample(Ground ground) {
        return laid(List.of(ground), _ -> Optional.empty());
    }

    /** The ground around what is built and laid out, toned ever less until it is paper. */
    public List<Mark> wash(StoreyGeometry geometry, double strength) {
        var isEvening = pens.look().shading() == Shading.LAMPS;
        if (lamp == Lamp.DRAFT || strength == 0 && !isEvening) {
            return List.of();
        }
        var out = new ArrayList<Mark>();
        if (strength > 0) {
            around(out, geometry, strength);
        }
        // the light of lamps lies over the ground itself, not over what it passes into
        out.addAll(fading(geometry.storey(), isEvening && lamp == Lamp.LIT ? LampLight::unlit : ink -> ink));
        return out;
    }

    /** The soft tone of the ground around all that is built and laid. */
    private void around(List<Mark> out, StoreyGeometry geometry, double strength) {
        var storey = geometry.storey();
        var held = Stream.of(
                        geometry.shells().stream(),
                        storey.grounds().stream().map(g -> Outline.of(g.ring())),
                        storey.structures().stream()
                                .filter(s -> s.is(Structure.Kind.BALCONY))
                                .map(s -> Outline.of(s.footprint())))
                .flatMap(Function.identity())
                .map(o -> Outline.of(o.shell()))
                .toList();
        var whole = Regions.union(held);
        var ink = new Ink(pens.colour(Role.PAPER).lighter(-0.42).stronger(0.012).argb(), WASH_COVERS * strength);
        IntStream.rangeClosed(1, WASH_STEPS)
                .mapToObj(k -> Regions.softened(whole, frame.planMm(WASH_MM * k / WASH_STEPS)))
                .map(around -> {
                    var path = Figure.builder();
                    around.forEach(o -> path.ring(o.shell()));
                    return (Mark) new Mark.Fill(frame.paper(path.build()), ink);
                })
                .forEach(out::add);
    }

    /** Surfaces in the order they were laid, the lines of the plot over them. */
    public List<Mark> ground(Storey storey) {
        return laid(storey.grounds(), ground -> Surfaces.finish(storey, new Surface.Site(ground.id())));
    }

    private List<Mark> laid(List<Ground> grounds, Function<Ground, Optional<Finish>> coverings) {
        var out = new ArrayList<Mark>();
        var setbacks = grounds.stream()
                .filter(g -> g.use() == Use.PLOT && g.setback().mm() > 0)
                .<Mark>map(this::setback)
                .toList();
        for (var ground : grounds) {
            if (ground.use() != Use.PLOT) {
                surface(out, ground, coverings.apply(ground), setbacks);
            }
        }
        for (var ground : grounds) {
            if (ground.use() == Use.PLOT) {
                var ring = frame.paper(Figure.ring(ground.ring()));
                out.add(new Mark.Stroke(ring, pens.plot(), pens.ink()));
            }
        }
        if (!setbacks.isEmpty()) {
            out.add(new Mark.Clip(besideGrown(grounds), setbacks));
        }
        return out;
    }

    /** All but what is planted: there the line of a setback lies below the plants. */
    private Figure besideGrown(List<Ground> grounds) {
        var all = Regions.union(grounds.stream().map(g -> Outline.of(g.ring())).toList());
        var grown = grounds.stream()
                .filter(SiteArt::isGrown)
                .map(g -> Outline.of(g.ring()))
                .toList();
        var path = Figure.builder();
        Regions.difference(all, grown).forEach(o -> path.path(o.path()));
        return frame.paper(path.build());
    }

    private static boolean isGrown(Ground ground) {
        return ground.use() == Use.PLANTING || ground.use() == Use.HEDGE;
    }

    private Mark setback(Ground plot) {
        var lines = Figure.builder();
        Regions.softened(List.of(Outline.of(plot.ring())), -plot.setback().mm()).forEach(o -> lines.path(o.path()));
        return new Mark.Stroke(frame.paper(lines.build()), pens.overhead(), pens.innerInk());
    }

    /**
     * Grass, beds and paving pass into the paper where the plot ends, instead of ending at a ruled edge: in bands beside each
     * other, as many faint colours over each other do not keep their hue.
     */
    private List<Mark> fading(Storey storey, UnaryOperator<Ink> seen) {
        var out = new ArrayList<Mark>();
        for (var ground : storey.grounds()) {
            if (ground.use() != Use.PLOT && ground.use() != Use.POOL) {
                var ink = seen.apply(pens.surface(Grounds.material(ground.use()).tone()));
                var within = List.of(Outline.of(ground.ring()));
                for (var k = 1; k <= FADE_STEPS; k++) {
                    var path = Figure.builder();
                    var around = Regions.softened(
                            List.of(Outline.of(ground.ring())), frame.planMm(FADE_MM * k / FADE_STEPS));
                    Regions.difference(around, within).forEach(o -> path.path(o.path()));
                    var left = 1 - (k - 0.5) / FADE_STEPS;
                    out.add(new Mark.Fill(frame.paper(path.build()), ink.at(Math.pow(left, FADE_FALLS))));
                    within = around;
                }
            }
        }
        return out;
    }

    private void surface(List<Mark> out, Ground ground, Optional<Finish> covering, List<Mark> setbacks) {
        var ring = ground.ring();
        var path = Figure.ring(ring);
        if (lamp != Lamp.DRAFT) {
            var finish =
                    covering.orElseGet(() -> new Finish("", 0, ground.corners().getFirst()));
            var material = Materials.of(finish.material()).orElseGet(() -> Grounds.material(ground.use()));
            var seed = ground.id().seed();
            out.add(floors.floor(path, ring.bounds(), material, finish, seed));
            if (isGrown(ground) && !setbacks.isEmpty()) {
                out.add(new Mark.Clip(frame.paper(path), setbacks));
            }
            if (covering.isEmpty()) {
                grown(out, ground.use(), Outline.of(ring), seed);
            }
        }
        out.add(new Mark.Stroke(frame.paper(path), pens.swing(), pens.innerInk()));
    }

    /** What makes grass, beds and water of a tone. */
    private void grown(List<Mark> out, Use use, Outline ground, long seed) {
        switch (use) {
            case PLANTING -> out.addAll(planting.shrubs(ground, seed));
            case HEDGE -> out.addAll(planting.hedge(ground, seed));
            case LAWN -> mown(out, ground);
            case POOL -> pool(out, ground);
            case YARD, TERRACE -> border(out, use, ground);
            case PLOT, DRIVE, PATH -> {}
        }
    }

    /** A course of setts around what is paved, end to end along its edge, as soon as one can tell them apart. */
    private void border(List<Mark> out, Use use, Outline ground) {
        var inner = Regions.inset(List.of(ground), BORDER_MM);
        if (inner.isEmpty()) {
            return;
        }
        var tone = Grounds.material(use).tone().lighter(-BORDER_DARKER);
        var band = Figure.builder().ring(ground.shell().counterClockwise());
        inner.forEach(o -> band.ring(o.shell().counterClockwise().reversed()));
        var within = frame.paper(band.build());
        out.add(new Mark.Fill(within, pens.surface(tone)));
        var joints = Figure.builder();
        inner.forEach(o -> joints.ring(o.shell()));
        if (SETT_MM / frame.scale() >= LEAST_SETT_MM) {
            for (var edge : ground.shell().counterClockwise().edges()) {
                var many = (int) Math.min(MOST_SETTS, Math.rint(edge.length() / SETT_MM));
                for (var k = 1; k < many; k++) {
                    var at = edge.at(edge.length() * k / many);
                    joints.line(at, at.plus(edge.unit().left().times(BORDER_MM)));
                }
            }
        }
        out.add(new Mark.Clip(
                within, List.of(new Mark.Stroke(frame.paper(joints.build()), pens.swing(), pens.joint(tone)))));
    }

    /** Every other strip a little lighter, along the longest side. */
    private void mown(List<Mark> out, Outline lawn) {
        var longest = lawn.shell().edges().stream()
                .max(Comparator.comparingDouble(Segment::length))
                .orElseThrow();
        var along = longest.b().minus(longest.a()).unit();
        var across = along.left();
        var box = lawn.bounds();
        var reach = Math.hypot(box.width(), box.height());
        if (reach / MOWN_MM > MOST_STRIPS || pens.hasJointsAlone()) {
            return;
        }
        var strips = Figure.builder();
        for (var k = 0; k * 2 * MOWN_MM < reach; k++) {
            var from = longest.a().plus(across.times(2 * k * MOWN_MM));
            var a = from.minus(along.times(reach));
            var b = from.plus(along.times(2 * reach));
            strips.ring(Ring.of(a, b, b.plus(across.times(MOWN_MM)), a.plus(across.times(MOWN_MM)))
                    .counterClockwise());
        }
        var tone = Grounds.material(Use.LAWN).tone().lighter(5 * MOWN_LIGHTER);
        out.add(new Mark.Clip(
                frame.paper(lawn.path()),
                List.of(new Mark.Fill(frame.paper(strips.build()), pens.of(tone).at(MOWN_COVERS)))));
    }

    /** Water within a kerb, deeper away from its walls, with a few lines of light. */
    private void pool(List<Mark> out, Outline pool) {
        var kerb = Grounds.material(Use.TERRACE).tone().lighter(0.02);
        out.add(new Mark.Fill(frame.paper(pool.path()), pens.surface(kerb)));
        var water = Grounds.material(Use.POOL).tone();
        for (var basin : Regions.inset(List.of(pool), KERB_MM)) {
            var seen = new ArrayList<Mark>();
            seen.add(new Mark.Fill(frame.paper(basin.path()), pens.of(water)));
            Regions.inset(List.of(basin), UNDER_WATER_MM)
                    .forEach(deep -> seen.add(new Mark.Fill(frame.paper(deep.path()), pens.of(water.lighter(-0.035)))));
            seen.add(new Mark.Stroke(
                    frame.paper(ripples(basin.bounds())),
                    pens.furnitureInner(),
                    new Ink(pens.colour(Role.PAPER).argb(), 0.75)));
            out.add(new Mark.Clip(frame.paper(basin.path()), seen));
            out.add(new Mark.Stroke(frame.paper(basin.path()), pens.furnitureInner(), pens.innerInk()));
        }
    }

    private static Figure ripples(Box box) {
        var lines = Figure.builder();
        var rows = (int) Math.clamp(Math.round(box.height() / 420), 1L, MOST_STRIPS);
        for (var j = 0; j < rows; j++) {
            var y = box.minY() + box.height() * (j + 0.5) / rows;
            var x = box.minX() + box.width() * (0.12 + 0.5 * Seeds.unit(3, j, 1));
            var reach = box.width() * (0.12 + 0.16 * Seeds.unit(3, j, 2));
            lines.moveTo(x, y);
            lines.curveTo(x + reach / 3, y + 70, x + 2 * reach / 3, y - 70, x + reach, y);
        }
        return lines.build();
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
        return cars(parts, (out, part, car) -> CarArt.of(car).forEach(shape -> flat(out, part, shape, frame)));
    }

    /** The cars as one sees them who looks down into a storey. */
    public List<Mark> cars(List<Structure> parts, Depth depth) {
        return cars(
                parts,
                (out, part, car) -> CarArt.of(car).forEach(shape -> {
                    switch (shape.bulk()) {
                        case BODY -> sides(out, part, shape, CarArt.BODY_FROM_MM, pens.colour(Role.CAR), depth);
                        case ROOF -> sides(out, part, shape, CarArt.ROOF_FROM_MM, pens.colour(Role.CAR_GLASS), depth);
                        case FLAT -> {}
                    }
                    flat(out, part, shape, depth.at(shape.topMm()));
                }));
    }

    private interface CarDrawing {
        void draw(List<Mark> out, Structure part, Car car);
    }

    private static List<Mark> cars(List<Structure> parts, CarDrawing drawing) {
        var out = new ArrayList<Mark>();
        for (var part : parts) {
            if (part.form() instanceof ParkingBay bay) {
                drawing.draw(out, part, bay.car());
            }
        }
        return out;
    }

    /** Seen from above, its nose to the back of the bay. */
    private void flat(List<Mark> out, Structure part, CarArt.Shape shape, PaperFrame there) {
        var path = shape.path().through(part.placing().then(there.toPaper()));
        var pen = shape.edge() == CarArt.Edge.OUTLINE ? pens.furniture() : pens.furnitureInner();
        if (shape.role().isPresent()) {
            painted(out, path, pens.colour(shape.role().get()).lighter(shape.lighter()), pen);
        } else {
            out.add(new Mark.Stroke(path, pen, pens.innerInk()));
        }
    }

    /** What is seen of a car between two heights. */
    private void sides(List<Mark> out, Structure part, CarArt.Shape shape, double fromMm, Oklch tone, Depth depth) {
        var ring = shape.path().flattened(PIECES_PER_CURVE).through(part.placing());
        var hull = depth.body(ring, fromMm, shape.topMm());
        painted(out, Figure.ring(hull), tone.lighter(-Depth.SIDE_DARKER), pens.furnitureInner());
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
     * @param depth of the picture, if it has any: names lie on the ground where it is seen
     */
    public List<Mark> names(
            StoreyGeometry geometry, List<Outline> dimensioned, UnitSystem units, Optional<Depth> depth) {
        var storey = geometry.storey();
        var taken = new ArrayList<>(dimensioned);
        var building = geometry.network().poche().stream()
                .map(o -> Outline.of(o.shell()))
                .toList();
        taken.addAll(building);
        storey.structures().forEach(s -> taken.add(Outline.of(s.footprint())));
        storey.furnishings().forEach(f -> taken.add(Outline.of(Picking.footprint(f))));
        var grounds = storey.grounds().stream().map(g -> seen(g, depth)).toList();
        grounds.forEach(g -> taken.addAll(setbackLine(g)));
        var out = new ArrayList<Mark>();
        for (var i = 0; i < storey.grounds().size(); i++) {
            var ground = storey.grounds().get(i);
            if (isSilent(ground.use())) {
                continue;
            }
            var over = new ArrayList<>(taken);
            grounds.subList(i + 1, grounds.size()).stream()
                    .filter(g -> g.use() != Use.PLOT)
                    .forEach(g -> over.add(Outline.of(g.ring())));
            var open = Regions.difference(List.of(Outline.of(ground.ring())), building);
            var free = Regions.difference(List.of(Outline.of(grounds.get(i).ring())), over);
            name(out, ground, free, open.stream().mapToDouble(Outline::area).sum(), units);
        }
        return out;
    }

    /** Ground as it is seen by one who looks down into a storey: at the level of its floor. */
    private static Ground seen(Ground ground, Optional<Depth> depth) {
        return depth.map(d -> ground.around(ground.corners().stream()
                        .map(corner -> Position.of(d.seenAt(corner.point(), 0)))
                        .toList()))
                .orElse(ground);
    }

    /** What the line of a setback takes of the ground, as a frame. */
    private List<Outline> setbackLine(Ground ground) {
        var line = frame.planMm(SETBACK_TAKES_MM);
        return ground.setback().mm() > line
                ? Regions.difference(
                        Regions.inset(
                                List.of(Outline.of(ground.ring())),
                                ground.setback().mm() - line),
                        Regions.inset(
                                List.of(Outline.of(ground.ring())),
                                ground.setback().mm() + line))
                : List.of();
    }

    private static boolean isSilent(Use use) {
        return use == Use.PLOT || use == Use.PLANTING || use == Use.HEDGE;
    }

    private void name(List<Mark> out, Ground ground, List<Outline> free, double areaMm2, UnitSystem units) {
        var name = Grounds.label(ground.use());
        free.stream()
                .map(o -> Regions.freestPoint(o, 30))
                .max(Comparator.comparingDouble(Regions.Clearing::radiusMm))
                .ifPresent(c -> Stream.of(List.of(name, AreaText.rounded(areaMm2, units)), List.of(name))
                        .filter(lines -> frame.planMm(reachMm(lines)) < c.radiusMm())
                        .findFirst()
                        .ifPresent(lines -> write(out, lines, frame.paper(c.centre()))));
    }

    /** How far lines about a point reach from it with the air around them, in paper mm. */
    private double reachMm(List<String> lines) {
        var face = pens.face(TextRole.SITE, Typeface.REGULAR);
        var cap = pens.cap(TextRole.SITE);
        var wide = lines.stream()
                .mapToDouble(line -> face.widthMm(line, cap, 0))
                .max()
                .orElse(0);
        return Math.hypot(wide / 2, heightMm(lines) / 2) + NAME_AIR_MM;
    }

    private double heightMm(List<String> lines) {
        return pens.cap(TextRole.SITE) * (1 + LEADING * (lines.size() - 1));
    }

    private void write(List<Mark> out, List<String> lines, Point middle) {
        var cap = pens.cap(TextRole.SITE);
        var y = middle.y() - heightMm(lines) / 2 + cap;
        for (var line : lines) {
            out.add(text(line, new Point(middle.x(), y)));
            y += cap * LEADING;
        }
    }

    private Mark text(String words, Point at) {
        var face = pens.face(TextRole.SITE, Typeface.REGULAR);
        return new Mark.Text(words, at, pens.cap(TextRole.SITE), face, 0, Mark.Align.MIDDLE, 0, pens.ink());
    }
}
