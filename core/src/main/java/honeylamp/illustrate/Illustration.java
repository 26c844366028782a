package honeylamp.illustrate;

import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.listing.FloorSteps;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.tiers.DimensionTiers.SideTiers;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Blend;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.illustrate.building.NicheArt;
import honeylamp.illustrate.building.OpeningArt;
import honeylamp.illustrate.building.OverheadArt;
import honeylamp.illustrate.building.StairArt;
import honeylamp.illustrate.building.StructureArt;
import honeylamp.illustrate.building.WallArt;
import honeylamp.illustrate.building.WallFaceArt;
import honeylamp.illustrate.elevation.ElevationArt;
import honeylamp.illustrate.furniture.FurnitureArt;
import honeylamp.illustrate.ground.FloorArt;
import honeylamp.illustrate.ground.SiteArt;
import honeylamp.illustrate.ground.StepArt;
import honeylamp.illustrate.paper.Depth;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Fading;
import honeylamp.illustrate.pen.Indoors;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.raised.RaisedArt;
import honeylamp.illustrate.shade.FloorShade;
import honeylamp.illustrate.shade.Solids;
import honeylamp.illustrate.shade.TopShadow;
import honeylamp.illustrate.shade.WindowLight;
import honeylamp.illustrate.words.AxisArt;
import honeylamp.illustrate.words.DimensionArt;
import honeylamp.illustrate.words.LabelArt;
import honeylamp.illustrate.words.OtherWords;
import honeylamp.illustrate.words.SchemeMarks;
import honeylamp.illustrate.words.TierPlaces;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Light;
import honeylamp.plan.Light.Falls;
import honeylamp.plan.Look;
import honeylamp.plan.Look.Shading;
import honeylamp.plan.Raised;
import honeylamp.plan.Role;
import honeylamp.plan.Showing;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.TextRole;
import honeylamp.plan.View;
import honeylamp.takeoff.lived.LivedIn;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** The picture of a view. */
public final class Illustration {
    /** Resolution of corner shade on a printed page, in pixels per paper mm: a quarter of 300 dpi. */
    public static final double PRINT_SHADE_PX_PER_MM = 300 / Length.MM_PER_INCH / 4;

    /** Resolution of corner shade on screen, in pixels per paper mm. */
    public static final double SCREEN_SHADE_PX_PER_MM = 1.2;

    /** Farther than this from a building no tree of its garden stands. */
    private static final double BEYOND_CROWNS_MM = 200_000;

    /** So near to words nothing lies about, in paper mm. */
    private static final double BESIDE_WORDS_MM = 0.6;

    private final LaidView view;
    private final LaidStorey storey;
    private final LaidPlan plan;
    private final Look look;
    private final Showing showing;
    private final StoreyGeometry geometry;
    private final PaperFrame frame;

    /** Where the floor lies on paper: elsewhere only in a plan with depth. */
    private final PaperFrame low;

    /** Light is reckoned at points so far apart. */
    private final Optional<Depth> depth;

    private final Lamp lamp;
    private final double shadePxPerMm;
    private final Pens pens;
    private final Remembered remembered;
    private final FloorArt floors;

    private final StructureArt structures;
    private final StructureArt onFloor;
    private final SiteArt site;
    private final SiteArt onGround;
    private final FixedParts fixed;
    private final WordGrounds grounds;
    private final HandOfLook hand;

    /** What all that is remembered of pictures depends on, beside each question. */
    private record Setting(PaperFrame frame, Pens pens, Optional<Depth> depth) {}

