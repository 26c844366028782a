package honeylamp.illustrate;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.PartKinds;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.Drawing;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.GroundEdits;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.StoreyEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.edit.WallEdits;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Finish;
import honeylamp.plan.Ground;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Six small plans as lists of marks, kept as text: a changed symbol, pen, colour or label shows as changed lines. After a
 * change that is meant, {@code -Dhoneylamp.write.marks=true} writes them anew; what changed is looked at before it is kept.
 */
class MarkListTest {
    private static final Path FOLDER = Path.of("src/test/resources/marks");

    static Stream<Arguments> plans() {
        return Stream.of(
                Arguments.of("room", room(), 0),
                Arguments.of("partitions", partitions(), 0),
                Arguments.of("curve", curve(), 0),
                Arguments.of("stair", stair(), 1),
                Arguments.of("pieces", pieces(), 0),
                Arguments.of("site", site(), 0));
    }

    private static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    private static Plan named(Plan plan, double x, double y, String name, String material) {
        return RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(x, y), name, Finish.of(material))
                .plan();
    }

    private static Plan room() {
        var plan = TestPlans.clearRectangle(3000, 2400);
        plan = TestPlans.opening(plan, 0, OpeningKind.DOOR, 400, 885, Hand.FIRST, Swing.LEFT);
        plan = TestPlans.opening(plan, 2, OpeningKind.CASEMENT_WINDOW, 800, 1200, Hand.FIRST, Swing.RIGHT);
        return named(plan, 1500, 1200, "Study", "carpet-oat");
    }

    private static Plan partitions() {
        var plan = TestPlans.clearRectangle(4000, 3000);
        var storey = TestPlans.storey(plan);
        var thin = plan.wallTypes().getLast().id();
        for (var line : List.of(
                List.of(Position.ofMm(1800, 0), Position.ofMm(1800, 3000)),
                List.of(Position.ofMm(1800, 1200), Position.ofMm(4000, 1900)))) {
            plan = WallEdits.add(plan, storey, line.getFirst(), line.getLast(), BodySide.CENTRE, thin)
                    .orThrow()
                    .plan();
        }
        return named(named(plan, 900, 1500, "Hall", "screed"), 3000, 2500, "Bath", "screed");
    }

    private static Plan curve() {
        var plan = TestPlans.clearRectangle(3000, 2400);
        return WallEdits.bend(plan, TestPlans.storey(plan), TestPlans.wallId(plan, 1), mm(-500))
                .orThrow();
    }

    private static Plan stair() {
        var below = TestPlans.clearRectangle(4500, 2600);
        var storey = TestPlans.storey(below);
        var form = PartKinds.usual(PartKinds.of("stair-winder").orElseThrow(), below, storey);
        var built = StructureEdits.add(below, storey, form, Position.ofMm(2200, 1400), 0)
                .plan();
        return StoreyEdits.copyOnTop(built, storey, "Above").plan();
    }

    private static Plan pieces() {
        var plan = TestPlans.clearRectangle(3000, 2400);
        var storey = TestPlans.storey(plan);
        plan = FurnishingEdits.add(plan, storey, "sofa", mm(1800), mm(850), mm(800), Position.ofMm(1200, 500), 0)
                .plan();
        plan = FurnishingEdits.add(plan, storey, "plant", mm(500), mm(500), mm(900), Position.ofMm(2600, 2000), 30)
                .plan();
        return NoteEdits.add(plan, storey, Position.ofMm(1500, 1800), "Rug to come")
                .plan();
    }

    private static Plan site() {
        var plan = TestPlans.clearRectangle(3048, 2438.4).withUnits(UnitSystem.FEET_INCHES);
        var storey = TestPlans.storey(plan);
        var plot = List.of(
                Position.ofMm(-2000, -2000),
                Position.ofMm(6000, -2000),
                Position.ofMm(6000, 5000),
                Position.ofMm(-2000, 5000));
        plan = GroundEdits.add(plan, storey, Ground.Use.PLOT, plot).plan();
        var lawn = List.of(Position.ofMm(4000, 0), Position.ofMm(5500, 0), Position.ofMm(5000, 2000));
        return GroundEdits.add(plan, storey, Ground.Use.LAWN, lawn).plan();
    }

    private static Drawing drawing(Plan plan, int storey) {
        return Illustration.of(
                LaidPlan.of(plan).pages().get(storey).views().getFirst(), PaperFrame.atOrigin(200), Lamp.LIT, 1);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("plans")
    void areWhatTheyWere(String name, Plan plan, int storey) throws IOException {
        var marks = MarkList.of(drawing(plan, storey));
        var file = FOLDER.resolve(name + ".txt");
        if (Boolean.getBoolean("honeylamp.write.marks")) {
            Files.createDirectories(FOLDER);
            Files.writeString(file, marks);
        }
        assertThat(marks.lines().toList()).isEqualTo(Files.readAllLines(file));
    }
}
