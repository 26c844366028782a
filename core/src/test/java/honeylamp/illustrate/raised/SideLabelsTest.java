package honeylamp.illustrate.raised;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.Extent;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Eye;
import honeylamp.plan.Raised.Rays;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Showing;
import honeylamp.plan.Wall.BodySide;
import honeylamp.raised.SeenThings;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

class SideLabelsTest {
    private static final PaperFrame FRAME = PaperFrame.atOrigin(50);
    private static final Eye EYE = new Eye(Rays.PARALLEL, 28, 36);

    private static LaidView view(Plan plan, Raised subject) {
        var added =
                ViewEdits.raised(plan, plan.presentation().views().getFirst().id(), subject, "Seen");
        var laid = LaidPlan.of(added.plan());
        var view = laid.view(added.plan().presentation().views().getLast().id());
        return view.seenAs(view.view()
                .withAnnotation(view.view().annotation().naming("seats").naming("plants")));
    }

    private static LaidView livingRoom() {
        var plan = SailclothYard.plan();
        var storey = plan.storeys().getFirst();
        var room = storey.rooms().stream()
                .filter(r -> r.name().equals("Living room"))
                .findFirst()
                .orElseThrow();
        return view(plan, new Raised.Cutaway(storey.id(), room.id(), EYE));
    }

    private static List<Mark> labels(LaidView view, Predicate<Mark> wanted) {
        return drawn(view).only(k -> k == LayerKind.LABELS).layers().stream()
                .flatMap(l -> l.marks().stream())
                .filter(wanted)
                .toList();
    }

    private static Drawing drawn(LaidView view) {
        return Illustration.of(view, FRAME, Lamp.COLOUR, 1);
    }

    private static List<String> words(LaidView view) {
        return labels(view, Mark.Text.class::isInstance).stream()
                .map(m -> ((Mark.Text) m).text())
                .toList();
    }

    /** With a forest of plants beside the house its surfaces lie as pixels under lines; rooms are named all the same. */
    @Test
    void veryLargeStoreysNameTheirRoomsToo() {
        var plan = SailclothYard.plan();
        var storey = plan.storeys().getFirst();
        var plant = storey.furnishings().stream()
                .filter(f -> f.kind().contains("plant"))
                .findFirst()
                .orElseThrow();
        var forest = plan;
        for (var i = 0; i < 160; i++) {
            forest = FurnishingEdits.add(
                            forest,
                            storey.id(),
                            plant.kind(),
                            plant.width(),
                            plant.depth(),
                            plant.height(),
                            Position.ofMm(16_000 + 700 * (i % 13), 700 * (i / 13)),
                            0)
                    .plan();
        }
        var subject = new Raised.WholeStorey(storey.id(), storey.levels().cut(), EYE);
        var names = storey.rooms().stream().map(r -> r.name()).toList();
        var view = view(forest, subject);
        var roomsOnly = view.seenAs(view.view()
                .withAnnotation(plan.presentation().views().getFirst().annotation()));
        var pictures = drawn(roomsOnly).layers().stream()
                .flatMap(l -> l.marks().stream())
                .filter(Mark.Image.class::isInstance)
                .toList();
        assertThat(pictures).as("surfaces as pixels").hasSize(1);
        assertThat(words(roomsOnly)).containsAll(names);
        assertThat(drawn(roomsOnly).only(k -> k == LayerKind.DIMENSIONS).layers())
                .isNotEmpty();
    }

    private static List<Segment> leaders(LaidView view) {
        return labels(view, Mark.Stroke.class::isInstance).stream()
                .map(m -> ends(((Mark.Stroke) m).path()))
                .toList();
    }

