package honeylamp.illustrate.elevation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.listing.OuterFaces;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.Coverings;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.Outcome;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Plan;
import honeylamp.plan.Surface;
import honeylamp.plan.View.Subject;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.units.Length;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The bathroom of the demo from the front: four walls on a page, tiled. */
class ElevationArtTest {
    private static Plan tiled() {
        var plan = SailclothYard.plan();
        var storey = plan.storeys().getFirst();
        var bath = storey.rooms().stream()
                .filter(r -> r.name().equals("Bathroom"))
                .findFirst()
                .orElseThrow();
        var covered =
                Coverings.cover(plan, storey.id(), new Surface.Walls(bath.id()), Optional.of(Finish.of("tile-sea")));
        var laid = LaidPlan.of(covered).all().getFirst();
        var room = laid.geometry().rooms().stream()
                .filter(r -> r.name().equals("Bathroom"))
                .findFirst()
                .orElseThrow();
        var walls = WallElevation.around(laid, room);
        var names = walls.stream()
                .map(s -> WallElevation.of(laid, s).orElseThrow().name())
                .toList();
        return ViewEdits.elevations(covered, new ViewId(1), walls, names, "Bathroom, walls from the front")
                .plan();
    }

    private static Drawing page(Plan plan, int index) {
        return SheetComposer.compose(LaidPlan.of(plan).pages().get(index), Lamp.LIT, 1)
                .drawing();
    }

    private static List<String> texts(Drawing drawing, LayerKind kind) {
        return drawing.layers().stream()
                .filter(l -> l.kind() == kind)
                .map(Layer::marks)
                .flatMap(List::stream)
                .filter(Mark.Text.class::isInstance)
                .map(m -> ((Mark.Text) m).text())
                .toList();
    }

    @Test
    void aPageHoldsAllWallsWithNumbersNamesTilesAndDimensionsThatAddUp() {
        var drawing = page(tiled(), tiled().presentation().pages().size() - 1);
        var words = texts(drawing, LayerKind.SHEET);
        var names = texts(drawing, LayerKind.LABELS);
        assertThat(names).anyMatch(t -> t.startsWith("1   Bathroom, wall in the"));
        assertThat(names).anyMatch(t -> t.startsWith("4   Bathroom, wall in the"));
        assertThat(words).contains("Finishes").doesNotContain("Rooms");
        assertThat(words).anyMatch(t -> t.matches("Glazed tile, sea: \\d+ to order"));
        var numbers = texts(drawing, LayerKind.DIMENSIONS);
        // the wall in the north: 650 + 800 + 750 = 2200; 1150 + 950 + 600 = 2700
        assertThat(numbers).contains("650", "800", "750", "2200", "1150", "950", "600", "2700");
        var tiles = drawing.layers().stream()
                .filter(l -> l.kind() == LayerKind.FLOOR)
                .mapToInt(l -> l.marks().size())
                .sum();
        assertThat(tiles).isGreaterThanOrEqualTo(8); // bare wall and tiles, four times
    }

    /** The living room has eight walls, some of them short, side by side: small figures next to others at 1:100. */
    @Test
    void figuresOfWallsSideBySideKeepOffEachOther() {
        var plan = SailclothYard.plan();
        var storey = plan.storeys().getFirst();
        var living = storey.rooms().stream()
                .filter(r -> r.name().equals("Living room"))
                .findFirst()
                .orElseThrow();
        var subject = new Subject.Unrolled(storey.id(), living.id(), Subject.USUAL_DEPTH);
        var made = ViewEdits.elevations(plan, new ViewId(1), List.of(subject), List.of("Living room"), "Living room");
        var view = LaidPlan.of(made.plan())
                .view(made.plan().presentation().views().getLast().id());
        for (var scale : List.of(50.0, 100.0)) {
            var figures = Illustration.of(view, PaperFrame.atOrigin(scale), Lamp.LIT, 1).layers().stream()
                    .filter(l -> l.kind() == LayerKind.DIMENSIONS)
                    .flatMap(l -> l.marks().stream())
                    .flatMap(m -> m instanceof Mark.Text t ? Stream.of(t) : Stream.empty())
                    .toList();
            assertThat(figures).hasSizeGreaterThan(20);
            for (var i = 0; i < figures.size(); i++) {
                for (var other : figures.subList(i + 1, figures.size())) {
                    assertThat(figures.get(i).ring().bounds().meets(other.ring().bounds()))
                            .as(figures.get(i).text() + " and " + other.text() + " at 1:" + scale)
                            .isFalse();
                }
            }
        }
    }

