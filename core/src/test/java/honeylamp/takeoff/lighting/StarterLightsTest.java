package honeylamp.takeoff.lighting;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.listing.LightGroup;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.Completing;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.takeoff.way.Ways;
import java.io.IOException;
import java.util.stream.Stream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A first plan of lights for the demos is one that nothing is said against. */
class StarterLightsTest {
    static Stream<Named<Plan>> plans() throws IOException {
        return Stream.of(
                Named.of("Sailcloth Yard", SailclothYard.plan()),
                Named.of("Quillback Lane", QuillbackLane.plan()),
                Named.of("the boat shed", BoatShed.plan()));
    }

    private static Plan lit(Plan plan) {
        var now = plan;
        for (var storey : plan.storeys()) {
            now = StarterLights.of(now, LaidPlan.of(now).on(storey.id()));
        }
        return now;
    }

    @ParameterizedTest
    @MethodSource("plans")
    void everyRoomIsLitFromEveryWayIn(Plan plan) {
        var lit = lit(plan);
        for (var storey : LaidPlan.of(lit).all()) {
            var geometry = storey.geometry();
            var placed = FittingPlaces.on(geometry);
            for (var room : geometry.rooms()) {
                if (room.mark().isPresent() && room.lie() == Room.Lie.INSIDE && room.counts() != CountsAs.OUTDOOR) {
                    assertThat(placed)
                            .as(room.name())
                            .anyMatch(p -> p.fitting().kind().isLight()
                                    && room.outline().contains(p.at()));
                }
            }
            assertThat(LightGroup.on(geometry))
                    .filteredOn(g -> g.switches().stream()
                            .anyMatch(p -> p.fitting().groups().size() == 1)) // others are of a stair's other end
                    .allSatisfy(g -> assertThat(g.lights()).isNotEmpty());
            assertThat(FittingCheck.of(storey).stream().map(Snag::sentence)).isEmpty();
        }
        // it is complete as it is, and what is lit stays as it is
        assertThat(new Completing(new GeometryCache()).of(plan, lit)).isEqualTo(lit);
        assertThat(lit(lit)).isEqualTo(lit);
    }

    @ParameterizedTest
    @MethodSource("plans")
    void everyWayOfTheNightIsLit(Plan plan) {
        for (var storey : LaidPlan.of(lit(plan)).all()) {
            assertThat(NightWays.of(Ways.of(storey)))
                    .filteredOn(way -> !way.words().startsWith("From the car")) // first lights are for rooms
                    .allSatisfy(way -> assertThat(way.walk().steps())
                            .as(way.words())
                            .allSatisfy(step -> assertThat(step.isGood())
                                    .as(step.sentence())
                                    .isTrue()));
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    void roomsWithOneWayInHaveAOneWaySwitchOthersTwoWayOnes(Plan plan) {
        for (var storey : LaidPlan.of(lit(plan)).all()) {
            for (var group : LightGroup.on(storey.geometry())) {
                var kinds = group.switches().stream()
                        .filter(_ -> !group.lights().isEmpty())
                        .map(p -> p.fitting().kind())
                        .filter(k -> k != FittingKind.SENSOR)
                        .sorted()
                        .toList();
                switch (kinds.size()) {
                    case 0 -> {}
                    case 1 -> assertThat(kinds).containsExactly(FittingKind.ONE_WAY);
                    default -> {
                        assertThat(kinds.stream().filter(k -> k == FittingKind.TWO_WAY))
                                .hasSize(2);
                        assertThat(kinds.stream().filter(k -> k == FittingKind.INTERMEDIATE))
                                .hasSize(kinds.size() - 2);
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    void socketsAreOnWallsAndNeverInAnOpening(Plan plan) {
        for (var storey : lit(plan).storeys()) {
            for (var fitting : storey.fittings()) {
                if (fitting.kind() == FittingKind.SOCKET_2) {
                    var side = (Fitting.WallSide) fitting.on();
                    assertThat(storey.openingsIn(side.wall()))
                            .noneMatch(o -> o.sill().compareTo(side.height()) < 0
                                    && side.along().compareTo(o.offset()) > 0
                                    && side.along().compareTo(o.end()) < 0);
                }
            }
        }
    }
}
