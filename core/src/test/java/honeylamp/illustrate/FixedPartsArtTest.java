package honeylamp.illustrate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.Reach;
import honeylamp.edit.StructureEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Annotation;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Stair;
import honeylamp.plan.Structure;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Stairs, other fixed parts and the ground of the tea room, as they are drawn. */
class FixedPartsArtTest {
    private static final PaperFrame FRAME = PaperFrame.atOrigin(64);

    private static List<Mark> marks(Plan plan, int storey) {
        return marks(plan, storey, LayerKind.STRUCTURES);
    }

    private static List<Mark> marks(Plan plan, int storey, LayerKind kind) {
        return Illustration.of(LaidPlan.of(plan).pages().get(storey).views().getFirst(), FRAME, Lamp.COLOUR, 1)
                .layers()
                .stream()
                .filter(l -> l.kind() == kind)
                .flatMap(l -> l.marks().stream())
                .toList();
    }

    /** On the storey it begins on the upper steps are dashed; from above all that are seen are drawn. */
    @Test
    void aStairIsCutBelowAndSeenWholeFromAbove() {
        var plan = QuillbackLane.plan();
        assertThat(marks(plan, 0))
                .anyMatch(m -> m instanceof Mark.Stroke s && !s.pen().dashMm().isEmpty());
        assertThat(marks(plan, 1))
                .noneMatch(m -> m instanceof Mark.Stroke s && !s.pen().dashMm().isEmpty());
        assertThat(stairWords(plan, 0)).extracting(Mark.Text::text).containsExactly("UP 17 R");
        assertThat(stairWords(plan, 1)).extracting(Mark.Text::text).containsExactly("DOWN 17 R");
    }

    private static List<Mark.Text> words(List<Mark> marks) {
        return Mark.words(marks).toList();
    }

    private static List<Mark.Text> stairWords(Plan plan, int storey) {
        return words(marks(plan, storey, LayerKind.LABELS)).stream()
                .filter(t -> t.text().endsWith(" R"))
                .toList();
    }

    /** A stair that leads up has its words before its first step, clear of the steps and the walls. */
    @Test
    void theWordsOfAStairStandAtTheTailOfItsArrow() {
        var plan = QuillbackLane.plan();
        var geometry = LaidPlan.of(plan).pages().getFirst().views().getFirst().storey();
        var steps = geometry.fixedParts().stairs().getFirst().steps();
        var text = stairWords(plan, 0).getFirst();
        var middle = FRAME.plan(text.at().minus(new Point(0, text.capHeightMm() / 2)));
        assertThat(steps.outline()).noneMatch(o -> o.contains(middle));
        assertThat(geometry.geometry().network().poche()).noneMatch(o -> o.contains(middle));
        assertThat(middle.distance(steps.walkingLine().getFirst()))
                .as("no farther off than half its width and a little")
                .isLessThan(FRAME.planMm(text.widthMm() / 2 + 3));
    }

    /** No words, no figures: the key that leaves words out takes these along. */
    @Test
    void withoutWordsAStairSaysNothing() {
        var plan = ViewEdits.annotation(
                QuillbackLane.plan(), new ViewId(1), Reach.ALL, a -> a.withWords(Annotation.Words.LEFT_OUT));
        assertThat(stairWords(plan, 0)).isEmpty();
    }

    @Test
    void noWordOfAStairStandsOnItsHead() {
        var empty = TestPlans.clearRectangle(12_000, 12_000);
        var shown = QuillbackLane.plan().storeys().getFirst().structures().getFirst();
        var plan = StructureEdits.add(empty, TestPlans.storey(empty), shown.form(), Position.ofMm(6000, 6000), 0)
                .plan();
        var stair = plan.storeys().getFirst().structures().getFirst();
        for (var shape : Stair.Shape.values()) {
            for (var deg = 0; deg < 360; deg += 30) {
                var turn = deg;
                var turned = StructureEdits.change(
                        plan,
                        stair.id(),
                        x -> x.withForm(((Stair) x.form()).shaped(shape)).turnedTo(turn));
                assertThat(stairWords(turned, 0))
                        .as("%s turned by %d", shape, turn)
                        .hasSize(1)
                        .allSatisfy(t -> assertThat(t.turnDeg()).isBetween(-90.01, 90.01));
            }
        }
    }

