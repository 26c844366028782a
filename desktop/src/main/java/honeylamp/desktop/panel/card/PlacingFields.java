package honeylamp.desktop.panel.card;

import honeylamp.derive.pointing.BesidePiece;
import honeylamp.derive.pointing.BesidePiece.Side;
import honeylamp.desktop.gesture.pick.FacePoint;
import honeylamp.desktop.gesture.pick.StandFrom;
import honeylamp.desktop.panel.part.CountField;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.edit.BriefEdits;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.Outcome;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Minimums.Beside;
import honeylamp.takeoff.fit.FitRules;
import honeylamp.takeoff.fit.FitRules.Need;
import honeylamp.takeoff.fit.FitRules.Of;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.scene.Node;

/** Where a piece stands by numbers: how far from what is beside it, what it faces, and more of it in rows and circles. */
record PlacingFields(CardFields parts, Furnishing piece) {
    private static final int FIRST_MORE = 3;
    private static final int MOST_MORE = 60;

    List<Node> of() {
        var free = new ArrayList<Node>();
        for (var side : Side.values()) {
            BesidePiece.gap(parts.model().geometry(), piece, side, _ -> true)
                    .ifPresent(gap -> free.add(parts.distance(
                            label(side),
                            "piece-free-" + side.name().toLowerCase(Locale.ROOT),
                            Length.ofMm(gap.mm()),
                            v -> FurnishingEdits.standOff(parts.model().geometry(), parts.plan(), piece, side, v),
                            "Move furnishing")));
        }
        free.add(Widgets.button(
                "From what is clicked\u2026",
                "piece-from",
                "Measures from a wall, an opening or a piece, and moves it to a typed distance",
                () -> parts.model().begin(StandFrom.begin(parts.model().now().gesture(), piece.id()))));
        free.add(Widgets.button(
                "Face what is clicked\u2026",
                "piece-face",
                "Turns its front to a point, or to another piece",
                () -> parts.model().begin(FacePoint.begin(parts.model().now().gesture(), List.of(piece.id())))));
        free.add(Widgets.row(
                order("Over others", "piece-over", "Drawn over what it lies on or beside", 1),
                order("Below others", "piece-below", "Drawn below what lies on it or beside it", -1)));
        var needs = needs();
        return needs.length == 0
                ? List.of(free(free), parts.folding("More like it", more()))
                : List.of(
                        free(free),
                        parts.folding("Room such pieces need, in this plan", needs),
                        parts.folding("More like it", more()));
    }

    private Node order(String label, String id, String tip, int more) {
        return Widgets.button(
                label,
                id,
                tip,
                () -> parts.model()
                        .edit(
                                FurnishingEdits.order(parts.plan(), parts.at(), List.of(piece.id()), more),
                                "Order furnishing"));
    }

    private Node free(List<Node> nodes) {
        return parts.folding("Free beside it", nodes.toArray(Node[]::new));
    }

    /** What the plan wants beside all pieces of this kind; nothing asks for nothing. */
    private Node[] needs() {
        return FitRules.asked(piece.kind(), parts.plan().brief().minimums()).stream()
                .map(need -> parts.distance(
                        named(need),
                        "piece-need-" + need.names().replace(' ', '-'),
                        Length.ofMm(need.mm()),
                        v -> Outcome.done(BriefEdits.minimums(
                                parts.plan(), m -> m.with(new Beside(piece.kind(), need.names(), v)))),
                        "Set room needed"))
                .toArray(Node[]::new);
    }

    private static String named(Need need) {
        return need.sides().size() == Side.values().length
                ? "All round"
                : need.sides().stream()
                        .map(PlacingFields::label)
                        .collect(Collectors.joining(need.of() == Of.ONE ? " or " : ", "));
    }

    private static String label(Side side) {
        return switch (side) {
            case LEFT -> "On the left";
            case RIGHT -> "On the right";
            case FRONT -> "In front";
            case BACK -> "Behind";
        };
    }

    private Node[] more() {
        var many = new CountField("How many", "piece-more", FIRST_MORE, MOST_MORE, parts.model()::complain);
        return new Node[] {
            many,
            parts.distance(
                    "In a row, gap",
                    "piece-row",
                    Length.ZERO,
                    v -> Outcome.done(FurnishingEdits.row(parts.plan(), parts.at(), piece, many.count(), v)),
                    "Place in a row"),
            parts.distance(
                    "In a circle, radius",
                    "piece-circle",
                    Length.ZERO,
                    v -> Outcome.done(FurnishingEdits.circle(parts.plan(), parts.at(), piece, many.count(), v)),
                    "Place in a circle"),
            parts.distance(
                    "Fill the stretch, least gap",
                    "piece-fill",
                    Length.ZERO,
                    v -> FurnishingEdits.fill(parts.model().geometry(), parts.plan(), piece, v),
                    "Fill stretch")
        };
    }
}