    @Test
    void wallsOnOnePageHaveOneScaleHoweverLongTheyAre() {
        var plan = tiled();
        var laid = LaidPlan.of(plan).all().getFirst();
        var room = laid.geometry().rooms().stream()
                .filter(r -> r.name().equals("Entrance")) // far longer than deep
                .findFirst()
                .orElseThrow();
        var walls = WallElevation.around(laid, room).subList(0, 4);
        var drawn = ViewEdits.elevations(plan, new ViewId(1), walls, List.of("a", "b", "c", "d"), "Entrance")
                .plan();
        var words = texts(page(drawn, drawn.presentation().pages().size() - 1), LayerKind.SHEET);
        assertThat(words).noneMatch(t -> t.startsWith("Scales as written"));
        assertThat(words.stream().filter(t -> t.matches("1:\\d+")).distinct()).hasSize(1);
    }

    @Test
    void aWindowThatIsMovedMovesInTheElevationToo() {
        var plan = tiled();
        var storey = plan.storeys().getFirst();
        var window = storey.openings().stream()
                .filter(o -> o.kind().isWindow() && o.width().mm() == 800)
                .findFirst()
                .orElseThrow();
        var before = texts(page(plan, plan.presentation().pages().size() - 1), LayerKind.DIMENSIONS);
        var higher = OpeningEdits.setHeights(
                        plan,
                        storey.id(),
                        window.id(),
                        window.sill().plus(honeylamp.units.Length.ofMm(100)),
                        window.head())
                .orThrow();
        var after = texts(page(higher, plan.presentation().pages().size() - 1), LayerKind.DIMENSIONS);
        assertThat(before).contains("1150", "950");
        assertThat(after).contains("1250", "850").doesNotContain("1150");
    }

    @Test
    void thePlanSaysFromWhereWallsAreSeen() {
        var drawn = texts(page(tiled(), 0), LayerKind.LABELS).stream().collect(Collectors.toSet());
        assertThat(drawn).contains("1", "2", "3", "4");
        assertThat(texts(page(SailclothYard.plan(), 0), LayerKind.LABELS)).doesNotContain("4");
    }

    @Test
    void elevationsAreKeptInAFileAndLeaveAnEmptyPlaceWhenTheirWallIsGone(@TempDir Path folder) throws Exception {
        var file = folder.resolve("walls.honeylamp");
        PlanFile.save(PlanDocument.of(tiled()), new byte[0], file);
        assertThat(((PlanFile.Opened.Good) PlanFile.open(file)).document().plan())
                .isEqualTo(tiled());
        var storey = tiled().storeys().getFirst();
        var bare = tiled().withStorey(storey.id(), s -> s.with(honeylamp.plan.RoomMark.class, List.of()));
        assertThat(texts(page(bare, tiled().presentation().pages().size() - 1), LayerKind.DIMENSIONS))
                .isEmpty();
    }

    /** The bathroom is 2,200 by 2,563: round it are 9,526 mm. */
    @Test
    void aRoomIsUnrolledInOneRow() {
        var plan = tiled();
        var bath = plan.storeys().getFirst().rooms().stream()
                .filter(r -> r.name().equals("Bathroom"))
                .findFirst()
                .orElseThrow();
        var subject = new Subject.Unrolled(plan.storeys().getFirst().id(), bath.id(), Subject.USUAL_DEPTH);
        var drawn = ViewEdits.elevations(plan, new ViewId(1), List.of(subject), List.of("Bathroom, unrolled"), "Row")
                .plan();
        var laid = LaidPlan.of(drawn).all().getFirst();
        assertThat(WallElevation.name(laid, subject)).isEqualTo("Bathroom, unrolled");
        assertThat(WallElevation.all(laid, subject).stream()
                        .mapToDouble(WallElevation::lengthMm)
                        .sum())
                .isCloseTo(2 * 2200 + 2 * 2563, within(2.0));
        var numbers = texts(page(drawn, drawn.presentation().pages().size() - 1), LayerKind.DIMENSIONS);
        assertThat(numbers.stream().filter("2700"::equals)).as("heights once").hasSize(1);
        assertThat(numbers.stream().filter("2200"::equals)).hasSize(2);
    }

