package honeylamp.illustrate.words;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.FurnishedPlans;
import honeylamp.TestPlans;
import honeylamp.catalogue.LabelSets;
import honeylamp.catalogue.TierSets;
import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.openings.LeafSweep;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.sketch.RoomNames;
import honeylamp.plan.AreaBasis;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomLabel;
import honeylamp.plan.RoomLabel.Cramped;
import honeylamp.plan.RoomLabel.Part;
import honeylamp.plan.View;
import honeylamp.units.Length;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What labels of rooms say and where they lie. */
class LabelPlacesTest {
    private static LabelArt.Labels labels(Plan plan, double scale) {
        var view = TestPlans.view(plan);
        return new LabelArt(view, PaperFrame.atOrigin(scale), Pens.of(view.look(), scale)).labels();
    }

    private static Plan saying(Plan plan, RoomLabel label) {
        return ViewEdits.annotation(plan, TestPlans.view(plan).view().id(), Reach.ALL, a -> a.withRooms(label));
    }

    private static Plan named(Plan plan, String name) {
        return RoomEdits.name(
                plan, TestPlans.storey(plan), TestPlans.geometry(plan).rooms().getFirst(), name);
    }

    /** 5,000 by 4,000 clear, walls of 300: up to their middles 5.3 by 4.3, and 2.6 m high. */
    @Test
    void aLabelSaysWhatIsWantedInItsOrder() {
        var plan = named(TestPlans.clearRectangle(5000, 4000), "Sail loft");
        var all =
                new RoomLabel(List.of(Part.AREA, Part.NAME, Part.CLEAR_HEIGHT, Part.CLEAR_SIZE), AreaBasis.INNER_FACES);
        var high = TestPlans.geometry(plan).storey().height().mm() / 1000;
        assertThat(labels(saying(plan, all), 50).placed().getFirst().words())
                .containsExactly(
                        "20.00 m\u00b2", "SAIL LOFT", "h " + "%.2f".formatted(high) + " m", "5.00 \u00d7 4.00 m");
        var outer = saying(plan, new RoomLabel(List.of(Part.AREA), AreaBasis.OUTER_FACES));
        assertThat(labels(outer, 50).placed().getFirst().words()).containsExactly("25.76 m\u00b2"); // 5.6 by 4.6
    }

    @Test
    void aNumberStandsOnTheLineOfTheName() {
        var plan = named(TestPlans.clearRectangle(5000, 4000), "Sail loft");
        var room = TestPlans.geometry(plan).rooms().getFirst();
        plan = RoomEdits.fit(
                plan, TestPlans.storey(plan), room, f -> f.withNumber("0.3").withWords("north light"));
        var builder = LabelSets.all().getLast().label();
        assertThat(labels(saying(plan, builder), 50).placed().getFirst().words())
                .startsWith("0.3 SAIL LOFT", "20.00 m\u00b2")
                .endsWith("north light");
    }

    @Test
    void aRoomTooSmallForItsNumberIsToldAsideUnlessNamesMayComeCloser() {
        var small = named(TestPlans.clearRectangle(900, 270), "Linen"); // 18 by 5.4 mm on paper
        var aside = labels(small, 50).placed().getFirst();
        assertThat(aside.words()).containsExactly("LINEN"); // on one line it has its air within the tiers
        assertThat(aside.leader()).isPresent();
        var label = TestPlans.view(small).view().annotation().rooms().withCramped(Cramped.NAME);
        var close = labels(saying(small, label), 50).placed().getFirst();
        assertThat(close.words()).containsExactly("LINEN");
        assertThat(close.leader()).isEmpty();
        var tiny = labels(named(TestPlans.clearRectangle(300, 270), "Linen"), 50)
                .placed()
                .getFirst();
        assertThat(tiny.leader()).as("beside it").isPresent();
        assertThat(tiny.words()).startsWith("LINEN");
    }

    @Test
    void aLabelKeepsOffANote() {
        var plan = named(TestPlans.clearRectangle(5000, 4000), "Sail loft");
        var noted = NoteEdits.add(plan, TestPlans.storey(plan), Position.ofMm(2500, 2000), "Boards turned here")
                .plan();
        var free = labels(plan, 50).placed().getFirst().box();
        var label = labels(noted, 50).placed().getFirst().box();
        assertThat(free.contains(new honeylamp.geometry.Point(50, -40))).isTrue();
        assertThat(label.grown(2).contains(new honeylamp.geometry.Point(50, -40)))
                .isFalse();
    }

    @Test
    void theDemoHasAirAroundItsLabels() {
        var placed = labels(SailclothYard.plan(), 50).placed();
        assertThat(placed).hasSize(8).allSatisfy(p -> assertThat(p.airMm()).isGreaterThanOrEqualTo(2.5));
    }

