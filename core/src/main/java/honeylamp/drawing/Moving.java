package honeylamp.drawing;

import honeylamp.drawing.ink.Gradient;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;

/** Moves marks over the paper, as they are. */
record Moving(Point by) {
    Mark of(Mark mark) {
        return switch (mark) {
            case Mark.Fill(var path, var ink) -> new Mark.Fill(of(path), ink);
            case Mark.Stroke(var path, var pen, var ink) -> new Mark.Stroke(of(path), pen, ink);
            case Mark.Text text -> of(text);
            case Mark.Shaded(var path, var gradient, var opacity) -> new Mark.Shaded(of(path), of(gradient), opacity);
            case Mark.Haloed(var text, var room, var ink) -> new Mark.Haloed(of(text), room, ink);
            case Mark.Image(var pixels, var where) -> new Mark.Image(pixels, of(where));
            case Mark.Picture(var grey, var where) -> new Mark.Picture(grey, of(where));
            case Mark.Clip(var path, var inside) ->
                new Mark.Clip(of(path), inside.stream().map(this::of).toList());
        };
    }

    private Mark.Text of(Mark.Text t) {
        return new Mark.Text(
                t.text(), t.at().plus(by), t.capHeightMm(), t.face(), t.trackingEm(), t.align(), t.turnDeg(), t.ink());
    }

    private Gradient of(Gradient gradient) {
        return switch (gradient) {
            case Gradient.Linear(var from, var to, var stops) -> new Gradient.Linear(from.plus(by), to.plus(by), stops);
            case Gradient.Radial(var centre, var radius, var stops) ->
                new Gradient.Radial(centre.plus(by), radius, stops);
        };
    }

    private Figure of(Figure path) {
        return path.through(Affine.move(by.x(), by.y()));
    }

    private Box of(Box box) {
        return box.moved(by);
    }
}
