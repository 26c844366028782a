package honeylamp.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.Key;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.units.Length;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** One collection holds every kind of element alike. */
class ElementsTest {
    private static final Elements ALL = oneOfEachKind();

    /** The elements of the demos, and one of every kind these lack. */
    private static Elements oneOfEachKind() {
        var from = new Position(Length.ofMm(100), Length.ofMm(200));
        var to = new Position(Length.ofMm(1100), Length.ofMm(700));
        var out = SailclothYard.plan()
                .storeys()
                .getFirst()
                .elements()
                .plus(QuillbackLane.plan().storeys().getFirst().grounds());
        List<Element> lacking = List.of(
                new SettingOutLine(new ElementId.SettingOutId(90_001), from, to, SettingOutLine.Stay.KEPT),
                new Boundary(new ElementId.BoundaryId(90_002), from, to),
                new Covering(
                        new ElementId.CoveringId(90_006),
                        new Surface.WallSide(new ElementId.WallId(90_004), Opening.Swing.LEFT, Optional.empty()),
                        Finish.of("lime-white")),
                new Region(
                        new ElementId.RegionId(90_007),
                        new Region.Floors(),
                        List.of(from, to, Position.ofMm(1000, 2000))),
                new Fitting(
                        new ElementId.FittingId(90_010),
                        FittingKind.SOCKET_2,
                        new Fitting.Ceiling(from, Optional.empty()),
                        0,
                        Length.ofMm(1000),
                        Optional.empty(),
                        List.of(),
                        0,
                        Wall.Works.NEW,
                        Buying.UNKNOWN),
                new Activity(new ElementId.ActivityId(90_011), Doing.READING, from, 90),
                new Note(new ElementId.NoteId(90_003), from, "Note"),
                new Dimension(new ElementId.DimensionId(90_004), from, to, Length.ofMm(300)),
                new RoundDimension(
                        new ElementId.RoundDimensionId(90_008),
                        RoundDimension.Measures.ANGLE,
                        from,
                        to,
                        Position.ofMm(1000, 2000),
                        Length.ofMm(400),
                        Hold.HELD),
                new FreeMark(
                        new ElementId.FreeMarkId(90_009),
                        FreeMark.Shape.ARROW,
                        List.of(from, to),
                        FreeMark.Line.DASHED,
                        ""),
                Underlay.of(
                        new ElementId.UnderlayId(90_005),
                        new Underlay.Picture("0".repeat(64), "scan", 800, 600),
                        Placing.of(from, 10, 3)));
        return out.plus(lacking);
    }

    static Stream<Element> oneOfEach() {
        return Elements.kinds().stream().map(k -> ALL.of(k).getFirst());
    }

    @Test
    void everyKindIsThereAndEachElementIsFoundByItsId() {
        assertThat(Elements.kinds())
                .hasSize(17)
                .allSatisfy(k -> assertThat(ALL.of(k)).isNotEmpty());
        assertThat(ALL.all()).allSatisfy(e -> {
            assertThat(ALL.find(e.id())).containsSame(e);
            assertThat(ALL.find(e.getClass(), e.id())).isPresent();
        });
        assertThat(ALL.find(new ElementId.WallId(99_999))).isEmpty();
        assertThat(ALL.find(Opening.class, ALL.of(Wall.class).getFirst().id())).isEmpty();
    }

    @Test
    void whatDoesNotChangeStaysTheVeryObject() {
        assertThat(ALL.with(Wall.class, ALL.of(Wall.class))).isSameAs(ALL);
        assertThat(ALL.changed(Optional::of)).isSameAs(ALL);
        assertThat(ALL.plus(List.of())).isSameAs(ALL);
        var wall = ALL.of(Wall.class).getFirst();
        assertThat(ALL.change(Wall.class, wall.id(), w -> w)).isSameAs(ALL);
        var changed = ALL.change(Wall.class, wall.id(), Wall::reversed);
        assertThat(changed.of(Opening.class)).isSameAs(ALL.of(Opening.class));
        assertThat(changed.of(Wall.class).getFirst()).isEqualTo(wall.reversed());
        assertThat(changed.of(Wall.class).subList(1, changed.of(Wall.class).size()))
                .isEqualTo(ALL.of(Wall.class).subList(1, ALL.of(Wall.class).size()));
        assertThat(changed).isNotEqualTo(ALL);
        assertThat(changed.change(Wall.class, wall.id(), Wall::reversed))
                .isEqualTo(ALL)
                .hasSameHashCodeAs(ALL);
    }

