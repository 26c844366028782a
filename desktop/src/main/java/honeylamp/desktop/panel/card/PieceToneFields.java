package honeylamp.desktop.panel.card;

import honeylamp.catalogue.ColourCode;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.desktop.panel.part.ToneMenu;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.FurnishingEdits.Among;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** The colours of a piece alone: of its textile, its timber, whatever it is made of. */
record PieceToneFields(CardFields parts) {
    private static final double CALMER = 0.7;

    Node of(Furnishing piece) {
        var box = new VBox(4);
        var look = parts.model().shown().view().look();
        var geometry = parts.model().geometry();
        for (var role : roles(piece)) {
            var now = piece.tone(role).orElseGet(() -> look.palette().of(role));
            box.getChildren().add(code(piece, role, now));
        }
        box.getChildren()
                .addAll(
                        OneSurface.row(
                                Widgets.button(
                                        "Calmer",
                                        "piece-calmer",
                                        "All its colours less strong",
                                        () -> strengthen(List.of(piece), CALMER)),
                                Widgets.button(
                                        "Stronger",
                                        "piece-stronger",
                                        "All its colours stronger",
                                        () -> strengthen(List.of(piece), 1 / CALMER)),
                                Widgets.button(
                                        "As usual",
                                        "piece-tones-back",
                                        "The colours of the look again",
                                        () -> lay(List.of(piece.id()), List.of()))),
                        OneSurface.row(
                                Widgets.button(
                                        "All such in this room",
                                        "piece-tones-room",
                                        "Every piece of this kind in the room in these colours",
                                        () -> lay(FurnishingEdits.such(geometry, piece, Among.ROOM), piece.tones())),
                                Widgets.button(
                                        "All such",
                                        "piece-tones-all",
                                        "Every piece of this kind on the storey in these colours",
                                        () -> lay(
                                                FurnishingEdits.such(geometry, piece, Among.STOREY), piece.tones()))));
        return parts.folding("Colours, here only", box);
    }

    /** For several pieces at once: every role any of them is drawn in, and all of them calmer or stronger. */
    Node of(List<Furnishing> pieces) {
        var palette = parts.model().shown().view().look().palette();
        var box = new VBox(4);
        pieces.stream().flatMap(p -> roles(p).stream()).distinct().sorted().forEach(role -> {
            var row = Widgets.row(
                    Widgets.quiet(role.label()),
                    Widgets.spring(),
                    ToneMenu.of(
                            "pieces-palette-" + role.name().toLowerCase(Locale.ROOT),
                            "A colour of the look for " + role.label() + " of all of them",
                            palette,
                            tone -> tone(pieces, role, tone)));
            row.getStyleClass().add("field-row");
            box.getChildren().add(row);
        });
        box.getChildren()
                .add(OneSurface.row(
                        Widgets.button(
                                "Calmer",
                                "pieces-calmer",
                                "All their colours less strong",
                                () -> strengthen(pieces, CALMER)),
                        Widgets.button(
                                "Stronger",
                                "pieces-stronger",
                                "All their colours stronger",
                                () -> strengthen(pieces, 1 / CALMER)),
                        Widgets.button(
                                "As usual",
                                "pieces-tones-back",
                                "The colours of the look again",
                                () -> lay(pieces.stream().map(Furnishing::id).toList(), List.of()))));
        return parts.folding("Colours of these pieces", box);
    }

    private void tone(List<Furnishing> pieces, Role role, Oklch tone) {
        var ids = pieces.stream()
                .filter(p -> roles(p).contains(role))
                .map(Furnishing::id)
                .toList();
        parts.model()
                .edit(
                        FurnishingEdits.tone(parts.plan(), parts.at(), ids, role, Optional.of(tone)),
                        "Colour furnishing");
    }

    private void strengthen(List<Furnishing> pieces, double by) {
        var palette = parts.model().shown().view().look().palette();
        var out = parts.plan();
        for (var piece : pieces) {
            out = FurnishingEdits.toneLike(
                    out, parts.at(), List.of(piece.id()), FurnishingEdits.stronger(piece, roles(piece), palette, by));
        }
        parts.model().edit(out, "Colour furnishing");
    }

    private static List<Role> roles(Furnishing piece) {
        return Furnishings.of(piece).map(k -> k.roles(piece)).orElse(List.of());
    }

    private Node code(Furnishing piece, Role role, Oklch now) {
        var field = new TextField(ColourCode.of(now));
        field.setId("piece-tone-" + role.name().toLowerCase(Locale.ROOT));
        field.setAccessibleText("Colour code of " + role.label());
        field.setOnAction(_ -> ColourCode.read(field.getText())
                .ifPresentOrElse(
                        tone -> tone(List.of(piece), role, tone),
                        () -> parts.model()
                                .complain("\"" + field.getText()
                                        + "\" is no colour code. Type six digits from 0 to F, such as #7C9A82.")));
        var row = Widgets.row(
                Widgets.quiet(role.label()),
                Widgets.spring(),
                field,
                ToneMenu.of(
                        "piece-palette-" + role.name().toLowerCase(Locale.ROOT),
                        "A colour of the look for " + role.label(),
                        parts.model().shown().view().look().palette(),
                        tone -> tone(List.of(piece), role, tone)));
        row.getStyleClass().add("field-row");
        return row;
    }

    private void lay(List<FurnishingId> ids, List<Furnishing.Tinted> tones) {
        parts.model().edit(FurnishingEdits.toneLike(parts.plan(), parts.at(), ids, tones), "Colour furnishing");
    }
}
