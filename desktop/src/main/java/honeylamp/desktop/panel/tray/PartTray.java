package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.PartKinds;
import honeylamp.catalogue.PartKinds.PartKind;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.NewPart;
import honeylamp.desktop.panel.part.Catalogue;
import honeylamp.desktop.panel.part.Catalogue.Entry;
import honeylamp.desktop.panel.part.Catalogue.Group;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.drawing.Drawing;
import honeylamp.illustrate.sketch.Samples;
import honeylamp.plan.Structure;
import honeylamp.store.AtHand;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.Arrays;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Node;

/** The fixed parts of the building, as pictures. */
record PartTray(WorkspaceModel model, WindowActions window, Thumbnails thumbnails, Catalogue catalogue)
        implements Content<PartTray.Part> {
    /** A picture is seen with so much around it. */
    private static final double AROUND = 1.08;

    /** A kind, what it usually is on this storey, and whether it is put in next. */
    record Row(PartKind kind, Structure.Form usual, boolean next) {}

    /** What is shown. */
    record Part(List<Row> kinds, UnitSystem units, List<AtHand> atHand) {}

    @Override
    public Part part(Workspace now) {
        var rows = PartKinds.all().stream()
                .map(k -> new Row(
                        k,
                        PartKinds.usual(k, now.plan(), now.storey()),
                        now.tool() == Tool.PUT_IN_PART
                                && k.key().equals(now.choices().part().kind())))
                .toList();
        return new Part(rows, now.plan().units(), catalogue.atHand());
    }

    @Override
    public List<Node> pinned(Part part) {
        return List.of(catalogue.search());
    }

    @Override
    public List<Node> nodes(Part part) {
        return List.of(catalogue.of(Arrays.stream(PartKinds.Group.values())
                .map(group -> new Group(
                        group.label(),
                        part.kinds().stream()
                                .filter(r -> r.kind().group() == group)
                                .map(r -> entry(r, part.units()))
                                .toList()))
                .toList()));
    }

    private Entry entry(Row row, UnitSystem units) {
        var kind = row.kind();
        var key = "part-" + kind.key();
        Supplier<Drawing> sample = () -> Samples.of(row.usual());
        var sizeMm = AROUND * Samples.sizeMm(row.usual());
        return new Entry(
                kind.key(),
                key,
                kind.label(),
                LengthText.rounded(row.usual().width(), units) + " \u00d7 "
                        + LengthText.rounded(row.usual().depth(), units),
                () -> thumbnails.view(key, sample, sizeMm),
                () -> thumbnails.large(key, sample, sizeMm),
                row.next(),
                () -> take(model.now().choices().part().withKind(kind.key()), Tool.PUT_IN_PART));
    }

    private void take(NewPart part, Tool tool) {
        model.act(new Intent.ChooseWithin(model.now().choices().withPart(part)), new Intent.TakeUp(tool));
        window.focusPlan();
    }
}