    @Test
    void someAreLeftOutAndMoreAreAddedInOrder() {
        var without = ALL.only(e -> !(e instanceof Furnishing));
        assertThat(without.of(Furnishing.class)).isEmpty();
        assertThat(without.all().count())
                .isEqualTo(ALL.all().count() - ALL.of(Furnishing.class).size());
        assertThat(without.plus(ALL.of(Furnishing.class))).isEqualTo(ALL);
        assertThat(Elements.NONE.isEmpty()).isTrue();
        assertThat(Elements.NONE.with(Note.class, List.of())).isEqualTo(Elements.NONE);
        var notes = new ArrayList<>(ALL.of(Note.class));
        notes.add(new Note(new ElementId.NoteId(5), Position.ORIGIN, "last"));
        assertThat(ALL.plus(List.of(notes.getLast())).of(Note.class)).isEqualTo(notes);
    }

    @ParameterizedTest
    @MethodSource("oneOfEach")
    void aTwinDiffersByItsNumberOnly(Element element) {
        var twin = element.under(new Key.Drawn(77_777));
        assertThat(twin.id().number()).isEqualTo(77_777);
        assertThat(twin.id()).hasSameClassAs(element.id());
        assertThat(twin.under(element.id().key())).isEqualTo(element);
    }

    /** Laws of motions: there and back is where it was; mirrored twice is as it was drawn; places go where they are told. */
    @ParameterizedTest
    @MethodSource("oneOfEach")
    void anElementGoesWhereAMotionTakesIt(Element element) {
        var right = Motion.by(Length.ofMm(1234.5), Length.ofMm(-77));
        var back = Motion.by(Length.ofMm(-1234.5), Length.ofMm(77));
        assertThat(element.moved(right).moved(back)).isEqualTo(element);
        var level = Motion.mirror(new Segment(new Point(0, 500), new Point(1000, 500)));
        var plumb = Motion.mirror(new Segment(new Point(300, 0), new Point(300, 1000)));
        for (var motion : List.of(right, level, plumb)) {
            var there = element.moved(motion);
            assertThat(there.id()).isEqualTo(element.id());
            assertThat(there.places())
                    .isEqualTo(element.places().stream().map(motion::of).toList());
        }
        for (var mirror : List.of(level, plumb)) {
            assertThat(element.moved(mirror).moved(mirror)).isEqualTo(element);
        }
        // mirrored on both axes is half a turn about where they cross; a picture is turned, never mirrored
        if (!(element instanceof Underlay)) {
            var both = element.moved(level).moved(plumb);
            var half = element.moved(Motion.turn(new Point(300, 500), 180));
            assertThat(both.places())
                    .zipSatisfy(
                            half.places(),
                            (a, b) -> assertThat(a.point().distance(b.point())).isLessThan(1e-5));
            if (both instanceof Furnishing a && half instanceof Furnishing b) {
                assertThat(Math.cos(Math.toRadians(a.turnDeg() - b.turnDeg()))).isCloseTo(1, offset(1e-12));
                assertThat(a.sense()).isEqualTo(b.sense());
            }
        }
    }

    @Test
    void idsAreUniqueAcrossKinds() {
        var seen = new HashSet<ElementId>();
        assertThat(ALL.all().filter(e -> !seen.add(e.id()))).isEmpty();
    }

    /** Every kind comes back from a file: a new one that the file's form forgets is missed here. */
    @Test
    void everyKindIsKeptInAFile(@TempDir Path folder) throws IOException {
        var like = SailclothYard.plan();
        var at = like.storeys().getFirst().id();
        var number = new AtomicInteger(95_000); // those of the other demo have numbers of this one
        var all = ALL.with(
                Ground.class,
                ALL.of(Ground.class).stream()
                        .map(g -> g.under(new Key.Drawn(number.getAndIncrement())))
                        .toList());
        var plan = like.withStorey(at, s -> s.with(all)).numbersTaken(100_000);
        var file = folder.resolve("kinds.honeylamp");
        PlanFile.save(PlanDocument.of(plan), new byte[0], file);
        var opened = ((PlanFile.Opened.Good) PlanFile.open(file)).document().plan();
        assertThat(opened.storey(at).elements()).isEqualTo(all);
    }
}