    private Illustration(LaidView view, PaperFrame frame, Lamp lamp, double shadePxPerMm, Remembered pictures) {
        this.view = view;
        this.storey = view.storey();
        this.plan = view.plan();
        this.look = view.look();
        this.showing = view.view().seen();
        this.geometry = storey.geometry();
        this.frame = frame;
        this.lamp = lamp;
        this.shadePxPerMm = shadePxPerMm;
        this.pens = Pens.of(Indoors.of(look), frame.scale());
        // A plan has depth once it is lit: while one draws and colours, everything lies where the plan has it.
        this.depth = lamp == Lamp.LIT ? Depth.of(view, frame) : Optional.empty();
        this.low = depth.map(d -> d.at(0)).orElse(frame);
        this.remembered = pictures.within(new Setting(frame, pens, depth));
        this.floors = new FloorArt(low, pens, look.textureStrength(), remembered);
        this.structures = new StructureArt(frame, pens, lamp, plan.units());
        this.onFloor = depth.isEmpty() ? structures : new StructureArt(low, pens, lamp, plan.units());
        var shadeFalls = lamp == Lamp.LIT ? view.light().map(Light::fall).orElse(Point.ORIGIN) : Point.ORIGIN;
        this.site = new SiteArt(frame, pens, lamp, floors, shadeFalls);
        this.onGround = depth.isEmpty() ? site : new SiteArt(low, pens, lamp, floors, shadeFalls);
        this.fixed = storey.fixedParts();
        this.grounds = wordGrounds();
        var fall = view.light().orElse(view.view().light()).fall();
        this.hand = new HandOfLook(look, lamp, frame, pens, new Point(fall.x(), -fall.y()), remembered);
    }

    /**
     * The whole picture of a view.
     *
     * @param frame where the plan lies on paper
     * @param lamp how much is lit
     * @param shadePxPerMm resolution of corner shade, in pixels per paper mm
     */
    public static Drawing of(LaidView view, PaperFrame frame, Lamp lamp, double shadePxPerMm) {
        return of(view, frame, lamp, shadePxPerMm, new Remembered());
    }

    /** The same, faster where it is like pictures before; one memory is for one view. */
    public static Drawing of(LaidView view, PaperFrame frame, Lamp lamp, double shadePxPerMm, Remembered remembered) {
        return switch (view.view().subject()) {
            case View.Subject.Front front -> ElevationArt.of(view, front, frame, lamp, remembered);
            case Raised raised -> RaisedArt.of(view, raised, frame, lamp, remembered);
            case View.Subject.StoreyPlan _ -> new Illustration(view, frame, lamp, shadePxPerMm, remembered).drawing();
        };
    }

    /** Only the shade of a view, for measuring and comparing. */
    public static Drawing shadeOnly(LaidView view, PaperFrame frame, double shadePxPerMm) {
        var layers = new ArrayList<Layer>();
        new Illustration(view, frame, Lamp.LIT, shadePxPerMm, new Remembered())
                .shade(layers, view.storey().geometry().storey().furnishings(), List.of());
        return new Drawing(layers);
    }

