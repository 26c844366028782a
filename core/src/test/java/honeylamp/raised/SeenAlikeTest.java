package honeylamp.raised;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.body.Skin;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Outline;
import honeylamp.plan.Plan;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Eye;
import honeylamp.plan.Raised.Rays;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Storey;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What is seen of each facet is as large worked out exactly as it is in a picture of pixels: no hole, nothing too much. */
class SeenAlikeTest {
    private static final int LONGER_PX = 1200;
    private static final double[] CORNERS = {210, 353};

    private record Looked(Plan plan, Raised subject, String what) {}

    private static Stream<Looked> rooms(Plan plan) {
        return plan.storeys().stream().flatMap(s -> s.rooms().stream().flatMap(r -> corners(plan, s, r)));
    }

    private static Stream<Looked> corners(Plan plan, Storey storey, RoomMark room) {
        var out = new ArrayList<Looked>();
        for (var turn : CORNERS) {
            out.add(new Looked(
                    plan,
                    new Raised.Cutaway(storey.id(), room.id(), new Eye(Rays.PERSPECTIVE, turn, 38)),
                    room.name() + " " + turn));
        }
        return out.stream();
    }

    /** All rooms of both demos from two sides; edges of slabs were missing from some of them. */
    @Test
    void noHoleInAnyRoomOfTheDemos() {
        assertThat(Stream.of(SailclothYard.plan(), QuillbackLane.plan()).flatMap(SeenAlikeTest::rooms))
                .allSatisfy(looked -> assertThat(wrong(looked)).isEmpty());
    }

    private static List<String> wrong(Looked looked) {
        var plan = looked.plan;
        var added =
                ViewEdits.raised(plan, plan.presentation().views().getFirst().id(), looked.subject, "Raised");
        var laid = LaidPlan.of(added.plan());
        var view = laid.view(added.plan().presentation().views().getLast().id());
        var scene = SeenThings.of(view).scene().orElseThrow();
        var nearest = scene.nearest(scene.bounds().orElseThrow(), LONGER_PX);
        var pixels = new int[scene.count()];
        for (var facet : nearest.facets()) {
            if (facet >= 0) {
                pixels[facet]++;
            }
        }
        var exact = new double[scene.count()];
        for (var part : SeenParts.of(scene)) {
            exact[part.facet()] =
                    part.parts().stream().mapToDouble(Outline::area).sum();
        }
        var px = nearest.pixelMm();
        var out = new ArrayList<String>();
        for (var i = 0; i < pixels.length; i++) {
            // along its edges a pixel more or less
            var box = scene.box(i);
            var may = 4 * px * (box.width() + box.height()) + 20 * px * px;
            if (scene.facet(i).skin().sort() != Skin.Sort.CLEAR && Math.abs(pixels[i] * px * px - exact[i]) > may) {
                out.add(looked.what + ": facet " + i + " of " + scene.body(i).kind() + " " + pixels[i] * px * px
                        + " mm², exactly " + exact[i]);
            }
        }
        return out;
    }
}
