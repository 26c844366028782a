package honeylamp.desktop.panel.part;

import honeylamp.plan.OwnPart.Pen;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;

/** What parts of own pieces are made of and drawn with, to choose from. */
public final class OwnMenus {
    private static final List<Role> MATERIALS = List.copyOf(Role.ofPieces());

    private OwnMenus() {}

    /** A menu of what a part is made of. */
    public static Node fill(String id, Optional<Role> now, Consumer<Optional<Role>> take) {
        var labels = new ArrayList<>(List.of("Nothing, a line alone"));
        MATERIALS.forEach(role -> labels.add(role.label()));
        return Widgets.menu(
                now.map(Role::label).orElse(labels.getFirst()),
                id,
                "What it is made of, in the colours of the look",
                labels,
                i -> take.accept(i == 0 ? Optional.empty() : Optional.of(MATERIALS.get(i - 1))));
    }

    /** A menu of what a part is drawn with. */
    public static Node pen(String id, Pen now, Consumer<Pen> take) {
        return Widgets.menu(
                now.label(),
                id,
                "The line round it",
                Arrays.stream(Pen.values()).map(Pen::label).toList(),
                i -> take.accept(Pen.values()[i]));
    }
}