    private Drawing drawing() {
        var layers = new ArrayList<Layer>();
        var ground = new ArrayList<>(kept(
                About.WASH,
                List.of(
                        geometry.network(),
                        geometry.storey().grounds(),
                        geometry.storey().structures(),
                        lamp),
                () -> (geometry.storey().grounds().isEmpty() ? site : onGround)
                        .wash(geometry, look.paper().wash())));
        ground.addAll(onGround.ground(geometry.storey()));
        ground.addAll(onGround.bays(fixed.blocks()));
        ground.addAll(onFloor.balconies(fixed.blocks(), floors));
        add(layers, LayerKind.GROUND, Kind.GROUND, ground);
        add(layers, LayerKind.FLOOR, Kind.FINISHES, floorMarks());
        var others = OtherWords.of(view, frame, pens, remembered);
        var pieces = pieces(others);
        furniture(layers, pieces.inRooms());
        if (lamp == Lamp.LIT) {
            shade(layers, pieces.inRooms(), read(others));
        }
        var standsOut = standsOut();
        var lying = new ArrayList<>(onFloor.onFloor(fixed.blocks()));
        if (lamp == Lamp.LIT && look.castShadow() > 0) {
            view.light()
                    .ifPresent(light -> lying.addAll(kept(
                            About.BELOW_OVERHEAD,
                            List.of(standsOut.over(), light, look),
                            () -> standsOut.shade(light, look.heightCap().mm()))));
        }
        lying.addAll(kept(
                About.STAIRS,
                List.of(fixed, lamp, geometry.storey().levels()),
                () -> depth.map(d -> StairArt.raised(d, pens, lamp))
                        .orElseGet(() -> new StairArt(
                                frame,
                                pens,
                                lamp,
                                geometry.storey().levels().cut().mm()))
                        .marks(fixed.stairs())));
        lying.addAll(depth.map(d -> List.<Mark>of(new Mark.Clip(outdoors(), onGround.cars(fixed.blocks(), d))))
                .orElseGet(() -> onGround.cars(fixed.blocks())));
        lying.addAll(kept(
                About.STEPS,
                List.of(geometry.rooms(), geometry.cuts(), geometry.storey().regions()),
                () -> new StepArt(low, pens).lines(FloorSteps.on(storey))));
        add(layers, LayerKind.STRUCTURES, Kind.FIXED_PARTS, lying);
        var walls = new ArrayList<>(kept(
                About.WALLS,
                List.of(
                        geometry.network(),
                        geometry.removed(),
                        geometry.cuts(),
                        geometry.rooms(),
                        geometry.storey().coverings(),
                        plan.wallTypes(),
                        lamp,
                        view.view().light()),
                () -> new WallArt(frame, pens)
                        .marks(
                                storey,
                                lamp,
                                view.light().filter(_ -> lamp == Lamp.LIT).map(Light::fall))));
        walls.addAll(kept(
                About.NICHES,
                List.of(
                        geometry.network(),
                        geometry.cuts(),
                        geometry.storey().regions(),
                        geometry.storey().coverings(),
                        geometry.storey().levels(),
                        lamp),
                () -> new NicheArt(frame, pens, lamp).marks(storey)));
        walls.addAll(structures.cut(fixed.blocks()));
        add(layers, LayerKind.POCHE, Kind.WALLS, walls);
        var openings = remembered.answerOf(
                About.OPENINGS, List.of(geometry.cuts()), () -> new OpeningArt(frame, pens).drawn(geometry.cuts()));
        add(layers, LayerKind.OPENINGS, Kind.OPENINGS, openings.seen());
        if (!pieces.onSills().isEmpty()) {
            var art = furniture();
            add(layers, LayerKind.OPENINGS, Kind.FURNITURE, art.marks(pieces.onSills(), SymbolShape.Level.TOP));
        }
        var overhead = new ArrayList<>(openings.overhead());
        overhead.addAll(structures.overhead(fixed.blocks()));
        overhead.addAll(standsOut.edges());
        if (showing.shows(Kind.FURNITURE)) {
            overhead.addAll(furniture().marks(geometry.storey().furnishings(), SymbolShape.Level.ABOVE));
        }
        add(layers, LayerKind.OVERHEAD, Kind.OVERHEAD, overhead);
        add(
                layers,
                LayerKind.OVERHEAD,
                Kind.FURNITURE,
                crowns(furniture().marks(geometry.storey().furnishings(), SymbolShape.Level.CANOPY)));
        var dark = new AfterDark(view, frame, pens, shadePxPerMm, remembered);
        if (lamp == Lamp.LIT && dark.isDark() && !geometry.rooms().isEmpty()) {
            layers.addAll(dark.layers(read(others), solids(pieces.inRooms()).pieces()));
        }
        var planned = new PlannedLights(view, frame, pens, remembered);
        layers.addAll(planned.brightness(read(others)));
        if (showing.shows(Kind.FITTINGS) && !geometry.storey().fittings().isEmpty()) {
            var written = new ArrayList<>(read(others));
            written.addAll(others.read(others.fittings()));
            var fittings = new ArrayList<>(planned.links(written));
            fittings.addAll(others.fittings());
            add(layers, LayerKind.FITTINGS, Kind.FITTINGS, fittings);
        }
        if (showing.shows(Kind.ACTIVITIES) && !geometry.storey().activities().isEmpty()) {
            add(layers, LayerKind.FITTINGS, Kind.ACTIVITIES, planned.activities());
        }
        if (showing.shows(Kind.DIMENSIONS)) {
            add(layers, LayerKind.DIMENSIONS, Kind.DIMENSIONS, told(onPaper(dimensions(others))));
        }
        var differing = hand.drawn(LayerKind.OVERHEAD, new SchemeMarks(frame, pens).of(view));
        if (!differing.isEmpty()) {
            layers.add(Layer.of(LayerKind.OVERHEAD, differing));
        }
        words(layers, others);
        return seen(new Drawing(layers));
    }

