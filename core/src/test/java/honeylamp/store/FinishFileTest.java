package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.Materials;
import honeylamp.catalogue.Patterns;
import honeylamp.demo.place.SailclothYard;
import honeylamp.edit.Coverings;
import honeylamp.edit.Edging;
import honeylamp.plan.FacePicture;
import honeylamp.plan.Finish;
import honeylamp.plan.FloorStrip;
import honeylamp.plan.Laying;
import honeylamp.plan.Laying.Blend;
import honeylamp.plan.Laying.Goods;
import honeylamp.plan.Laying.Share;
import honeylamp.plan.Laying.Turning;
import honeylamp.plan.Oklch;
import honeylamp.plan.Pattern;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import honeylamp.plan.TileEdge;
import honeylamp.units.Length;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Finishes in a file: every pattern, all that is said of pieces, and what older and damaged files say. */
class FinishFileTest {
    private static Plan laid(Finish finish) {
        var plan = SailclothYard.plan();
        var storey = plan.storeys().getFirst();
        var rooms = storey.rooms().stream().map(r -> r.withFloor(finish)).toList();
        return plan.withStorey(storey.id(), s -> s.with(RoomMark.class, rooms));
    }

    private static String json(Plan plan) {
        return new String(PlanJson.bytes(PlanJson.write(plan)), StandardCharsets.UTF_8);
    }

    private static PlanJson.Read read(String json) {
        return PlanJson.read(json.getBytes(StandardCharsets.UTF_8), "it");
    }

    @Test
    void theFinishOfACounterComesBack() {
        var yard = SailclothYard.plan();
        var storey = yard.storeys().getFirst();
        var piece = storey.furnishings().getFirst().id();
        var plan = Coverings.cover(
                yard, storey.id(), new Surface.Counter(piece), Optional.of(Finish.of("wide-plank-oak")));
        assertThat(json(plan)).contains("\"is\" : \"counter\"");
        assertThat(read(json(plan)))
                .isInstanceOfSatisfying(
                        PlanJson.Read.Good.class,
                        good -> assertThat(good.plan()).isEqualTo(plan));
    }

    @Test
    void stripsAndEdgeTrimsComeBackAndFilesFromBeforeHaveTheUsualOnes() {
        var yard = SailclothYard.plan();
        var storey = yard.storeys().getFirst();
        var strip = new FloorStrip(FloorStrip.Form.RAMP, Optional.of(Length.ofMm(55)), "metal-brass");
        var edge = new TileEdge(TileEdge.Form.TRIM, Length.ofMm(8), "metal-zinc");
        var plan = Edging.strip(yard, storey.id(), storey.openings().getFirst().id(), strip)
                .withStorey(
                        storey.id(),
                        s -> s.with(
                                RoomMark.class,
                                s.rooms().stream()
                                        .map(r -> r.withFit(r.fit().withTileEdge(edge)))
                                        .toList()));
        assertThat(read(json(plan)))
                .isInstanceOfSatisfying(
                        PlanJson.Read.Good.class,
                        good -> assertThat(good.plan()).isEqualTo(plan));
        var old = json(yard).replaceAll(",\\s*\"strip\" : \\{[^}]*}", "").replaceAll("\"tileEdge\" : \\{[^}]*},", "");
        assertThat(old).doesNotContain("strip\"").doesNotContain("tileEdge");
        assertThat(read(old))
                .isInstanceOfSatisfying(
                        PlanJson.Read.Good.class,
                        good -> assertThat(good.plan()).isEqualTo(yard));
    }

