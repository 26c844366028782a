package honeylamp.desktop.panel.guide;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Furnishing;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;

/**
 * A step of the tour: what is said, and where one looks meanwhile.
 *
 * @param node the id of the part of the window that is outlined
 * @param goes brings the window to where the step is
 */
record TourStep(String heading, String words, String node, BiConsumer<WorkspaceModel, WindowActions> goes) {
    /** All steps, in their order. */
    static List<TourStep> all() {
        return List.of(
                new TourStep(
                        "This is the sheet",
                        "You always work on the finished picture. What you see is what is printed.",
                        "plan",
                        (model, window) -> {
                            model.pick(Set.of());
                            model.light(Lamp.LIT);
                            window.showSheet();
                        }),
                new TourStep(
                        "The trail",
                        "The stages in the order people work, from the picture to trace down to the sheet. Each says how far it is. Only the things of one stage are picked at a time.",
                        "trail",
                        (model, _) -> model.go(WorkStage.WALLS)),
                new TourStep(
                        "A scan to trace",
                        "This plan was traced from the scan below it. Known length gives a picture its scale; Read walls proposes what it shows.",
                        "tray",
                        (model, window) -> {
                            model.go(WorkStage.UNDERLAY);
                            window.showSheet();
                        }),
                new TourStep(
                        "Numbers without a click",
                        "While you draw, this line shows live numbers. Type into it at once: 3600/2, 12' 6\", 80 cm. Nonsense changes nothing.",
                        "measure-line",
                        (model, _) -> model.go(WorkStage.WALLS)),
                new TourStep(
                        "Pick something",
                        "What is picked has a card. Every number on it can be typed, and shows its effect at once.",
                        "card",
                        (model, window) -> {
                            model.go(WorkStage.FURNISH);
                            sofa(model);
                            window.showStorey();
                        }),
                new TourStep(
                        "The lamp",
                        "Draft, Colour, Lit: how much of the presentation is lit while you work. L goes round.",
                        "lamp",
                        (model, _) -> {
                            model.pick(Set.of());
                            model.light(Lamp.COLOUR);
                        }),
                new TourStep(
                        "Snags",
                        "Whatever is probably wrong is counted here. A press lists it, shows its place, and says what a mend would do before it does it.",
                        "snags",
                        (model, window) -> {
                            model.light(Lamp.LIT);
                            window.showSheet();
                        }),
                new TourStep(
                        "Find, and the guide",
                        "Ctrl+K finds any command, piece or finish by word. F1 opens the guide at the page of what you are doing. Ctrl+Z takes anything back.",
                        "find",
                        (_, _) -> {}));
    }

    private static void sofa(WorkspaceModel model) {
        model.now().currentStorey().furnishings().stream()
                .filter(f -> f.kind().equals("sofa"))
                .map(Furnishing::id)
                .findFirst()
                .ifPresent(id -> model.pick(Set.of(id)));
    }
}