    /** Over buildings crowns of trees are seen, faint, or not at all. */
    private List<Mark> crowns(List<Mark> crowns) {
        if (crowns.isEmpty()
                || showing.of(Kind.CROWNS) == Showing.Degree.SHOWN
                || geometry.shells().isEmpty()) {
            return crowns;
        }
        var over = Figure.builder();
        geometry.shells().forEach(s -> over.ring(s.shell().counterClockwise()));
        var out = new ArrayList<Mark>();
        out.add(new Mark.Clip(outdoors(), crowns));
        if (showing.of(Kind.CROWNS) == Showing.Degree.FADED) {
            out.add(new Mark.Clip(frame.paper(over.build()), Fading.of(crowns, pens.colour(Role.PAPER))));
        }
        return out;
    }

    /** All around the buildings, on paper. */
    private Figure outdoors() {
        var beside = Figure.builder();
        var box = geometry.shellBounds().orElseThrow().grown(BEYOND_CROWNS_MM);
        beside.ring(box.ring().counterClockwise());
        geometry.shells().forEach(s -> beside.ring(s.shell().counterClockwise().reversed()));
        return frame.paper(beside.build());
    }

    private void words(List<Layer> layers, OtherWords others) {
        var words = new ArrayList<Mark>();
        if (showing.shows(Kind.ROOM_NAMES)) {
            var names = new ArrayList<>(new LabelArt(view, frame, pens, others, remembered).rooms());
            names.addAll(site.names(geometry, writtenOutside(others), plan.units(), depth));
            words.addAll(faint(Kind.ROOM_NAMES, onGround(names)));
        }
        words.addAll(faint(Kind.NOTES, onGround(others.notes())));
        words.addAll(faint(Kind.NOTES, others.sights()));
        words.addAll(faint(Kind.FURNITURE, onGround(others.parts())));
        words.addAll(faint(Kind.FIXED_PARTS, onGround(others.stairs())));
        words.addAll(faint(Kind.TAGS, others.tags()));
        if (!words.isEmpty()) {
            layers.add(Layer.of(LayerKind.LABELS, told(words)));
        }
    }

    /** In a lit house, what is written in its rooms keeps their ink. */
    private List<Mark> told(List<Mark> marks) {
        return Indoors.told(
                marks, pens, look, p -> geometry.roomAt(frame.plan(p)).isPresent());
    }

    /** Words with the tone of what they lie on around their letters. */
    private List<Mark> onGround(List<Mark> marks) {
        return grounds.around(marks);
    }

    /** Dimensions with quiet figures beside the house, unless shade falls there. */
    private List<Mark> onPaper(List<Mark> dimensions) {
        return grounds.around(dimensions, view.view().light().falls() == Falls.AROUND ? pens.ink() : pens.figureInk());
    }

    private WordGrounds wordGrounds() {
        var floored = lamp != Lamp.DRAFT && showing.shows(Kind.FINISHES);
        return new WordGrounds(
                geometry,
                low,
                pens.ink(Role.PAPER),
                look.shading() == Shading.LAMPS,
                Optional.of(floors).filter(_ -> floored),
                Optional.of(furniture()).filter(_ -> showing.shows(Kind.FURNITURE)));
    }