    /** The outer wall in the north runs 12,580 mm, with five openings. */
    @Test
    void anOuterFaceIsSeenFromOutsideAndCovered() {
        var plan = SailclothYard.plan();
        var storey = plan.storeys().getFirst();
        var laid = LaidPlan.of(plan).all().getFirst();
        var north = storey.walls().stream()
                .filter(w -> OuterFaces.looksOut(laid, w.id(), Swing.RIGHT)
                        && OuterFaces.towards(laid, w.id(), Swing.RIGHT).equals("north"))
                .findFirst()
                .orElseThrow();
        var subject = new Subject.OuterFace(storey.id(), north.id(), Swing.RIGHT, Subject.USUAL_DEPTH);
        assertThat(WallElevation.all(laid, subject)).singleElement().satisfies(w -> {
            assertThat(w.lengthMm()).isCloseTo(12_580, within(0.5));
            assertThat(w.holes()).hasSize(5);
            // looking south, the east is at the left: windows come in the order of falling x
            assertThat(w.holes().getFirst().cut().middle().middle().x())
                    .isGreaterThan(w.holes().getLast().cut().middle().middle().x());
        });
        var side = new Surface.WallSide(north.id(), Swing.RIGHT, Optional.empty());
        var covered = LaidPlan.of(Coverings.cover(plan, storey.id(), side, Optional.of(Finish.of("stone-slabs"))))
                .all()
                .getFirst();
        var openings = WallElevation.all(laid, subject).getFirst().holes().stream()
                .mapToDouble(h -> h.box().width() * h.box().height())
                .sum();
        assertThat(honeylamp.derive.listing.Surfaces.on(covered).stream()
                        .filter(f -> f.surface().equals(new Surface.OuterSide(north.id(), Swing.RIGHT)))
                        .mapToDouble(honeylamp.derive.listing.Surfaces.Found::areaMm2)
                        .sum())
                .isCloseTo(12_580 * 2700 - openings, within(2000.0));
    }

    @Test
    void onlyWhatStandsWithinTheDepthIsSeen() {
        var plan = tiled();
        var view = plan.presentation().views().getLast();
        var subject = (Subject.Front) view.subject();
        var laid = LaidPlan.of(plan).all().getFirst();
        var usual = WallElevation.all(laid, subject).getFirst().before().size();
        var none = ViewEdits.depth(plan, view.id(), Length.ZERO).orThrow();
        var deep = ViewEdits.depth(plan, view.id(), Length.ofMm(5000)).orThrow();
        assertThat(WallElevation.all(laid, front(deep)).getFirst().before()).hasSizeGreaterThan(usual);
        assertThat(WallElevation.all(laid, front(none)).getFirst().before()).hasSizeLessThan(usual);
        assertThat(ViewEdits.depth(plan, new ViewId(1), Length.ZERO)).isInstanceOf(Outcome.Refused.class);
        assertThatThrownBy(() -> subject.deep(Length.ofMm(-1))).isInstanceOf(IllegalArgumentException.class);
    }

    private static Subject.Front front(Plan plan) {
        return (Subject.Front) plan.presentation().views().getLast().subject();
    }

    @Test
    void whatStandsOutThrowsAShadowToTheRightWhenThePlanIsLit() {
        var lit = page(tiled(), tiled().presentation().pages().size() - 1);
        assertThat(lit.layers())
                .anyMatch(l -> l.kind() == LayerKind.SHADE && !l.marks().isEmpty());
        var flat = ViewEdits.look(tiled(), l -> l.withCastShadow(0));
        assertThat(page(flat, flat.presentation().pages().size() - 1).layers())
                .noneMatch(l -> l.kind() == LayerKind.SHADE && !l.marks().isEmpty());
    }
}
