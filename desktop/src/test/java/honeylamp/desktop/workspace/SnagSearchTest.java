package honeylamp.desktop.workspace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.Plan;
import honeylamp.store.Origin;
import honeylamp.store.PlanDocument;
import java.util.ArrayDeque;
import java.util.List;
import java.util.Queue;
import java.util.Set;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** Snags are looked for aside: here each thread runs when the test says so. */
class SnagSearchTest {
    private final BlockingQueue<Runnable> search = new LinkedBlockingQueue<>();
    private final Queue<Runnable> screen = new ArrayDeque<>();

    private WorkspaceModel model(Plan plan) {
        return new WorkspaceModel(
                Origin.of(PlanDocument.of(plan)), _ -> {}, new SnagSearch.Threads(search::add, screen::add));
    }

    private static void runAll(Queue<Runnable> thread) {
        while (!thread.isEmpty()) {
            thread.remove().run();
        }
    }

    /** The outer wall that is deleted closed a room. */
    private static void deleteAWall(WorkspaceModel model) {
        var wall = model.now().currentStorey().walls().getFirst();
        model.pick(Set.of(wall.id()));
        model.picked().delete();
    }

    private static SnagSearch.Progress progress(WorkspaceModel model) {
        return model.shown().search().known().get().progress();
    }

    @Test
    void anEditDoesNotWaitForItsSnags() {
        var model = model(SailclothYard.plan());
        runAll(search);
        runAll(screen);
        assertThat(progress(model)).isEqualTo(SnagSearch.Progress.DONE);
        assertThat(model.shown().snags()).isEmpty();

        deleteAWall(model);
        assertThat(progress(model)).isEqualTo(SnagSearch.Progress.LOOKING);
        assertThat(model.shown().snags()).isEmpty();
        runAll(search);
        assertThat(progress(model)).isEqualTo(SnagSearch.Progress.LOOKING);
        runAll(screen);
        assertThat(progress(model)).isEqualTo(SnagSearch.Progress.DONE);
        assertThat(model.shown().snags())
                .extracting(Snag::kind)
                .containsExactly(Snag.Kind.LOST_NAME); // the room the wall closed
    }

    @Test
    void onlyTheNewestPlanCounts() {
        var model = model(SailclothYard.plan());
        deleteAWall(model);
        runAll(search);
        model.undo();
        runAll(screen); // what was found of the plan without the wall comes too late
        assertThat(progress(model)).isEqualTo(SnagSearch.Progress.LOOKING);
        assertThat(model.shown().snags()).isEmpty();
        runAll(search);
        runAll(screen);
        assertThat(progress(model)).isEqualTo(SnagSearch.Progress.DONE);
        assertThat(model.shown().snags()).isEmpty();
    }

    @Test
    void aSearchThatNobodyWaitsForEndsAtItsNextStep() {
        var model = model(SailclothYard.plan());
        deleteAWall(model);
        model.shown().search().stop();
        runAll(search);
        assertThat(screen).hasSize(2); // both told that they ended, neither with a result
        runAll(screen);
        assertThat(progress(model)).isEqualTo(SnagSearch.Progress.STOPPED);
        assertThat(model.shown().snags()).isEmpty();

        model.shown().search().again();
        runAll(search);
        runAll(screen);
        assertThat(progress(model)).isEqualTo(SnagSearch.Progress.DONE);
        assertThat(model.shown().snags()).isNotEmpty();
    }

    @Test
    void whatSnagsDoNotDependOnIsNotLookedForAgain() {
        var model = model(SailclothYard.plan());
        runAll(search);
        runAll(screen);
        model.light(honeylamp.illustrate.paper.Lamp.DRAFT);
        model.pick(Set.of());
        assertThat(search).isEmpty();
        model.chooseWithin(model.now().choices().withGapReach(honeylamp.units.Length.ofMm(123)));
        assertThat(search).hasSize(1);
    }

    @Test
    void snagsOfAllStoreysAreKnownByStorey() {
        var model = model(QuillbackLane.plan());
        var below = model.now().storey();
        deleteAWall(model);
        runAll(search);
        runAll(screen);
        var here = model.shown().snags().size();
        assertThat(here).isPositive();
        model.climb(1);
        assertThat(model.now().storey()).isNotEqualTo(below);
        assertThat(model.shown().snagsElsewhere()).hasSize(here);
        assertThat(search).isEmpty(); // another storey of the same plan is nothing new
    }

    @Test
    void aSearchThatFailsIsOverAndCanBeTakenUpAnew() {
        var failing = new SnagSearch(new SnagSearch.Threads(search::add, screen::add));
        var plan = SailclothYard.plan();
        failing.want(LaidPlan.of(plan).all().getFirst(), null);
        assertThatThrownBy(() -> runAll(search)).isInstanceOf(NullPointerException.class);
        runAll(screen);
        assertThat(failing.known().get()).isEqualTo(new SnagSearch.Known(SnagSearch.Progress.STOPPED, List.of()));
    }

    @Test
    void whereOnlyWhatIsShownChangesThePictureComesFirst() throws Exception {
        var model = model(SailclothYard.plan());
        runAll(search);
        runAll(screen);
        model.edit(ViewEdits.livedIn(model.now().plan(), model.now().storey(), 0.37), "Make it lived-in");
        assertThat(search).isEmpty();
        assertThat(progress(model)).isEqualTo(SnagSearch.Progress.LOOKING);
        var later = search.poll(20, TimeUnit.SECONDS);
        assertThat(later).isNotNull();
        later.run();
        runAll(screen);
        assertThat(progress(model)).isEqualTo(SnagSearch.Progress.DONE);

        model.edit(ViewEdits.livedIn(model.now().plan(), model.now().storey(), 0), "Make it bare");
        deleteAWall(model); // snags of what is built are looked for at once
        assertThat(search).isNotEmpty();
    }
}
