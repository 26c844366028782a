package honeylamp.desktop.panel.card;

import honeylamp.catalogue.Family.Place;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.Patterns;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.edit.Finishing;
import honeylamp.edit.Outcome;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** The courses of a wall below its finish, or the borders of a floor or ceiling around it. */
record CourseFields(OneSurface on) {
    /** Strips of the wall below the finish, from the floor up, each of its own; the finish reaches to the top. */
    Node of(Finish finish) {
        var box = new VBox(4);
        var tiles = Materials.covering(on.place()).stream()
                .filter(m -> isBorder() || !m.laying().isSeamless())
                .toList();
        var first = tiles.getFirst();
        for (var i = 0; i < finish.courses().size(); i++) {
            box.getChildren().addAll(course(finish, i, tiles));
        }
        if (finish.courses().size() < Finish.MOST_COURSES) {
            box.getChildren()
                    .add(Widgets.button(
                            isBorder() ? "One border more" : "One course more",
                            on.id() + "-course-more",
                            isBorder()
                                    ? "A strip along all edges laid by itself, within those there are; the finish fills what is left"
                                    : "A strip of the wall laid by itself, above those there are; the finish goes on from it to the top",
                            () -> on.lay(
                                    isBorder()
                                            ? Finishing.oneBorderMore(finish, first.key(), first.laying())
                                            : Finishing.oneCourseMore(finish, first.key(), first.laying()),
                                    isBorder() ? "Add a border" : "Add a course")));
        }
        return Widgets.section(isBorder() ? "Borders, from the walls in" : "Courses, from the floor up", box);
    }

    private boolean isBorder() {
        return on.place() != Place.WALL;
    }

    private List<Node> course(Finish finish, int at, List<Material> tiles) {
        var course = finish.courses().get(at);
        var lead = on.id() + "-course-" + (at + 1);
        var begins = List.of(Finish.Begins.values());
        return List.of(
                Widgets.menu(
                        (at + 1) + "  "
                                + Materials.of(course.material())
                                        .map(Material::label)
                                        .orElse(course.material()),
                        lead,
                        "What it is of",
                        tiles.stream().map(Material::label).toList(),
                        n -> changed(
                                finish,
                                at,
                                course.withMaterial(tiles.get(n).key())
                                        .withLaying(tiles.get(n).laying()))),
                on.parts()
                        .length(
                                isBorder() ? "Width" : "Height",
                                lead + (isBorder() ? "-width" : "-height"),
                                course.height(),
                                v -> Outcome.done(on.put()
                                        .apply(Optional.of(
                                                Finishing.course(finish, at, Optional.of(course.withHeight(v)))))),
                                isBorder() ? "Change width of border" : "Change height of course"),
                pieces(finish, at, course, lead),
                OneSurface.row(
                        Widgets.menu(
                                course.begins().label(),
                                lead + "-begins",
                                "Where its pieces begin",
                                begins.stream().map(Finish.Begins::label).toList(),
                                n -> changed(finish, at, course.withBegins(begins.get(n)))),
                        Widgets.button(
                                "Take away",
                                lead + "-away",
                                isBorder() ? "Those within it go on from the edge" : "Those above it come down",
                                () -> on.lay(
                                        Finishing.course(finish, at, Optional.empty()),
                                        isBorder() ? "Take border away" : "Take course away"))));
    }

    /** How the pieces of a course lie, and how large they are; nothing of what is laid in one. */
    private Node pieces(Finish finish, int at, Finish.Course course, String lead) {
        var laying = course.laying();
        var box = new VBox(4);
        var family = Materials.of(course.material()).map(Material::family);
        if (laying.isSeamless() || family.isEmpty()) {
            return box;
        }
        var patterns = Patterns.all().stream()
                .filter(p -> family.get().suits(p.pattern()))
                .toList();
        box.getChildren()
                .add(Widgets.menu(
                        Patterns.label(laying.pattern()),
                        lead + "-pattern",
                        "How it lies",
                        patterns.stream().map(Patterns.Named::label).toList(),
                        n -> changed(
                                finish,
                                at,
                                course.withLaying(Finishing.inPattern(
                                        laying, patterns.get(n).pattern())))));
        box.getChildren()
                .add(size(
                        finish,
                        at,
                        course,
                        "Piece, width",
                        lead + "-piece-width",
                        laying.width(),
                        (l, v) -> Finishing.sized(l, v, l.length(), l.joint())));
        if (Patterns.hasLength(laying.pattern())) {
            box.getChildren()
                    .add(size(
                            finish,
                            at,
                            course,
                            "Piece, length",
                            lead + "-piece-length",
                            laying.length(),
                            (l, v) -> Finishing.sized(l, l.width(), v, l.joint())));
        }
        box.getChildren()
                .add(size(
                        finish,
                        at,
                        course,
                        "Joint",
                        lead + "-joint",
                        laying.joint(),
                        (l, v) -> Finishing.sized(l, l.width(), l.length(), v)));
        return box;
    }

    private Node size(
            Finish finish,
            int at,
            Finish.Course course,
            String name,
            String id,
            Length value,
            BiFunction<Laying, Length, Outcome<Laying>> sized) {
        return on.parts()
                .distance(
                        name,
                        id,
                        value,
                        v -> sized.apply(course.laying(), v)
                                .map(l -> on.put()
                                        .apply(Optional.of(
                                                Finishing.course(finish, at, Optional.of(course.withLaying(l)))))),
                        "Size pieces");
    }

    private void changed(Finish finish, int at, Finish.Course course) {
        on.lay(Finishing.course(finish, at, Optional.of(course)), isBorder() ? "Change border" : "Change course");
    }
}