    /** Beams and rooflights lie above the cut: they are drawn dashed, over everything that is built. */
    @Test
    void whatLiesOverheadIsDashed() {
        for (var storey = 0; storey < 2; storey++) {
            var overhead = marks(QuillbackLane.plan(), storey, LayerKind.OVERHEAD);
            assertThat(overhead)
                    .filteredOn(Mark.Stroke.class::isInstance)
                    .isNotEmpty()
                    .allSatisfy(
                            m -> assertThat(((Mark.Stroke) m).pen().dashMm()).isNotEmpty());
        }
    }

    private static Plan with(Structure.Kind kind) {
        var plan = TestPlans.clearRectangle(6000, 5000);
        return StructureEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        new Structure.Block(kind, Length.ofMm(4000), Length.ofMm(2000), Length.ofMm(2400)),
                        Position.ofMm(3000, 2500),
                        0)
                .plan();
    }

    private static List<Mark> lit(Plan plan, LayerKind kind) {
        return Illustration.of(TestPlans.view(plan), FRAME, Lamp.LIT, 1).layers().stream()
                .filter(l -> l.kind() == kind)
                .flatMap(l -> l.marks().stream())
                .toList();
    }

    /** 4 m at 1:64 are 62.5 mm on paper. */
    @Test
    void anOverhangIsDashedAndWhatItCoversLiesInShade() {
        var plan = with(Structure.Kind.OVERHANG);
        assertThat(lit(plan, LayerKind.OVERHEAD)).singleElement().satisfies(m -> {
            assertThat(((Mark.Stroke) m).pen().dashMm()).isNotEmpty();
            assertThat(((Mark.Stroke) m).path().bounds().width()).isCloseTo(62.5, within(1e-6));
        });
        assertThat(lit(plan, LayerKind.STRUCTURES)).isNotEmpty().allSatisfy(m -> {
            assertThat(((Mark.Fill) m).ink().opacity()).isBetween(0.01, 0.2);
            assertThat(((Mark.Fill) m).path().bounds().width()).isCloseTo(62.5, within(1e-6));
        });
        assertThat(marks(plan, 0, LayerKind.STRUCTURES)).isEmpty(); // no shade without the lamp
    }

    @Test
    void ceilingsSayHowHighTheyLieAndPushNoNameAway() {
        for (var kind : List.of(Structure.Kind.TRAY_CEILING, Structure.Kind.SLOPING_CEILING)) {
            var plan = with(kind);
            var overhead = lit(plan, LayerKind.OVERHEAD);
            assertThat(words(overhead))
                    .singleElement()
                    .satisfies(t -> assertThat(t.text()).endsWith("2400"));
            var bare = TestPlans.clearRectangle(6000, 5000);
            assertThat(lit(plan, LayerKind.LABELS)).isEqualTo(lit(bare, LayerKind.LABELS));
        }
    }

    /** Without its ground floor's chimney the flat above loses one too. */
    @Test
    void aChimneyFromBelowIsCutOnTheUpperFloorToo() {
        var plan = QuillbackLane.plan();
        var chimney = plan.storeys().getFirst().structures().stream()
                .filter(s -> s.is(Structure.Kind.CHIMNEY))
                .findFirst()
                .orElseThrow();
        var without = plan.withStorey(
                plan.storeys().getFirst().id(),
                s -> s.with(
                        Structure.class,
                        s.structures().stream().filter(x -> !x.equals(chimney)).toList()));
        var before = marks(plan, 1, LayerKind.POCHE);
        assertThat(before.size())
                .isGreaterThan(marks(without, 1, LayerKind.POCHE).size());
    }

    /** The ground is named where nothing stands on it and no dimension is written; planting needs no name. */
    @Test
    void groundIsNamedOutsideTheBuilding() {
        var plan = QuillbackLane.plan();
        var names = words(marks(plan, 0, LayerKind.LABELS));
        assertThat(names).extracting(Mark.Text::text).contains("Yard").doesNotContain("Planting");
        var yard =
                names.stream().filter(t -> t.text().equals("Yard")).findFirst().orElseThrow();
        // beside the house, which reaches 288 in east and 480 in north of the origin
        var at = FRAME.plan(yard.at());
        assertThat(at.x() > 288 * 25.4 || at.y() > 480 * 25.4).isTrue();
        assertThat(words(marks(plan, 1, LayerKind.LABELS)))
                .extracting(Mark.Text::text)
                .doesNotContain("Yard");
    }
}
