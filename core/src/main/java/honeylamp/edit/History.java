package honeylamp.edit;

import honeylamp.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The plan now, those before it and those taken back, each with the name of what was done.
 *
 * <p>Laws: {@code h.then(p, x).undo().now()} is {@code h.now()}; {@code h.undo().redo()} equals {@code h}
 * where there is something to undo.
 */
public record History(Plan now, List<Step> past, List<Step> future) {
    /** How many steps are kept. */
    static final int DEEPEST = 500;

    /** The plan before or after an action, and the action's name. */
    public record Step(Plan plan, String action) {}

    public History {
        past = List.copyOf(past);
        future = List.copyOf(future);
    }

    /** A history that begins with this plan. */
    public static History of(Plan plan) {
        return new History(plan, List.of(), List.of());
    }

    /** The history after an action; what was taken back is forgotten. An action without effect is none. */
    public History then(Plan plan, String action) {
        if (plan.equals(now)) {
            return this;
        }
        var steps = new ArrayList<>(past.size() >= DEEPEST ? past.subList(1, past.size()) : past);
        steps.add(new Step(now, action));
        return new History(plan, steps, List.of());
    }

    /** The newest action with another outcome, as while a slider moves; what was before it stays before it. */
    public History amended(Plan plan) {
        return new History(plan, past, List.of());
    }

    /** One step back; the same history if there is none. */
    public History undo() {
        if (past.isEmpty()) {
            return this;
        }
        var step = past.getLast();
        var ahead = new ArrayList<Step>();
        ahead.add(new Step(now, step.action));
        ahead.addAll(future);
        return new History(step.plan, past.subList(0, past.size() - 1), ahead);
    }

    /** One step forward again; the same history if there is none. */
    public History redo() {
        if (future.isEmpty()) {
            return this;
        }
        var step = future.getFirst();
        var behind = new ArrayList<>(past);
        behind.add(new Step(now, step.action));
        return new History(step.plan, behind, future.subList(1, future.size()));
    }

    /** The name of what undo would take back. */
    public Optional<String> undoable() {
        return past.isEmpty() ? Optional.empty() : Optional.of(past.getLast().action);
    }

    /** The name of what redo would do again. */
    public Optional<String> redoable() {
        return future.isEmpty() ? Optional.empty() : Optional.of(future.getFirst().action);
    }
}