    private void add(List<Layer> layers, LayerKind layer, Kind kind, List<Mark> marks) {
        if (!marks.isEmpty() && showing.shows(kind)) {
            layers.add(Layer.of(layer, faint(kind, hand.drawn(layer, marks))));
        }
    }

    private List<Mark> faint(Kind kind, List<Mark> marks) {
        return showing.of(kind) == Showing.Degree.FADED ? Fading.of(marks, pens.colour(Role.PAPER)) : marks;
    }

    /** What of a picture lies within the part of the plan that is seen. */
    private Drawing seen(Drawing whole) {
        return view.crop()
                .map(box -> whole.clipped(frame.paper(Figure.ring(box.ring()))))
                .orElse(whole);
    }

    private List<Mark> floorMarks() {
        if (lamp == Lamp.DRAFT) {
            return List.of(); // the picture to trace shows through
        }
        var drawn = geometry.storey();
        return kept(
                About.FLOOR_MARKS,
                List.of(geometry.rooms(), geometry.cuts(), drawn.regions(), drawn.coverings()),
                () -> new LaidFloors(storey, low, pens, floors, surfaces()).marks());
    }

    /** What tiers are drawn around. */
    private record AroundWords(List<Box> words) {}

    private enum About {
        FLOORS,
        FLOOR_MARKS,
        TIERS,
        TIER_LINES,
        STAIRS,
        OVERHEAD,
        BELOW_OVERHEAD,
        STEPS,
        WASH,
        WALLS,
        NICHES,
        OPENINGS,
        LIVED_IN,
        SUN
    }

    /** Marks of things that are the same objects as long as nothing in them changes. */
    private List<Mark> kept(About what, List<Object> things, Supplier<List<Mark>> work) {
        return remembered.answerOf(what, things, () -> List.copyOf(work.get()));
    }

    /** The floors of all rooms, in plan mm. */
    private List<Figure> surfaces() {
        return remembered.answerOf(
                About.FLOORS, List.of(geometry.rooms(), geometry.cuts()), () -> FloorSurfaces.of(geometry));
    }

    /** The dimension tiers that are seen. */
    private List<SideTiers> tiers() {
        return remembered.answerOf(
                About.TIERS,
                List.of(
                        geometry.network(),
                        geometry.cuts(),
                        view.view(),
                        plan.units(),
                        plan.drawn().roundedTo()),
                () -> TierPlaces.seen(view));
    }

    private PiecesSeen pieces(OtherWords others) {
        var pieces = geometry.storey().furnishings();
        var amount = view.view().livedIn();
        if (amount == 0 || lamp == Lamp.DRAFT || !showing.shows(Kind.FURNITURE)) {
            return new PiecesSeen(pieces, List.of());
        }
        var all = remembered.answerOf(About.LIVED_IN, List.of(geometry), () -> LivedIn.all(geometry));
        var words = Stream.concat(read(others).stream(), others.read(others.tags()).stream())
                .map(box -> box.grown(BESIDE_WORDS_MM))
                .flatMap(box -> Stream.of(frame, low).distinct().map(there -> onPlan(box, there)))
                .toList();
        return PiecesSeen.of(pieces, all, amount, words);
    }

    private FurnitureArt furniture() {
        return new FurnitureArt(frame, pens, lamp, remembered)
                .covered(geometry.storey(), showing.shows(Kind.FINISHES) ? look.textureStrength() : 0);
    }

