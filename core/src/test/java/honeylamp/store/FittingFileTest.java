package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import honeylamp.catalogue.Fittings;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.FittingEdits;
import honeylamp.plan.Buying;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Showing;
import honeylamp.plan.Wall.Works;
import honeylamp.takeoff.Takeoff;
import honeylamp.units.Length;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Fittings of every kind, fixed to everything they can be fixed to, are kept in a file and told in the report. */
class FittingFileTest {
    private static Plan lit() {
        var plan = SailclothYard.plan();
        var storey = plan.storeys().getFirst();
        var wall = storey.walls().getFirst().id();
        var room = storey.rooms().getFirst().id();
        var piece = storey.furnishings().getFirst().id();
        var height = Optional.of(Length.ofMm(2100));
        var all = List.<Fitting.On>of(
                new Fitting.Ceiling(Position.ofMm(1000, 1000), height),
                new Fitting.Ceiling(Position.ofMm(1500, 1000), Optional.empty()),
                new Fitting.Floor(Position.ofMm(2000, 1000), Length.ofMm(100)),
                new Fitting.WallSide(wall, Swing.LEFT, Length.ofInches(33.25), Length.ofMm(1050)),
                new Fitting.Piece(piece, Position.ofMm(10, -20), Length.ofMm(-30)),
                new Fitting.InRoom(room, 3, 2, Optional.empty()),
                new Fitting.AlongWall(wall, Swing.RIGHT, Optional.empty(), 4, Length.ofMm(800), height),
                new Fitting.AlongPiece(piece, 2, Length.ofMm(-100), Length.ofMm(650)),
                new Fitting.Ring(Position.ofMm(2500, 2500), Length.ofMm(600), 6, Optional.empty()));
        var now = plan;
        for (var kind : FittingKind.values()) {
            var on = all.get(kind.ordinal() % all.size());
            now = FittingEdits.add(
                            now,
                            storey.id(),
                            new Fitting(
                                    new FittingId(1),
                                    kind,
                                    on,
                                    30,
                                    Length.ofMm(1200),
                                    Fittings.emission(kind),
                                    kind.isSwitch() ? List.of(1, 2) : kind.isLight() ? List.of(2) : List.of(),
                                    kind.ordinal() % 3,
                                    Works.values()[kind.ordinal() % 3],
                                    Buying.UNKNOWN
                                            .withName("Gannet " + kind.ordinal())
                                            .withPrice(1250)))
                    .plan();
        }
        return now;
    }

    private static byte[] bytes(ObjectNode document) {
        return document.toString().getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void theyComeBackAsTheyWere() {
        var plan = lit();
        assertThat(PlanJson.read(bytes(PlanJson.write(plan)), "lit"))
                .isInstanceOfSatisfying(
                        PlanJson.Read.Good.class, r -> assertThat(r.plan()).isEqualTo(plan));
    }

    @Test
    void theyHoldToTheSchema() throws Exception {
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/plan.schema.json")), InputFormat.JSON);
        assertThat(schema.validate(PlanJson.write(lit()).toString(), InputFormat.JSON))
                .isEmpty();
    }

    @Test
    void aPlanFromBeforeHasNoneAndItsViewsWillNotShowAny() {
        var document = PlanJson.write(SailclothYard.plan());
        for (var storey : document.path("plan").path("storeys")) {
            ((ObjectNode) storey).remove("fittings");
        }
        for (var view : document.path("plan").path("presentation").path("views")) {
            var hidden = (ArrayNode) view.path("showing").path("hidden");
            for (var i = hidden.size() - 1; i >= 0; i--) {
                if (hidden.get(i).asString().equals("fittings")) {
                    hidden.remove(i);
                }
            }
        }
        assertThat(PlanJson.read(bytes(document), "old")).isInstanceOfSatisfying(PlanJson.Read.Good.class, r -> {
            assertThat(r.plan().storeys())
                    .allSatisfy(s -> assertThat(s.fittings()).isEmpty());
            assertThat(r.plan().presentation().views())
                    .noneMatch(v -> v.showing().shows(Showing.Kind.FITTINGS));
        });
    }

    @Test
    void theScheduleCountsEachAndSaysWhatItDraws() {
        var plan = lit();
        var schedule = Takeoff.of(LaidPlan.of(plan), Schedule.Subject.FITTINGS);
        var heads = schedule.columns().stream().map(c -> c.key()).toList();
        var rows = schedule.rows();
        assertThat(rows).hasSizeGreaterThanOrEqualTo(FittingKind.values().length - 1);
        // the track is the sixth kind: three by two over a room, 18 W each
        var track = rows.stream()
                .filter(r -> r.cells().get(heads.indexOf("kind")).equals(new Schedule.Cell.Words("Track with heads")))
                .toList();
        assertThat(track).singleElement().satisfies(r -> {
            var number = (Schedule.Cell.Number) r.cells().get(heads.indexOf("number"));
            var watt = (Schedule.Cell.Number) r.cells().get(heads.indexOf("watt"));
            var cost = (Schedule.Cell.Number) r.cells().get(heads.indexOf("cost"));
            assertThat(number.value().orElseThrow()).isBetween(1.0, 6.0);
            assertThat(watt.value().orElseThrow()).isEqualTo(18 * number.value().orElseThrow());
            assertThat(cost.value().orElseThrow())
                    .isEqualTo(12.5 * number.value().orElseThrow());
        });
    }
}