    /** Looked at with every set of dimensions; what is near is cut by exact areas, which the search does not use. */
    @ParameterizedTest
    @ValueSource(ints = {50, 100, 200})
    void everyLabelOfTheDemosHasAirWhateverIsMeasured(int scale) throws IOException {
        for (var drawn : List.of(SailclothYard.plan(), QuillbackLane.plan(), BoatShed.plan())) {
            for (var set : TierSets.all()) {
                var plan = TierSets.chosen(drawn, TestPlans.view(drawn).view().id(), Reach.ALL, set);
                for (var view : views(plan)) {
                    var pens = Pens.of(view.look(), scale);
                    var all = new LabelArt(view, PaperFrame.atOrigin(scale), pens).placed();
                    for (var label : all) {
                        var as = label.words() + " of " + plan.name() + ", " + set.name();
                        assertThat(label.airMm()).as(as).isEqualTo(2.5);
                        var air = onPlan(label.box().grown(2.49), PaperFrame.atOrigin(scale));
                        assertThat(area(Regions.intersection(List.of(air), standing(view))))
                                .as(as)
                                .isLessThan(1);
                        assertThat(all)
                                .as(as)
                                .filteredOn(other -> other != label)
                                .noneMatch(
                                        other -> other.box().meets(label.box().grown(2.49)));
                    }
                }
            }
        }
    }

    private static List<LaidView> views(Plan plan) {
        return LaidPlan.of(plan).pages().stream()
                .flatMap(page -> page.views().stream())
                .filter(view -> view.view().subject() instanceof View.Subject.StoreyPlan)
                .toList();
    }

    /** Walls without their openings, and all furniture. */
    private static List<Outline> standing(LaidView view) {
        var geometry = view.storey().geometry();
        return Stream.concat(
                        geometry.network().poche().stream(),
                        geometry.storey().furnishings().stream()
                                .map(Picking::footprint)
                                .map(Outline::of))
                .toList();
    }

    /** 10 mm lie between the walls and the first tier, and a name is 2.2 mm high: it lies there, and short is its leader. */
    @Test
    void aNameBesideItsRoomLiesBetweenTheWallAndTheFirstTier() {
        var tight = named(TestPlans.clearRectangle(900, 270), "Linen"); // 9 by 2.7 mm on paper
        var plan = TierSets.chosen(tight, TestPlans.view(tight).view().id(), Reach.ALL, TierSets.THREE_TIERS);
        var view = TestPlans.view(plan);
        var frame = PaperFrame.atOrigin(100);
        var pens = Pens.of(view.look(), 100);
        var label = new LabelArt(view, frame, pens).placed().getFirst();
        var walls = Box.around(List.of(frame.paper(new Point(-300, -300)), frame.paper(new Point(1200, 570))));
        assertThat(label.box().grown(2.49).meets(walls)).isFalse();
        assertThat(walls.grown(10).contains(label.box().grown(2.49))).isTrue();
        var leader = label.leader().orElseThrow();
        assertThat(leader.length()).isLessThan(10);
        assertThat(view.storey().geometry().rooms().getFirst().outline().contains(frame.plan(leader.b())))
                .isTrue();
        var words = new LabelArt(view, frame, pens).readOutside();
        var tiers = new DimensionArt(frame, pens).tiers(view, TierPlaces.seen(view), words);
        assertThat(tiers)
                .filteredOn(Mark.Stroke.class::isInstance)
                .noneMatch(line ->
                        ((Mark.Stroke) line).path().bounds().meets(label.box().grown(2.4)));
    }

    /** A bed fills the middle of the room: the leader of its name ends on the floor that is left. */
    @Test
    void aLeaderEndsOnTheFloor() {
        var view = TestPlans.view(TierSets.chosen(
                SailclothYard.plan(),
                TestPlans.view(SailclothYard.plan()).view().id(),
                Reach.ALL,
                TierSets.THREE_TIERS));
        var frame = PaperFrame.atOrigin(200);
        var led = new LabelArt(view, frame, Pens.of(view.look(), 200))
                .placed().stream().filter(p -> p.leader().isPresent()).toList();
        assertThat(led).hasSizeGreaterThan(2).allSatisfy(label -> {
            var end = frame.plan(label.leader().orElseThrow().b());
            assertThat(view.storey().geometry().storey().furnishings())
                    .noneMatch(f -> Outline.of(Picking.footprint(f)).contains(end));
        });
    }