    private void furniture(List<Layer> layers, List<Furnishing> pieces) {
        var art = furniture();
        if (depth.isPresent()) {
            var faces = new WallFaceArt(
                    depth.get(), pens, view.light().map(Light::fall).orElse(Point.ORIGIN));
            add(layers, LayerKind.RUGS, Kind.FURNITURE, raised(art, pieces, SymbolShape.Level.FLOOR));
            add(layers, LayerKind.FACES, Kind.WALLS, faces.marks(storey));
            add(layers, LayerKind.FURNITURE, Kind.FURNITURE, raised(art, pieces, SymbolShape.Level.BODY));
            add(layers, LayerKind.TOPS, Kind.FURNITURE, raised(art, pieces, SymbolShape.Level.TOP));
            return;
        }
        add(layers, LayerKind.RUGS, Kind.FURNITURE, art.marks(pieces, SymbolShape.Level.FLOOR));
        add(layers, LayerKind.FURNITURE, Kind.FURNITURE, art.marks(pieces, SymbolShape.Level.BODY));
        add(layers, LayerKind.TOPS, Kind.FURNITURE, art.marks(pieces, SymbolShape.Level.TOP));
    }

    /** Of a piece as much is seen as the cut of the walls around it lets be seen. */
    private List<Mark> raised(FurnitureArt art, List<Furnishing> pieces, SymbolShape.Level level) {
        return art.raised(
                pieces,
                level,
                depth.orElseThrow(),
                piece -> geometry.roomAt(piece.at().point())
                        .map(room -> frame.paper(room.outline()))
                        .orElseGet(this::outdoors));
    }

    private record StandingOut(List<Outline> over, List<Outline> shells) {}

    private OverheadArt standsOut() {
        var all = storey.plan().all().stream().<Object>map(LaidStorey::geometry).toList();
        StandingOut out = remembered.answerOf(About.OVERHEAD, all, () -> {
            var over = storey.overhead();
            return new StandingOut(over, over.isEmpty() ? List.of() : geometry.shells());
        });
        return new OverheadArt(frame, pens, out.over, out.shells);
    }

    /** Where words are read on floors, in paper mm. */
    private List<Box> read(OtherWords others) {
        var labels = showing.shows(Kind.ROOM_NAMES)
                ? new LabelArt(view, frame, pens, others, remembered)
                        .placed().stream().map(LabelArt.Placed::box)
                : Stream.<Box>empty();
        var site = showing.shows(Kind.ROOM_NAMES)
                ? others.read(this.site.names(geometry, writtenOutside(others), plan.units(), depth))
                : List.<Box>of();
        var sides = tiers();
        var isBare =
                geometry.storey().grounds().isEmpty() && view.view().light().falls() == Falls.INSIDE;
        var figures = isBare || sides.isEmpty()
                ? List.<Box>of()
                : new DimensionArt(frame, pens).figures(view, sides, readOutside(others));
        return Stream.of(labels.toList(), others.read(), site, figures)
                .flatMap(List::stream)
                .toList();
    }

    private Solids solids(List<Furnishing> pieces) {
        return Solids.of(geometry, pieces, fixed, showing, look.heightCap().mm(), remembered);
    }

    private void shade(List<Layer> layers, List<Furnishing> pieces, List<Box> words) {
        var solids = solids(pieces);
        var seen = view.light();
        var light = seen.orElse(view.view().light());
        var ground = new ShadedGround(geometry, surfaces(), low, this.look, depth.isPresent());
        var surface = ground.takingShade(light);
        var look = seen.isEmpty() ? this.look.withCastShadow(0) : this.look; // the sun is down
        if (surface.isEmpty() || look.castShadow() == 0 && look.cornerShade() == 0 && look.windowLight() == 0) {
            return;
        }
        var rooms = surfaces().stream().map(low::paper).toList();
        var isSoft = look.shading() == Shading.SOFT || look.shading() == Shading.LAMPS;
        var sun = seen.isPresent() && look.windowLight() > 0 && showing.shows(Kind.WALLS)
                ? sun(light, solids)
                : WindowLight.NONE;
        if (look.shading() == Shading.SOFT || look.shading() == Shading.WASHED) {
            var marks = sun.marks(low, pens.ink(Role.SUNLIGHT), look.windowLight());
            if (!marks.isEmpty()) {
                layers.add(Layer.of(LayerKind.SUNLIGHT, marks));
            }
        }
        var shade = FloorShade.of(
                low,
                new FloorShade.Surface(
                        surface, rooms, light.falls() == Falls.AROUND ? ground.built() : Optional.empty()),
                solids,
                look,
                light,
                sun,
                words,
                shadePxPerMm,
                remembered);
        layers.add(new Layer(
                LayerKind.SHADE, look.shading() == Shading.HATCHED ? Blend.COVER : Blend.MULTIPLY, List.of(shade)));
        var onTops = look.castShadow() > 0 && isSoft
                ? new TopShadow(h -> depth.map(d -> d.at(h)).orElse(frame), pens, light, look.castShadow(), remembered)
                        .onTops(solids)
                : List.<Mark>of();
        if (!onTops.isEmpty()) {
            layers.add(Layer.of(LayerKind.TOP_SHADOW, onTops));
        }
    }

