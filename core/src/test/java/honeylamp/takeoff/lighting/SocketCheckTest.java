package honeylamp.takeoff.lighting;

import static honeylamp.TestPlans.storey;
import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snag.Kind;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.plan.Finish;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.LightingRules;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Sockets of a living room of 5,000 by 3,000; walls from the south counter-clockwise, the room to their left. */
class SocketCheckTest {
    private static Plan room() {
        var plan = TestPlans.clearRectangle(5000, 3000);
        var marked = RoomEdits.mark(plan, storey(plan), Position.ofMm(1000, 1000), "Living room", Finish.of("wide-oak"))
                .plan();
        return RoomEdits.use(
                marked, storey(marked), TestPlans.geometry(marked).rooms().getFirst(), "living", CountsAs.INDOOR);
    }

    private static Plan with(Plan plan, FittingKind kind, Fitting.On on) {
        return TestPlans.fitted(plan, kind, on);
    }

    private static Plan socket(Plan plan, int wall, double along) {
        return with(
                plan,
                FittingKind.SOCKET_2,
                new Fitting.WallSide(TestPlans.wallId(plan, wall), Swing.LEFT, Length.ofMm(along), Length.ofMm(450)));
    }

    /** One on every wall. */
    private static Plan enough() {
        return socket(socket(socket(socket(room(), 0, 2500), 1, 1500), 2, 2500), 3, 1500);
    }

    private static List<Kind> kinds(Plan plan) {
        return FittingCheck.of(TestPlans.laid(plan)).stream().map(Snag::kind).toList();
    }

    @Test
    void aSocketOnEveryLongWallIsEnough() {
        assertThat(kinds(enough())).isEmpty();
    }

    @Test
    void aRoomAndALongWallWithTooFewAreTold() {
        assertThat(kinds(socket(room(), 0, 2500))).containsExactly(Kind.FEW_SOCKETS);
        // two on the short walls: both long ones, 5,000, are bare
        assertThat(kinds(socket(socket(room(), 1, 1500), 3, 1500))).containsExactly(Kind.FEW_SOCKETS, Kind.FEW_SOCKETS);
        var fewer = socket(room(), 0, 2500)
                .withLighting(LightingRules.USUAL.withLeastSockets(1).withSocketEach(Length.ZERO));
        assertThat(kinds(fewer)).isEmpty();
        assertThat(kinds(room())).as("nothing is planned yet").isEmpty();
    }

    /** A bookcase against the south wall over the socket; a table on legs of 740 is over it too, one beside is not. */
    @Test
    void whatStandsBeforeASocketIsToldUnlessANoteSaysSo() {
        var covered = TestPlans.with(enough(), "bookcase", 1000, 300, 2000, 2500, 150, 180);
        assertThat(kinds(covered)).containsExactly(Kind.SOCKET_COVERED);
        assertThat(kinds(TestPlans.with(enough(), "bookcase", 1000, 300, 2000, 1000, 150, 180)))
                .isEmpty();
        var noted = NoteEdits.add(covered, storey(covered), Position.ofMm(2500, 200), "Behind the books")
                .plan();
        assertThat(kinds(noted)).isEmpty();
    }

    /** A floor lamp 1,700 from the nearest socket, and with a cord of 1,500. */
    @Test
    void lampsNeedASocketWithinTheirCord() {
        var near =
                with(enough(), FittingKind.FLOOR_LAMP, new Fitting.Floor(Position.ofMm(2500, 1500), Length.ofMm(1500)));
        assertThat(kinds(near)).isEmpty();
        assertThat(kinds(near.withLighting(LightingRules.USUAL.withCord(Length.ofMm(1400)))))
                .containsExactly(Kind.LAMP_WITHOUT_SOCKET);
    }
}
