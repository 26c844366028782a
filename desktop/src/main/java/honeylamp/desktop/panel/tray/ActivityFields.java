package honeylamp.desktop.panel.tray;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.NewLighting;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.ActivityEdits;
import honeylamp.plan.Doing;
import honeylamp.takeoff.brightness.LightingReport;
import honeylamp.takeoff.lighting.ActivityProposals.ActivityProposal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/** What is done where: kinds to mark, and what is proposed, room by room, each to take or to drop. */
record ActivityFields(WorkspaceModel model, WindowActions window, LightingSteps steps) {
    List<Node> nodes(NewLighting chosen, boolean isMarking) {
        var kinds = new FlowPane(4, 4);
        for (var doing : Doing.values()) {
            kinds.getChildren()
                    .add(Widgets.toggle(
                            doing.label(),
                            "doing-" + doing.key(),
                            "Marked next, with the way one faces",
                            isMarking && chosen.doing() == doing,
                            () -> mark(doing)));
        }
        return List.of(
                Widgets.section("Mark what is done where", kinds),
                Widgets.section("Proposed", steps.live("proposed-activities", this::proposed)));
    }

    private void mark(Doing doing) {
        var choices = model.now().choices();
        model.act(
                new Intent.ChooseWithin(choices.withLighting(choices.lighting().withDoing(doing))),
                new Intent.TakeUp(Tool.MARK_ACTIVITY));
        window.focusPlan();
    }

    private List<Node> proposed(Optional<LightingReport> report) {
        var all = report.map(LightingReport::proposals).orElse(List.of());
        if (all.isEmpty()) {
            return List.of(Widgets.quiet(
                    report.isEmpty() ? "Looking\u2026" : "Nothing more; furniture and names of rooms propose more."));
        }
        var out = new ArrayList<Node>();
        out.add(Widgets.button(
                "Take all " + all.size(),
                "take-activities",
                "All that is proposed on this storey is marked; one undo takes it back",
                () -> take(all)));
        Map<String, List<ActivityProposal>> rooms = all.stream()
                .collect(Collectors.groupingBy(ActivityProposal::room, LinkedHashMap::new, Collectors.toList()));
        var number = 0;
        for (var room : rooms.entrySet()) {
            out.add(Widgets.heading(room.getKey().isBlank() ? "A room without a name" : room.getKey()));
            for (var proposal : room.getValue()) {
                out.add(row(proposal, number++));
            }
        }
        return out;
    }

    private Node row(ActivityProposal proposal, int number) {
        var words = Widgets.quiet(proposal.activity().doing().label() + ", " + proposal.because());
        return Widgets.row(
                words,
                Widgets.spring(),
                Widgets.button("Take", "take-activity-" + number, "Marks it", () -> take(List.of(proposal))),
                Widgets.button("Drop", "drop-activity-" + number, "It is not proposed again", () -> drop(proposal)));
    }

    private void take(List<ActivityProposal> proposals) {
        var now = model.now();
        model.edit(
                ActivityEdits.addAll(
                        now.plan(),
                        now.storey(),
                        proposals.stream().map(ActivityProposal::activity).toList()),
                proposals.size() == 1 ? "Take activity" : "Take activities");
    }

    private void drop(ActivityProposal proposal) {
        model.edit(ActivityEdits.dropped(model.now().plan(), proposal.dropped()), "Drop activity");
    }
}