    @Test
    void everyPatternAndAllThatIsSaidOfItsPiecesComesBack() {
        for (var named : Patterns.all()) {
            var laying = Laying.of(named.pattern(), 71.5, 293, 1.5)
                    .with(copy -> copy.jointTone(Optional.of(new Oklch(0.5, 0.01, 20)))
                            .turning(Turning.BY_CHANCE)
                            .blend(new Blend(
                                    Blend.Mixing.IN_TURN,
                                    List.of(
                                            new Share(new Oklch(0.9, 0.01, 80), 2),
                                            new Share(new Oklch(0.4, 0.02, 240), 1))))
                            .face(Optional.of(new FacePicture(
                                    "Fired clay",
                                    Length.ofMm(300),
                                    Length.ofMm(150),
                                    2,
                                    List.of(new Oklch(0.8, 0.02, 60), new Oklch(0.6, 0.04, 50)),
                                    "01")))
                            .coat(new Laying.Coat(0.35, Laying.Sheen.GLOSSY))
                            .goods(new Goods(Length.ofMm(9.5), 12, 2350, 640, Length.ofMm(2))));
            var finish = Finish.of("tile-white")
                    .with(copy -> copy.laying(Optional.of(laying))
                            .tone(Optional.of(new Oklch(0.7, 0.05, 150)))
                            .reason("easy to wash")
                            .courses(List.of(new Finish.Course(
                                    "tile-ink", laying, Optional.empty(), Length.ofMm(450), Finish.Begins.CENTRE))));
            var plan = laid(finish);
            assertThat(read(json(plan)))
                    .isInstanceOfSatisfying(
                            PlanJson.Read.Good.class,
                            good -> assertThat(good.plan()).isEqualTo(plan));
        }
    }

    /** Floors, walls and their courses that were laid before grain had a strength, or pieces a coat, have them as usual. */
    @Test
    void aFileFromBeforeFiguresAndCoatsHasThemAsUsual() {
        var laying = Laying.of(new Pattern.Stack(), 200, 200, 3);
        var finish = Finish.of("tile-white")
                .with(copy -> copy.laying(Optional.of(laying))
                        .courses(List.of(new Finish.Course(
                                "tile-ink", laying, Optional.empty(), Length.ofMm(450), Finish.Begins.CENTRE))));
        var plan = laid(finish);
        var old = json(plan).replaceAll(",\\s*\"figure\" : [0-9.]+", "").replaceAll(",\\s*\"coat\" : \\{[^}]*}", "");
        assertThat(old).doesNotContain("\"figure\"").doesNotContain("\"coat\"");
        assertThat(read(old))
                .isInstanceOfSatisfying(
                        PlanJson.Read.Good.class,
                        good -> assertThat(good.plan()).isEqualTo(plan));
    }

    @Test
    void aFileFromBeforeLayingsMeansWhatItMeant() {
        var plan = laid(Finish.of("hexagon-tile").turnedTo(30));
        var old = json(plan)
                .replaceAll(
                        ",\\s*\"laying\" : null,\\s*\"tone\" : null,\\s*\"reason\" : \"\",\\s*\"courses\" : \\[ ?\\]",
                        "");
        assertThat(old).doesNotContain("reason");
        assertThat(read(old)).isInstanceOfSatisfying(PlanJson.Read.Good.class, good -> {
            assertThat(good.plan()).isEqualTo(plan);
            var floor = good.plan().storeys().getFirst().rooms().getFirst().floor();
            assertThat(Materials.of(floor)).isEqualTo(Materials.of("hexagon-tile"));
        });
    }

    @Test
    void piecesThatCannotBeAreRefusedWithTheirPlace() {
        var plan =
                laid(Finish.of("tile-white").withLaying(Optional.of(Laying.of(Patterns.FOUR_SIZES, 71.5, 293, 1.5))));
        assertThat(read(json(plan).replace("71.5", "0.1")))
                .isInstanceOfSatisfying(
                        PlanJson.Read.Bad.class,
                        bad -> assertThat(bad.problem().sentence())
                                .contains("width of a piece (0.1 mm) must be 2.0 to 20000.0 mm")
                                .contains("rooms[0].floor.laying"));
        assertThat(read(json(plan).replaceFirst("\"across\" : 6", "\"across\" : 7")))
                .isInstanceOfSatisfying(
                        PlanJson.Read.Bad.class,
                        bad -> assertThat(bad.problem().sentence())
                                .contains("the repeat has 0 pieces at module 7, 1, needs one"));
    }
}
