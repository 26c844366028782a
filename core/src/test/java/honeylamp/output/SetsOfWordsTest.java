package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.LabelSets;
import honeylamp.catalogue.TierSets;
import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Plan;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.View;
import honeylamp.sheet.SheetComposer;
import java.io.IOException;
import java.util.List;
import java.util.function.BiFunction;
import org.junit.jupiter.api.Test;

/** The three demo plans with the words of a listing, of a working plan and of a presentation: all are read. */
class SetsOfWordsTest {
    private static final double LEAST_CONTRAST = 7;
    private static final double MOST_SPREAD = 0.06;

    private static Plan each(Plan plan, BiFunction<Plan, View, Plan> change) {
        var out = plan;
        for (var view : plan.presentation().views()) {
            out = view.isPlan() ? change.apply(out, view) : out;
        }
        return out;
    }

    private static Plan tiers(Plan plan, View view, String name) {
        var set = TierSets.all().stream()
                .filter(s -> s.name().equals(name))
                .findFirst()
                .orElseThrow();
        return TierSets.chosen(plan, view.id(), Reach.THIS, set);
    }

    private static Plan labels(Plan plan, View view, int set) {
        var label = LabelSets.all().get(set).label();
        return ViewEdits.annotation(plan, view.id(), Reach.THIS, a -> a.withRooms(label));
    }

    private static void isRead(Plan plan) {
        for (var page : LaidPlan.of(plan).pages()) {
            if (page.views().stream().anyMatch(v -> v.view().isPlan())) {
                var words = Legibility.of(SheetComposer.compose(page, Lamp.LIT, Illustration.PRINT_SHADE_PX_PER_MM));
                assertThat(words).hasSizeGreaterThan(30).allSatisfy(w -> {
                    assertThat(w.contrast()).as(w.text()).isGreaterThanOrEqualTo(LEAST_CONTRAST);
                    assertThat(w.spread()).as(w.text()).isLessThanOrEqualTo(MOST_SPREAD);
                });
            }
        }
    }

    private static List<Plan> demos() throws IOException {
        return List.of(SailclothYard.plan(), QuillbackLane.plan(), BoatShed.plan());
    }

    @Test
    void forAListing() throws IOException {
        demos().forEach(demo -> isRead(each(demo, (p, v) -> labels(tiers(p, v, "Room sizes"), v, 1))));
    }

    @Test
    void forWork() throws IOException {
        demos().forEach(demo -> isRead(each(demo, (p, v) -> {
            var last = LabelSets.all().size() - 1;
            var told = labels(tiers(p, v, "Three tiers"), v, last);
            return ViewEdits.showing(told, v.id(), Reach.THIS, Kind.TAGS, Degree.SHOWN);
        })));
    }

    @Test
    void forAPresentation() throws IOException {
        demos().forEach(demo -> isRead(each(
                demo,
                (p, v) -> ViewEdits.annotation(
                        tiers(p, v, "None"),
                        v.id(),
                        Reach.THIS,
                        a -> a.naming("seats").naming("tables")))));
    }
}
