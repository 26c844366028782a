package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import honeylamp.catalogue.Fittings;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.ActivityEdits;
import honeylamp.edit.EveningEdits;
import honeylamp.edit.FittingEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.Activity;
import honeylamp.plan.Annotation;
import honeylamp.plan.Buying;
import honeylamp.plan.Doing;
import honeylamp.plan.ElementId.ActivityId;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.Emission;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.LightingRules;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Showing;
import honeylamp.plan.Wall.Works;
import honeylamp.takeoff.Takeoff;
import honeylamp.takeoff.lighting.FittingList;
import honeylamp.units.Length;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
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
        var first = storey.furnishings().getFirst().id();
        now = ActivityEdits.addAll(
                now,
                storey.id(),
                List.of(
                        new Activity(new ActivityId(1), Doing.READING, Position.ofMm(10, -20), 270, Optional.of(first)),
                        new Activity(new ActivityId(1), Doing.WASHING_UP, Position.ofMm(3000, 2000), 12.5)));
        now = now.withLighting(LightingRules.USUAL
                .withCord(Length.ofMm(1500))
                .with(new LightingRules.Target(Doing.READING, 400))
                .with(new LightingRules.Height(FittingKind.ONE_WAY, Length.ofInches(44)))
                .withDropped(List.of(new LightingRules.Dropped(Doing.CRAFT, "f12"))));
        var view = now.presentation().views().getFirst().id();
        now = ViewEdits.annotation(now, view, Reach.THIS, a -> a.withBrightness(Annotation.Brightness.LINES));
        now = EveningEdits.off(now, view, List.of(2, 1, 2));
        var curve = IntStream.range(0, Emission.CURVE_POINTS).boxed().toList();
        return FittingEdits.change(
                now,
                storey.id(),
                now.storeys().getFirst().fittings().getFirst().id(),
                f -> f.withEmission(f.emission().map(e -> e.withCurve(curve))));
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

    /** A file from before there were activities, evenings and rules of lighting. */
    @Test
    void whatCameLaterIsAsUsualInOlderFiles() {
        var document = PlanJson.write(SailclothYard.plan());
        ((ObjectNode) document.path("plan")).remove("lighting");
        for (var storey : document.path("plan").path("storeys")) {
            ((ObjectNode) storey).remove("activities");
        }
        for (var view : document.path("plan").path("presentation").path("views")) {
            ((ObjectNode) view.path("light")).remove("evening");
            ((ObjectNode) view.path("annotation")).remove("brightness");
        }
        assertThat(PlanJson.read(bytes(document), "old")).isInstanceOfSatisfying(PlanJson.Read.Good.class, r -> {
            assertThat(r.plan().lighting()).isEqualTo(LightingRules.USUAL);
            assertThat(r.plan().presentation().views()).allSatisfy(v -> {
                assertThat(v.showing().shows(Showing.Kind.ACTIVITIES)).isFalse();
                assertThat(v.light().evening()).isEmpty();
                assertThat(v.annotation().brightness()).isEqualTo(Annotation.Brightness.NONE);
            });
        });
    }

    /** Two kinds of lights on two circuits: sums by hand, tags one for each kind that is bought alike. */
    @Test
    void theScheduleAddsUpAndItsTagsMatchThePlan() {
        var plan = lit();
        var schedule = Takeoff.of(LaidPlan.of(plan), Schedule.Subject.FITTINGS);
        var heads = schedule.columns().stream().map(c -> c.key()).toList();
        var named = schedule.rows().stream()
                .collect(Collectors.partitioningBy(
                        r -> ((Schedule.Cell.Words) r.cells().get(heads.indexOf("storey")))
                                .text()
                                .isEmpty()));
        for (var sum : named.get(true)) {
            var words = ((Schedule.Cell.Words) sum.cells().get(heads.indexOf("kind"))).text();
            var circuit = words.startsWith("Circuit ") ? "c" + words.substring(8) : "";
            var adds = named.get(false).stream()
                    .filter(r -> !r.cells()
                            .get(heads.indexOf("works"))
                            .equals(new Schedule.Cell.Words(Works.REMOVED.label())))
                    .filter(r -> circuit.isEmpty()
                            ? letter(r, heads)
                                    .equals(words.equals("All lights") ? "L" : words.equals("All switches") ? "S" : "P")
                            : r.cells().get(heads.indexOf("circuit")).equals(new Schedule.Cell.Words(circuit)))
                    .mapToDouble(r -> number(r, heads))
                    .sum();
            if (!words.equals("All sockets")) { // what is neither socket nor switch has a tag of power too
                assertThat(number(sum, heads)).as(words).isEqualTo(adds);
            }
        }
        assertThat(named.get(true)).hasSize(4); // three families, and circuit 2: all on circuit 1 go
        var reported = parsed(ReportJson.report(plan)).path("fitting_sums");
        assertThat(reported).hasSameSizeAs(named.get(true));
        for (var i = 0; i < reported.size(); i++) {
            var row = named.get(true).get(i);
            assertThat(reported.get(i).path("of").asString())
                    .isEqualTo(((Schedule.Cell.Words) row.cells().get(heads.indexOf("kind"))).text());
            assertThat(reported.get(i).path("number").asDouble()).isEqualTo(number(row, heads));
        }
        var tags = FittingList.tags(LaidPlan.of(plan));
        assertThat(plan.storeys().getFirst().fittings().stream().map(tags::of))
                .doesNotHaveDuplicates()
                .allMatch(t -> t.matches("[LSP][0-9]+"));
    }

    private static JsonNode parsed(String json) {
        return JsonMapper.shared().readTree(json);
    }

    private static String letter(Schedule.Row row, List<String> heads) {
        return ((Schedule.Cell.Words) row.cells().get(heads.indexOf("tag")))
                .text()
                .substring(0, 1);
    }

    private static double number(Schedule.Row row, List<String> heads) {
        return ((Schedule.Cell.Number) row.cells().get(heads.indexOf("number")))
                .value()
                .orElse(0.0);
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