    private static Segment ends(Figure line) {
        var points = new ArrayList<Point>();
        line.walk(new Figure.Walker() {
            @Override
            public void moveTo(double x, double y) {
                points.add(new Point(x, y));
            }

            @Override
            public void lineTo(double x, double y) {
                points.add(new Point(x, y));
            }

            @Override
            public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
                throw new AssertionError("a leader is straight");
            }

            @Override
            public void close() {
                throw new AssertionError("a leader is open");
            }
        });
        return new Segment(points.getFirst(), points.getLast());
    }

    @Test
    void piecesAreNamedAsOftenAsTheyAreThere() {
        assertThat(words(livingRoom()))
                .contains("Sofa", "Armchair \u00d7 2", "Bench")
                .noneMatch(w -> w.contains("Bookcase"));
    }

    /** Each leader ends on what it names, as someone would find it who presses there. */
    @Test
    void leadersEndOnWhatTheyName() {
        var view = livingRoom();
        var things = SeenThings.of(view);
        for (var leader : leaders(view)) {
            var there = things.at(toPicture(leader.b()), view);
            assertThat(there).as("at " + leader.b()).isPresent();
            assertThat(view.storey().geometry().storey().furnishings().stream()
                            .map(Furnishing::id)
                            .filter(there.get()::equals))
                    .hasSize(1);
        }
    }

    private static Point toPicture(Point paper) {
        return FRAME.toPaper().inverse().apply(paper);
    }

    /** 49 rooms of 3 by 3 m: as many are named as have room beside the picture, and how many are not is said. */
    @Test
    void ofManyNamesThoseStandThereThatHaveRoom() {
        var walls = TestPlans.start();
        for (var i = 0; i <= 7; i++) {
            walls.wall(0, i * 3000, 21_000, i * 3000, BodySide.CENTRE, TestPlans.PARTITION);
            walls.wall(i * 3000, 0, i * 3000, 21_000, BodySide.CENTRE, TestPlans.PARTITION);
        }
        var plan = walls.plan();
        for (var i = 0; i < 49; i++) {
            var at = Position.ofMm(1500 + 3000 * (i % 7), 1500 + 3000 * (i / 7));
            plan = RoomEdits.mark(plan, TestPlans.storey(plan), at, "Room " + (i + 1), Finish.of("oak"))
                    .plan();
        }
        var view = view(plan, new Raised.WholeStorey(TestPlans.storey(plan), Length.ofMm(1200), EYE));
        var small = PaperFrame.atOrigin(300);
        var texts = Illustration.of(view, small, Lamp.COLOUR, 1).layers().stream()
                .filter(l -> l.kind() == LayerKind.LABELS)
                .flatMap(l -> Mark.words(l.marks()))
                .toList();
        var more = texts.getLast().text();
        assertThat(more).matches("and [1-9][0-9]* more without a name");
        assertThat(texts.size() - 1 + Integer.parseInt(more.split(" ")[1])).isEqualTo(49);
        var box = small.paper(Extent.of(view).orElseThrow().planMm());
        var row = 1.9 * texts.getFirst().capHeightMm();
        assertThat(texts).allSatisfy(t -> assertThat(t.at().y()).isBetween(box.minY() - row, box.maxY() + 3 * row));
    }

    @Test
    void noLeaderCrossesAnotherAndNoNameLiesOnThePicture() {
        for (var view : List.of(
                livingRoom(),
                view(
                        QuillbackLane.plan(),
                        new Raised.Building(
                                QuillbackLane.plan().storeys().getFirst().id(), Length.ofMm(2500), EYE)))) {
            var leaders = leaders(view);
            assertThat(leaders).hasSizeGreaterThan(3);
            for (var i = 0; i < leaders.size(); i++) {
                for (var k = 0; k < i; k++) {
                    assertThat(leaders.get(i).crossing(leaders.get(k))).isEmpty();
                }
            }
            Box picture = FRAME.paper(Extent.of(view).orElseThrow().planMm());
            var room = Extent.of(view).orElseThrow().paper();
            for (var mark : labels(view, Mark.Text.class::isInstance)) {
                var text = (Mark.Text) mark;
                var wide = text.face().widthMm(text.text(), text.capHeightMm(), 0);
                var from = text.align() == Mark.Align.RIGHT
                        ? text.at().x() - wide
                        : text.at().x();
                assertThat(from + wide <= picture.minX() || from >= picture.maxX())
                        .as(text.text())
                        .isTrue();
                assertThat(from).isGreaterThan(picture.minX() - room.left() - 15);
            }
        }
    }

    /** Rooms are named where several are seen, and not where none shall be. */
    @Test
    void roomsOfAStoreyAreNamed() {
        var plan = QuillbackLane.plan();
        var storey = plan.storeys().getFirst();
        var seen = view(plan, new Raised.WholeStorey(storey.id(), Length.ofMm(1200), EYE));
        assertThat(words(seen))
                .contains(storey.rooms().stream()
                        .map(RoomMark::name)
                        .filter(n -> !n.isBlank())
                        .findFirst()
                        .orElseThrow());
        var without = seen.seenAs(
                seen.view().withShowing(seen.view().showing().with(Showing.Kind.ROOM_NAMES, Showing.Degree.HIDDEN)));
        var names = storey.rooms().stream().map(RoomMark::name).toList();
        assertThat(words(without)).isNotEmpty().doesNotContainAnyElementsOf(names);
    }
}
