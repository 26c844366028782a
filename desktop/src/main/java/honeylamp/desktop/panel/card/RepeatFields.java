package honeylamp.desktop.panel.card;

import honeylamp.desktop.panel.part.CountField;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.edit.Outcome;
import honeylamp.edit.RepeatEdits;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern.Repeat;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;

/** An own repeat, drawn module by module: a drag over modules makes one piece of them. */
record RepeatFields(OneSurface on) {
    private static final double WIDE_PX = 200;

    /** The modules, how many there are, and how rows are shifted. */
    Node of(Finish finish, Laying laying, Repeat repeat) {
        var across = new CountField(
                "Modules across", on.id() + "-repeat-across", repeat.across(), RepeatEdits.MOST, on.model()::complain);
        var up = new CountField(
                "Modules up", on.id() + "-repeat-up", repeat.up(), RepeatEdits.MOST, on.model()::complain);
        var shift = words(
                on.id() + "-repeat-shift",
                "Rows shifted by, modules",
                String.valueOf(repeat.shift()),
                text -> numbers(text, 1)
                        .map(n -> RepeatEdits.shifted(repeat, n[0]))
                        .orElseGet(() -> Outcome.refused("\"" + text + "\" is no whole number")),
                finish,
                laying);
        var join = words(
                on.id() + "-repeat-join",
                "Join: column, row, wide, high",
                "",
                text -> numbers(text, 4)
                        .map(n -> RepeatEdits.joined(repeat, n[0] - 1, n[1] - 1, n[0] + n[2] - 2, n[1] + n[3] - 2))
                        .orElseGet(() -> Outcome.refused("type four whole numbers, such as 1 1 2 2")),
                finish,
                laying);
        var size = Widgets.button(
                "Take these",
                on.id() + "-repeat-size",
                "The repeat has so many modules",
                () -> put(RepeatEdits.sized(repeat, across.count(), up.count()), finish, laying));
        return Widgets.section(
                "Own repeat, from below",
                new Grid(finish, laying, repeat).node(),
                Widgets.quiet(
                        "Drag over modules to make one piece of them, again to take it apart. It may reach into the repeats beside, which are paler."),
                join,
                across,
                up,
                size,
                shift);
    }

    private interface Read {
        Outcome<Repeat> of(String text);
    }

    private Node words(String id, String prompt, String value, Read read, Finish finish, Laying laying) {
        var field = new WordField(prompt, id, value, text -> put(read.of(text), finish, laying)).hinted();
        var row = new HBox(6, Widgets.quiet(value.isEmpty() ? "" : prompt), Widgets.spring(), field);
        row.getStyleClass().add("field-row");
        return value.isEmpty() ? field : row;
    }

    private static Optional<int[]> numbers(String text, int many) {
        var words = List.of(text.strip().split("[\\s,;x\u00d7]+"));
        return words.size() == many && words.stream().allMatch(w -> w.matches("[0-9]{1,3}"))
                ? Optional.of(words.stream().mapToInt(Integer::parseInt).toArray())
                : Optional.empty();
    }

    private void put(Outcome<Repeat> repeat, Finish finish, Laying laying) {
        on.model().edit(on.sized(finish, repeat.map(laying::withPattern)), "Draw a repeat");
    }

    /** The modules as a picture that is drawn on, the first row below. */
    private final class Grid {
        private final Finish finish;
        private final Laying laying;
        private final Repeat repeat;
        private final int across; // with a part of the repeats to the right and above, over which pieces may reach
        private final int up;
        private final double px;
        private final Pane pane = new Pane();
        private final Region mark = new Region();
        private int[] from = {0, 0};

        Grid(Finish finish, Laying laying, Repeat repeat) {
            this.finish = finish;
            this.laying = laying;
            this.repeat = repeat;
            this.across = repeat.across() + (repeat.across() + 1) / 2;
            this.up = repeat.up() + (repeat.up() + 1) / 2;
            this.px = WIDE_PX / Math.max(across, up);
        }

        Node node() {
            pane.setId(on.id() + "-repeat");
            pane.getStyleClass().add("repeat");
            var wide = px * across;
            var high = px * up;
            pane.setMinSize(wide, high);
            pane.setMaxSize(wide, high);
            pane.setClip(new Rectangle(wide, high));
            for (var rows = 1; rows >= -1; rows--) {
                for (var columns = -2; columns <= 1; columns++) {
                    pieces(columns, rows);
                }
            }
            mark.getStyleClass().add("repeat-mark");
            mark.setManaged(false);
            mark.setMouseTransparent(true);
            mark.setVisible(false);
            pane.getChildren().add(mark);
            pane.setOnMousePressed(e -> {
                from = module(e.getX(), e.getY());
                marked(from);
            });
            pane.setOnMouseDragged(e -> marked(module(e.getX(), e.getY())));
            pane.setOnMouseReleased(e -> {
                var to = module(e.getX(), e.getY());
                mark.setVisible(false);
                put(RepeatEdits.joined(repeat, from[0], from[1], to[0], to[1]), finish, laying);
            });
            return new VBox(pane);
        }

        /** The pieces of the repeat, or of one beside it. */
        private void pieces(int columns, int rows) {
            for (var cell : repeat.cells()) {
                var piece = new Region();
                piece.getStyleClass().add(columns == 0 && rows == 0 ? "repeat-piece" : "repeat-beside");
                piece.setManaged(false);
                place(
                        piece,
                        cell.x() + columns * repeat.across() + rows * repeat.shift(),
                        cell.y() + rows * repeat.up(),
                        cell.width(),
                        cell.height());
                if (columns == 0 && rows == 0) {
                    pane.getChildren().add(piece);
                } else {
                    pane.getChildren().addFirst(piece);
                }
            }
        }

        private int[] module(double x, double y) {
            return new int[] {Math.clamp((int) (x / px), 0, across - 1), Math.clamp(up - 1 - (int) (y / px), 0, up - 1)
            };
        }

        private void marked(int[] to) {
            mark.setVisible(true);
            place(
                    mark,
                    Math.min(from[0], to[0]),
                    Math.min(from[1], to[1]),
                    Math.abs(to[0] - from[0]) + 1,
                    Math.abs(to[1] - from[1]) + 1);
        }

        private void place(Region region, int x, int y, int wide, int high) {
            region.resizeRelocate(x * px + 1, (up - y - high) * px + 1, wide * px - 2, high * px - 2);
        }
    }
}
