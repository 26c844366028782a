package honeylamp.desktop.panel;

import honeylamp.derive.snags.Snag;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Mending;
import honeylamp.edit.Mending.Mend;
import honeylamp.edit.Mending.Mended;
import honeylamp.plan.Plan;
import honeylamp.takeoff.fit.BetterPlace;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.application.Platform;
import org.jspecify.annotations.Nullable;

/** Works out aside how snags of the storey worked on can be mended, as they are asked for. */
final class SnagMends {
    private final WorkspaceModel model;
    private final Runnable found;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("mends").factory());
    private final Map<Snag, Optional<Mend>> known = new HashMap<>(); // interface thread only, as the next two
    private @Nullable Plan of;
    private int waiting;
    private volatile @Nullable Plan wanted;

    /**
     * Mends of a model's plan.
     *
     * @param found told on the interface thread that another is known
     */
    SnagMends(WorkspaceModel model, Runnable found) {
        this.model = model;
        this.found = found;
    }

    /** Whether some are still being worked out. */
    boolean busy() {
        return waiting > 0;
    }

    /** The mend of a snag, if it is known that there is one; else it is worked out. */
    Optional<Mend> of(Snag snag) {
        var plan = model.now().plan();
        if (of != plan) {
            known.clear();
            of = plan;
            wanted = plan;
        }
        var mend = known.get(snag);
        if (mend == null) {
            known.put(snag, Optional.empty());
            propose(plan, snag);
        }
        return mend == null ? Optional.empty() : mend;
    }

    /** All mends of a kind at once, told on the interface thread as soon as they are worked out and the plan is still the same. */
    void all(Snag.Kind kind, Consumer<Mended> then) {
        var plan = model.now().plan();
        var reach = model.now().choices().gapReach();
        wanted = plan;
        waiting++;
        worker.execute(() -> {
            var mended = Mending.everywhere(plan, kind, reach, () -> wanted == plan);
            Platform.runLater(() -> {
                waiting--;
                if (model.now().plan() == plan) {
                    mended.ifPresent(then);
                }
            });
        });
    }

    private void propose(Plan plan, Snag snag) {
        var geometry = model.geometry();
        var reach = model.now().choices().gapReach();
        waiting++;
        worker.execute(() -> {
            var mend = wanted == plan
                    ? Mending.of(plan, geometry, snag, reach).or(() -> BetterPlace.of(plan, geometry, snag))
                    : Optional.<Mend>empty();
            Platform.runLater(() -> {
                waiting--;
                if (of == plan && mend.isPresent()) {
                    known.put(snag, mend);
                    found.run();
                }
            });
        });
    }
}
