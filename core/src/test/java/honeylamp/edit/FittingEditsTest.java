package honeylamp.edit;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.storey;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.listing.LightGroup;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.FittingPlaces.Placed;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.geometry.Point;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.Finish;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Sense;
import honeylamp.plan.Wall.BodySide;
import honeylamp.plan.Wall.Works;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** A light on the south wall of a room of 5,000 x 4,000, 1,200 from its left end, and others: what edits do to them. */
class FittingEditsTest {
    private final Completing completing = new Completing(new GeometryCache());

    private static Plan room() {
        var walls = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 5000, 0, 5000, 4000, 0, 4000)
                .plan();
        return RoomEdits.mark(walls, storey(walls), Position.ofMm(2500, 2000), "Hall", Finish.of("wide-oak"))
                .plan();
    }

    private static Plan with(Plan plan, FittingKind kind, Fitting.On on) {
        return TestPlans.fitted(plan, kind, on);
    }

    private static Plan onSouth(double alongMm) {
        var room = room();
        return with(
                room,
                FittingKind.WALL_LIGHT,
                new Fitting.WallSide(TestPlans.wallId(room, 0), Swing.LEFT, Length.ofMm(alongMm), Length.ofMm(1800)));
    }

    private static Fitting only(Plan plan) {
        assertThat(plan.storeys().getFirst().fittings()).hasSize(1);
        return plan.storeys().getFirst().fittings().getFirst();
    }

    private static Point at(Plan plan) {
        return FittingPlaces.on(TestPlans.geometry(plan)).getFirst().at();
    }

    private Plan done(Plan before, Outcome<Plan> edit) {
        return completing.of(before, edit.result().orElseThrow());
    }

    private static Set<ElementId> all(Plan plan) {
        return plan.storeys().getFirst().fittings().stream().map(Element::id).collect(Collectors.toSet());
    }

    @Test
    void aWallThatIsPartedHandsItToThePartItIsOn() {
        for (var along : List.of(1200.0, 4100.0)) {
            var lit = onSouth(along);
            var parted = done(
                    lit,
                    WallShaping.split(lit, storey(lit), TestPlans.wallId(lit, 0), Length.ofMm(3000))
                            .map(Added::plan));
            assertThat(at(parted).distance(new Point(along, 0))).isLessThan(1e-6);
            var side = (Fitting.WallSide) only(parted).on();
            assertThat(side.along().mm()).isEqualTo(along < 3000 ? along : along - 3000);
        }
    }

    @Test
    void wallsJoinedAgainHaveItWhereItWas() {
        var lit = onSouth(4100);
        var south = TestPlans.wallId(lit, 0);
        var parted = WallShaping.split(lit, storey(lit), south, Length.ofMm(3000))
                .result()
                .orElseThrow();
        var there = completing.of(lit, parted.plan());
        var joined = done(there, WallShaping.join(there, storey(there), south, parted.id()));
        assertThat(at(joined).distance(new Point(4100, 0))).isLessThan(1e-6);
    }

    @Test
    void itGoesWithItsWallAndWithItsPiece() {
        var lit = onSouth(1200);
        var wall = TestPlans.wallId(lit, 0);
        assertThat(Deletion.alongWith(lit.storeys().getFirst(), Set.of(wall)))
                .isEqualTo("and the fitting that goes with it");
        assertThat(Deletion.of(lit, storey(lit), Set.of(wall))
                        .storeys()
                        .getFirst()
                        .fittings())
                .isEmpty();
        var table = TestPlans.with(room(), "table-dining", 1800, 900, 750, 2000, 2000, 0);
        var piece = table.storeys().getFirst().furnishings().getFirst();
        var over = with(
                table, FittingKind.PENDANT, new Fitting.Piece(piece.id(), Position.ofMm(300, 0), Length.ofMm(650)));
        var turned = completing.of(over, FurnishingEdits.turnBy(over, storey(over), List.of(piece.id()), 90));
        assertThat(at(turned).distance(new Point(2000, 2300))).isLessThan(1e-6);
        assertThat(Deletion.of(over, storey(over), Set.of(piece.id()))
                        .storeys()
                        .getFirst()
                        .fittings())
                .isEmpty();
    }

    @Test
    void mirroredWithItsWallItStaysOnTheSameSideOfTheRoom() {
        var lit = onSouth(1200);
        var walls = lit.storeys().getFirst().walls().stream()
                .<ElementId>map(Element::id)
                .collect(Collectors.toSet());
        var axis = PickedEdits.plumb(new Point(2500, 0));
        var mirrored = done(lit, PickedEdits.mirror(lit, storey(lit), walls, axis));
        assertThat(at(mirrored).distance(new Point(3800, 0))).isLessThan(1e-6);
    }

    @Test
    void aCopyOfItIsPutBesideItOnTheSameWall() {
        var lit = onSouth(1200);
        var copied = Clipping.of(lit, storey(lit), all(lit)).into(lit, storey(lit), Length.ZERO, Length.ZERO);
        assertThat(copied.plan().storeys().getFirst().fittings()).hasSize(2);
        assertThat(copied.ids()).hasSize(1).isNotEqualTo(all(lit));
        assertThat(FittingPlaces.on(TestPlans.geometry(copied.plan()))
                        .getLast()
                        .at()
                        .distance(new Point(1400, 0)))
                .isLessThan(1e-6);
    }

    @Test
    void aStoreyCopiedOnTopHasItsFittingsToo() {
        var room = room();
        var rows = with(
                onSouth(1200),
                FittingKind.DOWNLIGHT,
                new Fitting.InRoom(room.storeys().getFirst().rooms().getFirst().id(), 2, 2, Optional.empty()));
        var two = StoreyEdits.copyOnTop(rows, storey(rows), "Above").plan();
        var above = two.storeys().getLast();
        assertThat(above.fittings()).hasSize(2);
        assertThat(above.fittings())
                .noneMatch(f -> rows.storeys().getFirst().fittings().stream()
                        .anyMatch(b -> b.on().host().equals(f.on().host())));
    }

    @Test
    void lightsPickedWithSwitchesBecomeAGroupOfTheirOwn() {
        var room = room();
        var south = TestPlans.wallId(room, 0);
        var two = with(
                with(room, FittingKind.CEILING_LIGHT, new Fitting.Ceiling(Position.ofMm(1000, 2000), Optional.empty())),
                FittingKind.ONE_WAY,
                new Fitting.WallSide(south, Swing.LEFT, Length.ofMm(200), Length.ofMm(1050)));
        var linked = FittingEdits.link(two, storey(two), all(two)).result().orElseThrow();
        assertThat(linked.storeys().getFirst().fittings())
                .allSatisfy(f -> assertThat(f.groups()).containsExactly(1));
        assertThat(FittingEdits.link(linked, storey(two), all(two)).result()).contains(linked); // again: nothing new
        // another light that the same switch is to switch by itself
        var three = with(linked, FittingKind.PENDANT, new Fitting.Ceiling(Position.ofMm(4000, 2000), Optional.empty()));
        var pendant = three.storeys().getFirst().fittings().getLast().id();
        var button = three.storeys().getFirst().fittings().get(1).id();
        var both = FittingEdits.link(three, storey(three), Set.of(pendant, button))
                .result()
                .orElseThrow();
        assertThat(both.storeys().getFirst().fittings())
                .extracting(Fitting::groups)
                .containsExactly(List.of(1), List.of(1, 2), List.of(2));
        assertThat(LightGroup.on(TestPlans.geometry(both)))
                .extracting(g -> g.lights().size() + " by " + g.switches().size())
                .containsExactly("1 by 1", "1 by 1");
        assertThat(FittingEdits.link(both, storey(both), Set.of(button)))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class, r -> assertThat(r.why()).contains("no light among"));
        assertThat(FittingEdits.link(both, storey(both), Set.of(pendant)))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class, r -> assertThat(r.why()).contains("no switch among"));
    }

    @Test
    void aRowMadeSingleStaysWhereItWas() {
        var room = room();
        var mark = room.storeys().getFirst().rooms().getFirst().id();
        var south = TestPlans.wallId(room, 0);
        var table = TestPlans.with(room, "table-dining", 1800, 900, 750, 2000, 2000, 30);
        var piece = table.storeys().getFirst().furnishings().getFirst().id();
        var rows = List.<Fitting.On>of(
                new Fitting.InRoom(mark, 3, 2, Optional.of(Length.ofMm(2200))),
                new Fitting.AlongWall(south, Swing.LEFT, Optional.of(mark), 4, Length.ofMm(800), Optional.empty()),
                new Fitting.AlongWall(
                        south, Swing.LEFT, Optional.of(mark), 4, Length.ZERO, Optional.of(Length.ofMm(1800))),
                new Fitting.AlongPiece(piece, 3, Length.ofMm(100), Length.ofMm(600)),
                new Fitting.Ring(Position.ofMm(2500, 2000), Length.ofMm(700), 5, Optional.empty()));
        for (var on : rows) {
            var lit = with(table, FittingKind.CEILING_LIGHT, on);
            var before = FittingPlaces.on(TestPlans.geometry(lit));
            var loose = FittingEdits.loosen(
                            lit, TestPlans.geometry(lit), only(lit).id())
                    .result()
                    .orElseThrow();
            var after = FittingPlaces.on(TestPlans.geometry(loose));
            assertThat(after).hasSameSizeAs(before);
            assertThat(loose.storeys().getFirst().fittings()).noneMatch(f -> f.on() instanceof Fitting.Row);
            for (var i = 0; i < after.size(); i++) {
                assertThat(after.get(i).at().distance(before.get(i).at()))
                        .as("%s", on)
                        .isLessThan(1e-3);
                assertThat(after.get(i).heightMm()).isEqualTo(before.get(i).heightMm());
            }
        }
        var single = onSouth(1200);
        assertThat(FittingEdits.loosen(
                        single, TestPlans.geometry(single), only(single).id()))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class, r -> assertThat(r.why()).contains("no row"));
    }

    @Test
    void linksReachEveryLightOnceOnTheShortestWay() {
        var room = room();
        var lit = room;
        for (var x : List.of(500, 1500, 2500, 3500)) {
            lit = with(lit, FittingKind.DOWNLIGHT, new Fitting.Ceiling(Position.ofMm(x, 2000), Optional.empty()));
        }
        lit = with(
                lit,
                FittingKind.ONE_WAY,
                new Fitting.WallSide(TestPlans.wallId(lit, 0), Swing.LEFT, Length.ofMm(2400), Length.ofMm(1050)));
        var linked = FittingEdits.link(lit, storey(lit), all(lit)).result().orElseThrow();
        var links = LightGroup.on(TestPlans.geometry(linked)).getFirst().links();
        assertThat(links).hasSize(4); // one from the switch, three between four lights
        assertThat(links.getFirst().to().at().x()).isEqualTo(2500);
        assertThat(links.stream().skip(1).mapToDouble(l -> l.from().at().distance(l.to().at())))
                .allSatisfy(d -> assertThat(d).isEqualTo(1000));
        assertThat(links.stream().map(l -> l.to().at()).map(Point::x).distinct())
                .hasSize(4);
    }

    @Test
    void whatGoesInTheWorksSwitchesNothing() {
        var room = room();
        var lit = with(
                with(room, FittingKind.CEILING_LIGHT, new Fitting.Ceiling(Position.ofMm(1000, 2000), Optional.empty())),
                FittingKind.ONE_WAY,
                new Fitting.WallSide(TestPlans.wallId(room, 0), Swing.LEFT, Length.ofMm(200), Length.ofMm(1050)));
        var linked = FittingEdits.link(lit, storey(lit), all(lit)).result().orElseThrow();
        var light = linked.storeys().getFirst().fittings().getFirst().id();
        var going = FittingEdits.change(linked, storey(lit), light, f -> f.withWorks(Works.REMOVED));
        assertThat(LightGroup.on(TestPlans.geometry(going)).getFirst().links()).isEmpty();
        assertThat(FittingPlaces.on(TestPlans.geometry(going)).stream().map(Placed::fitting))
                .hasSize(2);
    }

    /** A unit mirrored about its west side, put elsewhere: what was 1,200 from the west is 1,200 from the east. */
    @Test
    void everyCopyOfAUnitHasItsOwnLightsAndSwitches() {
        var room = room();
        var mark = room.storeys().getFirst().rooms().getFirst().id();
        var lit = with(onSouth(1200), FittingKind.DOWNLIGHT, new Fitting.InRoom(mark, 3, 1, Optional.empty()));
        var button = with(
                lit,
                FittingKind.ONE_WAY,
                new Fitting.WallSide(TestPlans.wallId(room, 1), Swing.LEFT, Length.ofMm(500), Length.ofMm(1050)));
        var linked = FittingEdits.link(button, storey(button), all(button)).orThrow();
        var unit = UnitEdits.make(linked, TestPlans.geometry(linked), Set.of(mark), "Flat")
                .orThrow();
        var placed = UnitEdits.place(
                        unit.plan(), unit.id(), storey(linked), Position.ofMm(20_000, 0), 0, Sense.MIRRORED)
                .plan();
        var geometry = LaidPlan.of(placed).all().getFirst().geometry();
        var there = FittingPlaces.on(geometry);
        assertThat(there).hasSize(2 * 5);
        var drawn = there.stream().filter(p -> !p.fitting().id().isCopied()).toList();
        var copied = there.stream().filter(p -> p.fitting().id().isCopied()).toList();
        var sum = drawn.getFirst().at().x() + copied.getFirst().at().x();
        var up = copied.getFirst().at().y() - drawn.getFirst().at().y();
        for (var i = 0; i < drawn.size(); i++) {
            var p = drawn.get(i);
            assertThat(copied).anySatisfy(c -> {
                assertThat(c.fitting().kind()).isEqualTo(p.fitting().kind());
                assertThat(c.at().x() + p.at().x()).isCloseTo(sum, within(1e-3));
                assertThat(c.at().y() - p.at().y()).isCloseTo(up, within(1e-3));
            });
        }
        // each is before its wall, in its room
        assertThat(copied)
                .allSatisfy(c -> assertThat(geometry.roomAt(c.before())).isPresent());
        assertThat(LightGroup.on(geometry)).hasSize(2).allSatisfy(g -> {
            assertThat(g.lights()).hasSize(4);
            assertThat(g.switches()).hasSize(1);
        });
    }
}