    private record Sunny(Light light, List<Solids.Solid> pieces) {}

    private WindowLight sun(Light light, Solids solids) {
        var asked = new Sunny(light, solids.pieces());
        var same = remembered.answer(asked, () -> asked);
        return remembered.answerOf(
                About.SUN,
                List.of(geometry.cuts(), geometry.rooms(), same),
                () -> WindowLight.of(geometry, light, solids.pieces(), remembered));
    }

    /** Words around the building that witness lines do not cross, in paper mm. */
    private List<Box> readOutside(OtherWords others) {
        var words = others.readOutside(geometry);
        return showing.shows(Kind.ROOM_NAMES)
                ? Stream.concat(
                                words.stream(),
                                new LabelArt(view, frame, pens, others, remembered).readOutside().stream())
                        .toList()
                : words;
    }

    private List<Mark> dimensions(OtherWords others) {
        var art = new DimensionArt(frame, pens);
        var out = new ArrayList<>(others.figures());
        var sides = tiers();
        var words = readOutside(others);
        var asked = new AroundWords(words);
        var same = remembered.answer(asked, () -> asked);
        out.addAll(kept(
                About.TIER_LINES,
                List.of(sides, view.view(), geometry.storey().structures(), geometry.network(), geometry.cuts(), same),
                () -> art.tiers(view, sides, words)));
        if (AxisArt.isSeen(view)) {
            var all = new ArrayList<>(others.read());
            all.addAll(others.read(out));
            out.addAll(new AxisArt(view, frame, pens).marks(all));
        }
        return out;
    }

    /** Where dimensions are written around the building, in plan mm. */
    private List<Outline> writtenOutside(OtherWords others) {
        if (geometry.storey().grounds().isEmpty()) {
            return List.of(); // nothing is named there
        }
        var sides = tiers();
        var words = readOutside(others);
        var boxes = new ArrayList<>(words);
        if (!sides.isEmpty()) {
            boxes.addAll(new DimensionArt(frame, pens).figures(view, sides, words));
        }
        var out = new ArrayList<Outline>();
        boxes.forEach(box -> out.add(Outline.of(onPlan(box).ring())));
        out.addAll(tierLines(sides));
        return out;
    }

    /** Where the lines of tiers lie: what is within the first of each side is free of them. */
    private List<Outline> tierLines(List<SideTiers> sides) {
        return sides.isEmpty()
                ? List.of()
                : Regions.difference(
                        List.of(Outline.of(onPlan(TierPlaces.around(view, frame, sides, pens.cap(TextRole.DIMENSION)))
                                .ring())),
                        List.of(Outline.of(
                                onPlan(TierPlaces.before(view, frame, sides)).ring())));
    }

    private Box onPlan(Box paper) {
        return onPlan(paper, frame);
    }

    private static Box onPlan(Box paper, PaperFrame there) {
        return Box.around(paper.ring().corners().stream().map(there::plan).toList());
    }
}