    /** Cut with everything by exact areas, which the search does not use. */
    @ParameterizedTest
    @ValueSource(ints = {50, 100, 200})
    void inTwoHundredFurnishedPlansNoLabelLiesOverAnything(int scale) {
        var random = new Random(scale);
        for (var i = 0; i < 67; i++) {
            var plan = FurnishedPlans.next(random);
            var labels = labels(plan, scale);
            var view = TestPlans.view(plan);
            assertThat(labels.placed().size() + labels.unplaced().size())
                    .as("plan %d: every named room is told", i)
                    .isEqualTo(view.storey().geometry().rooms().stream()
                            .filter(r -> !r.name().isBlank())
                            .count());
            for (var a = 0; a < labels.placed().size(); a++) {
                var label = labels.placed().get(a);
                clear(view, label, scale, i);
                for (var b = 0; b < a; b++) {
                    assertThat(label.box().meets(labels.placed().get(b).box()))
                            .as(
                                    "plan %d: %s over %s",
                                    i, label.words(), labels.placed().get(b).words())
                            .isFalse();
                }
            }
        }
    }

    private static void clear(LaidView view, LabelArt.Placed label, int scale, int index) {
        var frame = PaperFrame.atOrigin(scale);
        var box = onPlan(label.box(), frame);
        var geometry = view.storey().geometry();
        assertThat(area(Regions.intersection(List.of(box), geometry.network().poche())))
                .as("plan %d at 1:%d: %s over walls", index, scale, label.words())
                .isLessThan(1);
        for (var cut : geometry.cuts()) {
            LeafSweep.of(cut)
                    .forEach(leaf -> assertThat(area(Regions.intersection(List.of(box), List.of(leaf.area()))))
                            .as("plan %d at 1:%d: %s over a leaf", index, scale, label.words())
                            .isLessThan(1));
        }
        if (!label.plated()) {
            var pieces = geometry.storey().furnishings().stream()
                    .map(Picking::footprint)
                    .map(Outline::of)
                    .toList();
            assertThat(area(Regions.intersection(List.of(box), pieces)))
                    .as("plan %d at 1:%d: %s over furniture", index, scale, label.words())
                    .isLessThan(1);
        }
        if (label.leader().isEmpty()) {
            assertThat(area(Regions.difference(
                            List.of(box), List.of(label.room().outline()))))
                    .as("plan %d at 1:%d: %s leaves its room", index, scale, label.words())
                    .isLessThan(1);
        }
    }

    private static double area(List<Outline> parts) {
        return parts.stream().mapToDouble(Outline::area).sum();
    }

    private static Outline onPlan(Box paper, PaperFrame frame) {
        return Outline.of(
                Box.around(paper.ring().corners().stream().map(frame::plan).toList())
                        .ring());
    }

    /** In the middle of 5 by 4 m a long name lies on one line; put 0.9 m from the wall it breaks rather than cross it. */
    @Test
    void aNamePutByHandBreaksRatherThanCrossAWall() {
        var plan = named(TestPlans.clearRectangle(5000, 4000), "Reading nook by stairs");
        var room = TestPlans.geometry(plan).rooms().getFirst();
        var id = room.mark().orElseThrow().id();
        var view = TestPlans.view(plan).view().id();
        var middle = ViewEdits.moveName(plan, view, id, Optional.of(Position.ofMm(2500, 2000)));
        var full = labels(middle, 50).placed().getFirst();
        var aside = ViewEdits.moveName(plan, view, id, Optional.of(Position.ofMm(900, 2000)));
        var broken = labels(aside, 50).placed().getFirst();
        assertThat(full.words().getFirst()).isEqualTo("READING NOOK BY STAIRS");
        assertThat(broken.words().getFirst()).isNotEqualTo(full.words().getFirst());
        var frame = PaperFrame.atOrigin(50);
        assertThat(frame.plan(broken.box().centre()).x()).isEqualTo(900);
        assertThat(broken.box().minX())
                .isGreaterThan(frame.paper(new Point(0, 0)).x());
        var outside = ViewEdits.moveName(plan, view, id, Optional.of(Position.ofMm(-3000, 2000)));
        assertThat(labels(outside, 50).placed().getFirst().words()).isEqualTo(full.words());
    }

    /** What is kept from one edit to the next never shows: names lie where they would if nothing were kept. */
    @Test
    void namesPlacedAfterAnEditLieWhereTheyWouldPlacedAnew() {
        var remembered = new Remembered();
        var frame = PaperFrame.atOrigin(50);
        var plan = SailclothYard.plan();
        for (var i = 0; i < 6; i++) {
            var storey = plan.storeys().getFirst();
            var piece = storey.furnishings().get(6 * i);
            plan = FurnishingEdits.move(plan, storey.id(), List.of(piece.id()), Length.ofMm(150 * i), Length.ofMm(80));
            var view = TestPlans.view(plan);
            assertThat(RoomNames.of(view, frame, remembered)).isEqualTo(RoomNames.of(view, frame));
        }
    }
}
