package honeylamp.output;

import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Grey;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.FigureChange;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/** Where two drawings may differ, as boxes in paper mm: outside them they paint the same pixels. */
final class MarkChanges {
    private static final long MOST_PAIRS = 1_000_000;

    private final Consumer<Box> to;

    private MarkChanges(Consumer<Box> to) {
        this.to = to;
    }

    /** The boxes, which may overlap. */
    static List<Box> between(Drawing before, Drawing after) {
        var out = new ArrayList<Box>();
        var changes = new MarkChanges(out::add);
        for (var kind : LayerKind.values()) {
            changes.layers(of(before, kind), of(after, kind));
        }
        return out;
    }

    /** The same for marks that are painted one over the other. */
    static List<Box> between(List<Mark> before, List<Mark> after) {
        var out = new ArrayList<Box>();
        new MarkChanges(out::add).marks(before, after);
        return out;
    }

    private static List<Layer> of(Drawing drawing, LayerKind kind) {
        return drawing.layers().stream().filter(l -> l.kind() == kind).toList();
    }

    private void layers(List<Layer> before, List<Layer> after) {
        for (var i = 0; i < Math.max(before.size(), after.size()); i++) {
            if (i >= before.size()) {
                all(after.get(i).marks());
            } else if (i >= after.size()) {
                all(before.get(i).marks());
            } else if (before.get(i).blend() == after.get(i).blend()) {
                marks(before.get(i).marks(), after.get(i).marks());
            } else {
                all(before.get(i).marks());
                all(after.get(i).marks());
            }
        }
    }

    private void marks(List<Mark> before, List<Mark> after) {
        var from = 0;
        var most = Math.min(before.size(), after.size());
        while (from < most && before.get(from).equals(after.get(from))) {
            from++;
        }
        var back = 0;
        while (back < most - from && before.get(before.size() - 1 - back).equals(after.get(after.size() - 1 - back))) {
            back++;
        }
        middles(before.subList(from, before.size() - back), after.subList(from, after.size() - back));
    }

    /** Marks that both have stay where they are among the others, or else all count. */
    private void middles(List<Mark> before, List<Mark> after) {
        var old = Sorted.of(before, after);
        var now = Sorted.of(after, before);
        if (old.kept.equals(now.kept)) {
            for (var i = 0; i <= old.kept.size(); i++) {
                between(old.others.get(i), now.others.get(i), this);
            }
        } else {
            all(before);
            all(after);
        }
    }

    /**
     * Marks told apart by whether another list has them.
     *
     * @param others those it has not: before the first that is kept, before the second, …, after the last
     */
    private record Sorted(List<Mark> kept, List<List<Mark>> others) {
        static Sorted of(List<Mark> marks, List<Mark> other) {
            Map<Mark, Integer> count = new HashMap<>();
            other.forEach(m -> count.merge(m, 1, Integer::sum));
            var out = new Sorted(new ArrayList<>(), new ArrayList<>());
            var group = new ArrayList<Mark>();
            for (var mark : marks) {
                if (count.merge(mark, -1, Integer::sum) >= 0) {
                    out.kept.add(mark);
                    out.others.add(group);
                    group = new ArrayList<>();
                } else {
                    group.add(mark);
                }
            }
            out.others.add(group);
            return out;
        }
    }

    /** As many like marks as can be are held against each other in their order; the rest are gone or new. */
    private static void between(List<Mark> gone, List<Mark> came, MarkChanges changes) {
        if ((long) gone.size() * came.size() > MOST_PAIRS) {
            changes.all(gone);
            changes.all(came);
            return;
        }
        var most = mostAlike(gone, came);
        var i = 0;
        var j = 0;
        while (i < gone.size() && j < came.size()) {
            if (most[i][j] == most[i + 1][j]) {
                changes.all(List.of(gone.get(i++)));
            } else if (most[i][j] == most[i][j + 1]) {
                changes.all(List.of(came.get(j++)));
            } else {
                changes.mark(gone.get(i++), came.get(j++));
            }
        }
        changes.all(gone.subList(i, gone.size()));
        changes.all(came.subList(j, came.size()));
    }

    /** How many pairs the marks from one and from another on can make: the longest common subsequence. */
    private static int[][] mostAlike(List<Mark> gone, List<Mark> came) {
        var out = new int[gone.size() + 1][came.size() + 1];
        for (var i = gone.size() - 1; i >= 0; i--) {
            for (var j = came.size() - 1; j >= 0; j--) {
                var paired = alike(gone.get(i), came.get(j)) ? out[i + 1][j + 1] + 1 : 0;
                out[i][j] = Math.max(paired, Math.max(out[i + 1][j], out[i][j + 1]));
            }
        }
        return out;
    }

    private static boolean alike(Mark a, Mark b) {
        return switch (a) {
            case Mark.Fill fill -> b instanceof Mark.Fill f && f.ink().equals(fill.ink());
            case Mark.Stroke stroke ->
                b instanceof Mark.Stroke s
                        && s.ink().equals(stroke.ink())
                        && s.pen().equals(stroke.pen());
            case Mark.Text _, Mark.Shaded _, Mark.Haloed _, Mark.Image _, Mark.Picture _, Mark.Clip _ ->
                a.getClass() == b.getClass();
        };
    }

    private void mark(Mark before, Mark after) {
        if (before.equals(after)) {
            return;
        }
        if (before instanceof Mark.Fill(var a, var ink)
                && after instanceof Mark.Fill(var b, var other)
                && ink.equals(other)) {
            path(a, b, 0);
        } else if (before instanceof Mark.Stroke p
                && after instanceof Mark.Stroke q
                && p.ink().equals(q.ink())
                && p.pen().equals(q.pen())
                && p.pen().dashMm().isEmpty()) {
            path(p.path(), q.path(), Math.max(MarkBounds.reach(p), MarkBounds.reach(q)));
        } else if (before instanceof Mark.Clip p && after instanceof Mark.Clip q) {
            clip(p, q);
        } else if (before instanceof Mark.Picture(var a, var where)
                && after instanceof Mark.Picture(var b, var there)
                && where.equals(there)
                && a.width() == b.width()
                && a.height() == b.height()) {
            a.differsFrom(b).map(part -> onPaper(part, a, where)).ifPresent(to);
        } else {
            all(List.of(before, after));
        }
    }

    private void path(Figure a, Figure b, double grown) {
        FigureChange.between(a, b).forEach(box -> to.accept(box.grown(grown)));
    }

    /** What is inside counts only where it is seen. */
    private void clip(Mark.Clip before, Mark.Clip after) {
        path(before.path(), after.path(), 0);
        MarkBounds.of(List.of(before, after))
                .ifPresent(seen ->
                        new MarkChanges(box -> box.shared(seen).ifPresent(to)).marks(before.inside(), after.inside()));
    }

    /** Levels are mixed with their neighbours when they are shown larger. */
    private static Box onPaper(Grey.Part part, Grey grey, Box where) {
        var x = where.width() / grey.width();
        var y = where.height() / grey.height();
        return new Box(
                where.minX() + (part.minX() - 1) * x,
                where.minY() + (part.minY() - 1) * y,
                where.minX() + (part.maxX() + 2) * x,
                where.minY() + (part.maxY() + 2) * y);
    }

    private void all(List<Mark> marks) {
        marks.forEach(m -> MarkBounds.of(m).ifPresent(to));
    }
}
