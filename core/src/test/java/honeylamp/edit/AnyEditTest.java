package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.Fittings;
import honeylamp.catalogue.PartKinds;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Drawing;
import honeylamp.edit.WallEdits.End;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Activity;
import honeylamp.plan.Buying;
import honeylamp.plan.Doing;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Finish;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Ground;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Sense;
import honeylamp.plan.Showing;
import honeylamp.plan.Side;
import honeylamp.plan.Underlay;
import honeylamp.plan.View;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Edits of every kind in any order, each completed as the window completes it: none throws, and taking all back gives
 * the identical plan and picture. {@code -Dhoneylamp.edits=20000} does more of them. Each day plays others; the seed stands in the test's name,
 * and {@code -Dhoneylamp.seed=N} plays those of another day again.
 */
class AnyEditTest {
    private static final int EDITS = Integer.getInteger("honeylamp.edits", 250);
    private static final long SEED =
            Long.getLong("honeylamp.seed", LocalDate.now().toEpochDay());

    private final Random random = new Random(SEED);

    static Stream<Named<Plan>> plans() {
        return Stream.of(
                Named.of("Sailcloth Yard, seed " + SEED, SailclothYard.plan()),
                Named.of("Quillback Lane, seed " + SEED, QuillbackLane.plan()),
                Named.of("one room, seed " + SEED, TestPlans.clearRectangle(8000, 5000)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("plans")
    void noneThrowsAndUndoGivesBackPlanAndPicture(Plan first) {
        var before = picture(first);
        var history = History.of(first);
        var cache = new GeometryCache();
        var completing = new Completing(cache);
        var done = 0;
        for (var i = 0; i < EDITS / 3; i++) {
            var now = history.now();
            var next = history.then(completing.of(now, edited(now)), "edit " + i);
            done += next == history ? 0 : 1;
            history = next;
            if (i % 25 == 0) {
                assertThat(completing.of(history.now(), history.now())).isSameAs(history.now());
                assertThat(picture(history.now()).layers().isEmpty() && isSomethingBuilt(history.now()))
                        .isFalse();
            }
            if (i % 200 == 199) { // a plan that only grows tells less each time
                history = takenBack(history, first, before);
            }
        }
        assertThat(done).as("seed %d", SEED).isGreaterThan(EDITS / 3 / 2);
        takenBack(history, first, before);
    }

    /** Whether the storey that is pictured has walls; of what is said of it alone nothing may be seen. */
    private static boolean isSomethingBuilt(Plan plan) {
        var view = LaidPlan.of(plan).pages().getLast().views().getLast();
        return !view.storey().storey().walls().isEmpty()
                && view.view().showing().shows(Showing.Kind.WALLS);
    }

    private static History takenBack(History history, Plan first, Drawing picture) {
        var now = history;
        while (now.undoable().isPresent()) {
            now = now.undo();
        }
        assertThat(now.now()).isEqualTo(first);
        assertThat(picture(now.now()).layers()).isEqualTo(picture.layers());
        return History.of(first);
    }

    private static Drawing picture(Plan plan) {
        var last = LaidPlan.of(plan).pages().getLast().views().getLast();
        var view = last.seenAs(
                last.view().withShowing(last.view().showing().with(Showing.Kind.FITTINGS, Showing.Degree.SHOWN)));
        return Illustration.of(view, PaperFrame.atOrigin(100), Lamp.COLOUR, 1);
    }

    private <T> T any(List<T> from) {
        return from.get(random.nextInt(from.size()));
    }

    private Length mm(int least, int most) {
        return Length.ofMm(least + random.nextInt(most - least + 1));
    }

    private Position place() {
        return Position.ofMm(random.nextInt(14_000) - 500, random.nextInt(10_000) - 500);
    }

    private Set<ElementId> picked(Plan plan, StoreyId storey) {
        var all = plan.storey(storey).elements().all().map(Element::id).toList();
        return Stream.generate(() -> any(all)).limit(1 + random.nextInt(4)).collect(Collectors.toUnmodifiableSet());
    }

    private <E extends Element> Plan with(
            Plan plan, StoreyId storey, Class<E> kind, Function<E, Outcome<Plan>> change) {
        var all = plan.storey(storey).elements().of(kind);
        return all.isEmpty() ? plan : change.apply(any(all)).result().orElse(plan);
    }

    private Plan edited(Plan plan) {
        var at = any(plan.storeys()).id();
        if (plan.storey(at).elements().isEmpty()) {
            return plan;
        }
        return switch (random.nextInt(9)) {
            case 7 -> fitted(plan, at);
            case 0 -> wall(plan, at);
            case 1 -> opening(plan, at);
            case 2 -> built(plan, at);
            case 3 -> said(plan, at);
            case 4 -> picked(plan, at, picked(plan, at));
            case 5 -> shown(plan, at);
            case 6 -> outlined(plan, at);
            default -> house(plan, at);
        };
    }

    private Plan wall(Plan plan, StoreyId at) {
        var type = any(plan.wallTypes()).id();
        var body = any(List.of(BodySide.values()));
        return switch (random.nextInt(11)) {
            case 9 ->
                ok(
                        plan,
                        WallsAround.add(
                                plan,
                                StoreyGeometry.of(plan, plan.storey(at)),
                                Shapes.rectangle(place().point(), place().point()),
                                any(List.of(DrawnFace.values())),
                                type,
                                any(List.of(Wall.Works.values()))));
            case 0 ->
                ok(plan, WallEdits.add(plan, at, place(), place(), body, type).map(Added::plan));
            case 1 -> with(plan, at, Wall.class, w -> WallEdits.moveCorner(plan, at, w.to(), place()));
            case 2 -> with(plan, at, Wall.class, w -> WallEdits.bend(plan, at, w.id(), mm(-900, 900)));
            case 3 ->
                with(
                        plan,
                        at,
                        Wall.class,
                        w -> WallEdits.setLength(plan, at, w.id(), mm(1, 6000), any(List.of(End.values()))));
            case 4 ->
                with(
                        plan,
                        at,
                        Wall.class,
                        w -> WallShaping.split(plan, at, w.id(), mm(0, 5000)).map(Added::plan));
            case 5 ->
                with(
                        plan,
                        at,
                        Wall.class,
                        w -> WallCopies.parallel(plan, at, w.id(), mm(-2000, 2000), 2)
                                .map(WallCopies.Several::plan));
            case 6 ->
                with(
                        plan,
                        at,
                        Wall.class,
                        w -> WallCopies.along(plan, at, w.id(), random.nextBoolean(), type)
                                .map(Added::plan));
            case 8 ->
                with(
                        plan,
                        at,
                        Wall.class,
                        w -> Outcome.done(
                                WallEdits.setWorks(plan, at, List.of(w.id()), any(List.of(Wall.Works.values())))));
            case 7 ->
                with(
                        plan,
                        at,
                        Wall.class,
                        w -> Bays.add(
                                        plan,
                                        at,
                                        w.id(),
                                        mm(0, 2000),
                                        mm(0, 5000),
                                        mm(1, 900),
                                        any(List.of(Bays.Shape.values())),
                                        true)
                                .map(b -> Bays.glazed(b, at, Swing.LEFT)));
            default ->
                with(
                        plan,
                        at,
                        Wall.class,
                        w -> WallShaping.join(
                                plan, at, w.id(), any(plan.storey(at).walls()).id()));
        };
    }

    private Plan opening(Plan plan, StoreyId at) {
        var geometry = LaidPlan.of(plan).drawn().storey(at);
        var kinds = List.of(OpeningKind.values());
        return with(
                plan,
                at,
                Wall.class,
                w -> Outcome.done(
                        switch (random.nextInt(3)) {
                            case 0 ->
                                OpeningEdits.add(
                                                plan,
                                                at,
                                                any(kinds),
                                                w.id(),
                                                mm(0, 4000),
                                                mm(1, 2500),
                                                any(List.of(Hand.values())),
                                                any(List.of(Swing.values())))
                                        .plan();
                            case 1 ->
                                geometry.openings().isEmpty()
                                        ? plan
                                        : OpeningEdits.setKind(
                                                plan,
                                                at,
                                                any(geometry.openings()).id(),
                                                any(kinds));
                            default ->
                                geometry.openings().isEmpty()
                                        ? plan
                                        : ok(
                                                plan,
                                                OpeningEdits.setHeights(
                                                        plan,
                                                        at,
                                                        any(geometry.openings()).id(),
                                                        mm(0, 2500),
                                                        mm(0, 2500)));
                        }));
    }

    /** An activity is marked on a piece or beside all, moved, turned, or taken off its piece. */
    private Plan done(Plan plan, StoreyId at) {
        var storey = plan.storey(at);
        var piece = storey.furnishings().isEmpty()
                ? Optional.<ElementId.FurnishingId>empty()
                : Optional.of(any(storey.furnishings()).id());
        return switch (storey.activities().isEmpty() ? 0 : random.nextInt(4)) {
            case 0 ->
                ActivityEdits.add(
                                plan,
                                at,
                                new Activity(
                                        new ElementId.ActivityId(1),
                                        any(List.of(Doing.values())),
                                        place(),
                                        random.nextInt(360),
                                        random.nextBoolean() ? piece : Optional.empty()))
                        .plan();
            case 1 -> ActivityEdits.moved(plan, at, any(storey.activities()).id(), place().point());
            case 2 ->
                ActivityEdits.change(plan, at, any(storey.activities()).id(), a -> a.facing(random.nextInt(720) - 360));
            default -> ActivityEdits.loosened(plan, at, any(storey.activities()).id());
        };
    }

    private Plan fitted(Plan plan, StoreyId at) {
        var storey = plan.storey(at);
        var kind = any(List.of(FittingKind.values()));
        var height = random.nextBoolean() ? Optional.of(mm(0, 2600)) : Optional.<Length>empty();
        var on = switch (random.nextInt(5)) {
            case 0 -> new Fitting.Ceiling(place(), height);
            case 1 -> new Fitting.Ring(place(), mm(1, 900), 1 + random.nextInt(7), height);
            case 2 ->
                storey.rooms().isEmpty()
                        ? null
                        : new Fitting.InRoom(any(storey.rooms()).id(), 3, 2, height);
            case 3 ->
                storey.furnishings().isEmpty()
                        ? null
                        : onPiece(any(storey.furnishings()).id());
            default ->
                storey.walls().isEmpty() ? null : onSide(any(storey.walls()).id(), height);
        };
        return switch (random.nextInt(5)) {
            case 4 -> done(plan, at);
            case 3 ->
                with(
                        plan,
                        at,
                        Fitting.class,
                        f -> EveningEdits.press(
                                plan, plan.presentation().views().getFirst().id(), f));
            case 0 ->
                with(plan, at, Fitting.class, f -> FittingEdits.loosen(plan, StoreyGeometry.of(plan, storey), f.id()));
            case 1 ->
                ok(
                        plan,
                        FittingEdits.link(
                                plan,
                                at,
                                storey.fittings().stream().map(Fitting::id).collect(Collectors.toSet())));
            default ->
                on == null
                        ? plan
                        : FittingEdits.add(
                                        plan,
                                        at,
                                        new Fitting(
                                                new ElementId.FittingId(1),
                                                kind,
                                                on,
                                                random.nextInt(360),
                                                mm(1, 3000),
                                                Fittings.emission(kind),
                                                List.of(),
                                                random.nextInt(3),
                                                any(List.of(Wall.Works.values())),
                                                Buying.UNKNOWN))
                                .plan();
        };
    }

    private Fitting.On onPiece(ElementId.FurnishingId piece) {
        return random.nextBoolean()
                ? new Fitting.AlongPiece(piece, 1 + random.nextInt(4), mm(-300, 300), mm(-800, 900))
                : new Fitting.Piece(piece, Position.ORIGIN, mm(-800, 900));
    }

    private Fitting.On onSide(ElementId.WallId wall, Optional<Length> height) {
        var side = any(List.of(Swing.values()));
        return random.nextBoolean()
                ? new Fitting.AlongWall(wall, side, Optional.empty(), 1 + random.nextInt(5), mm(0, 900), height)
                : new Fitting.WallSide(wall, side, mm(-100, 4000), mm(0, 2600));
    }

    private Plan outlined(Plan plan, StoreyId at) {
        var walls = plan.storey(at).walls();
        return switch (random.nextInt(6)) {
            case 0 ->
                OwnRegions.add(
                                plan,
                                at,
                                random.nextBoolean() ? new Region.Floors() : new Region.Ceilings(),
                                List.of(place(), place(), place(), place()),
                                Finish.of("screed"))
                        .plan();
            case 1 -> walls.isEmpty() ? plan : onWall(plan, at, any(walls).id());
            case 2 ->
                with(
                        plan,
                        at,
                        Region.class,
                        r -> Outcome.done(OutlineEdits.moveCorner(plan, at, r, any(r.corners()), place())));
            case 3 ->
                with(
                        plan,
                        at,
                        Region.class,
                        r -> Outcome.done(
                                OutlineEdits.around(plan, at, r, OwnRegions.sized(r, mm(1, 3000), mm(1, 3000)))));
            case 4 -> with(plan, at, Region.class, r -> OwnRegions.standingOut(plan, at, r, mm(-400, 300)));
            default ->
                with(
                        plan,
                        at,
                        Region.class,
                        r -> Outcome.done(OutlineEdits.move(plan, at, r, mm(-900, 900), mm(-900, 900))));
        };
    }

    private Plan onWall(Plan plan, StoreyId at, WallId wall) {
        var corners = OwnRegions.splashBack(plan.storey(at), wall, random.nextInt(3000) - 500, random.nextInt(3000));
        var on = new Region.Upright(wall, any(List.of(Swing.values())));
        return OwnRegions.add(plan, at, on, corners, Finish.of("tile-white")).plan();
    }

    private Plan built(Plan plan, StoreyId at) {
        return switch (random.nextInt(5)) {
            case 0 ->
                StructureEdits.add(
                                plan, at, PartKinds.usual(any(PartKinds.all()), plan, at), place(), random.nextInt(360))
                        .plan();
            case 1 ->
                FurnishingEdits.add(
                                plan,
                                at,
                                any(honeylamp.catalogue.piece.Furnishings.all()).key(),
                                mm(1, 3000),
                                mm(1, 2000),
                                mm(1, 2000),
                                place(),
                                random.nextInt(360))
                        .plan();
            case 2 ->
                GroundEdits.add(
                                plan,
                                at,
                                any(List.of(Ground.Use.values())),
                                List.of(place(), place(), place(), place()))
                        .plan();
            case 3 ->
                with(
                        plan,
                        at,
                        Ground.class,
                        g -> Outcome.done(OutlineEdits.moveCorner(plan, at, g, any(g.corners()), place())));
            default ->
                UnderlayEdits.add(plan, at, new Underlay.Picture("0".repeat(64), "scan", 800, 600), place().point())
                        .plan();
        };
    }

    private Plan said(Plan plan, StoreyId at) {
        return switch (random.nextInt(5)) {
            case 0 -> NoteEdits.add(plan, at, place(), "Note").plan();
            case 1 ->
                ok(
                        plan,
                        NoteEdits.measure(plan, at, place(), place(), mm(-900, 900))
                                .map(Added::plan));
            case 2 -> ok(plan, RoomEdits.bound(plan, at, place(), place()).map(Added::plan));
            case 3 ->
                ok(
                        plan,
                        SettingOutEdits.add(plan, at, new Segment(place().point(), place().point()))
                                .map(Added::plan));
            default ->
                RoomEdits.mark(plan, at, place(), "Room", Finish.of("screed")).plan();
        };
    }

    private Plan picked(Plan plan, StoreyId at, Set<ElementId> ids) {
        return switch (random.nextInt(8)) {
            case 4 -> ok(plan, Grouping.together(plan, plan.storey(at), ids));
            case 5 -> Grouping.apart(plan, ids);
            case 0 -> ok(plan, PickedEdits.move(plan, at, ids, mm(-900, 900), mm(-900, 900)));
            case 1 -> ok(plan, PickedEdits.turn(plan, at, ids, place().point(), random.nextInt(360)));
            case 2 -> ok(plan, PickedEdits.mirror(plan, at, ids, PickedEdits.plumb(place().point())));
            case 3 ->
                Clipping.of(plan, at, ids)
                        .into(plan, any(plan.storeys()).id(), mm(0, 900), mm(0, 900))
                        .plan();
            default -> Deletion.of(plan, at, ids);
        };
    }

    private Plan shown(Plan plan, StoreyId at) {
        var presentation = plan.presentation();
        var view = any(presentation.views()).id();
        var page = any(presentation.pages()).id();
        var reach = any(List.of(Reach.values()));
        return switch (random.nextInt(14)) {
            case 11 -> ViewEdits.works(plan, view, reach, any(List.of(View.Works.values())));
            case 0 ->
                presentation.views().size() > 6
                        ? plan
                        : ViewEdits.copy(plan, view).plan();
            case 1 -> ok(plan, ViewEdits.remove(plan, view));
            case 2 -> ViewEdits.look(plan, view, reach, l -> l.withCastShadow(random.nextInt(2)));
            case 3 ->
                ViewEdits.showing(
                        plan, view, reach, any(List.of(Showing.Kind.values())), any(List.of(Showing.Degree.values())));
            case 4 ->
                with(
                        plan,
                        at,
                        RoomMark.class,
                        r -> Outcome.done(ViewEdits.moveName(plan, view, r.id(), Optional.of(place()))));
            case 5 -> ok(plan, PageEdits.place(plan, page, view));
            case 6 -> ok(plan, PageEdits.move(plan, page, random.nextInt(3) - 1));
            case 7 -> ok(plan, PageEdits.remove(plan, page));
            case 8 ->
                ok(
                        plan,
                        ViewEdits.moveTier(
                                plan, view, any(List.of(Side.values())), random.nextInt(2), random.nextInt(30) - 8));
            case 10 -> ViewEdits.turn(plan, view, reach, random.nextInt(3) * 45);
            case 9 ->
                ViewEdits.look(
                        plan, view, reach, l -> l.withDrafting(l.drafting().withUnsteadyMm(random.nextInt(7) / 10.0)));
            default -> covered(plan, at);
        };
    }

    private Plan covered(Plan plan, StoreyId at) {
        var surfaces = Surfaces.on(LaidPlan.of(plan).on(at)).stream()
                .map(Surfaces.Found::surface)
                .filter(s -> !s.host().isCopied())
                .toList();
        var finish = random.nextInt(4) == 0 ? Optional.<Finish>empty() : Optional.of(Finish.of("lime-white"));
        return surfaces.isEmpty() ? plan : Coverings.cover(plan, at, any(surfaces), finish);
    }

    private Plan house(Plan plan, StoreyId at) {
        var geometry = honeylamp.derive.storeys.StoreyGeometry.of(plan, plan.storey(at));
        return switch (random.nextInt(8)) {
            case 0 ->
                plan.storeys().size() > 3
                        ? plan
                        : StoreyEdits.copyOnTop(plan, at, "Above").plan();
            case 1 -> ok(plan, StoreyEdits.raise(plan, at));
            case 2 -> plan.storeys().size() < 3 ? plan : ok(plan, StoreyEdits.remove(plan, at));
            case 3 -> StoreyEdits.levels(plan, at, l -> l.withHeight(mm(1, 5000)));
            case 4 ->
                with(
                        plan,
                        at,
                        RoomMark.class,
                        r -> UnitEdits.make(plan, geometry, Set.of(r.id()), "Unit")
                                .map(Added::plan));
            case 5 ->
                plan.repeats().units().isEmpty() || plan.repeats().copies().size() > 3
                        ? plan
                        : UnitEdits.place(
                                        plan,
                                        any(plan.repeats().units()).id(),
                                        at,
                                        place(),
                                        random.nextInt(4) * 90,
                                        any(List.of(Sense.values())))
                                .plan();
            case 6 -> ok(plan, WallTypeEdits.remove(plan, any(plan.wallTypes()).id()));
            default -> {
                var type = any(plan.wallTypes());
                yield ok(plan, WallTypeEdits.setHeight(plan, type, mm(0, 3000)));
            }
        };
    }

    private static Plan ok(Plan plan, Outcome<Plan> outcome) {
        return outcome.result().orElse(plan);
    }
}
