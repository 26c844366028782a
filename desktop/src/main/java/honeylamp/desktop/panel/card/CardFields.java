package honeylamp.desktop.panel.card;

import honeylamp.catalogue.Family.Place;
import honeylamp.catalogue.piece.Counters;
import honeylamp.derive.listing.Headroom;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.rooms.Room;
import honeylamp.desktop.panel.part.Folding;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.Libraries;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.Workspace.Worked;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Coverings;
import honeylamp.edit.Outcome;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.ElementId;
import honeylamp.plan.Finish;
import honeylamp.plan.Plan;
import honeylamp.plan.Surface;
import honeylamp.plan.View;
import honeylamp.units.AngleReader;
import honeylamp.units.AngleReading;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.Words;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;

/** What the cards of all kinds have in common: typed lengths that edit the plan, and deleting. */
record CardFields(WorkspaceModel model, Libraries libraries) {
    Plan plan() {
        return model.now().plan();
    }

    ElementId.StoreyId at() {
        return model.now().storey();
    }

    /** A length above nothing. */
    LengthField length(String name, String id, Length value, Function<Length, Outcome<Plan>> change, String action) {
        return new LengthField(
                name, id, value, plan().units(), v -> model.edit(change.apply(v), action), model::complain);
    }

    /** What is low below a roof or a sloping ceiling; nothing if nothing is. */
    List<Node> low(Predicate<Room> which) {
        var shown = model.shown();
        var units = plan().units();
        var low = shown.headroom()
                .map(rooms -> rooms.entrySet().stream()
                        .filter(e -> which.test(e.getKey()))
                        .map(Map.Entry::getValue)
                        .reduce(Headroom.FULL, Headroom::plus));
        return List.of(
                low(Headroom.belowLow(units), low, Headroom::below1500),
                low(Headroom.belowFull(units), low, Headroom::below2000));
    }

    /** One that is there as soon as it is known, if it is anything. */
    private static Node low(String name, ObservableValue<Headroom> low, ToDoubleFunction<Headroom> area) {
        var fact = Widgets.fact(name, low.map(l -> AreaText.both(area.applyAsDouble(l))));
        var isLow = low.map(l -> !l.isFull());
        fact.visibleProperty().bind(isLow);
        fact.managedProperty().bind(isLow);
        return fact;
    }

    /** A length that may be nothing. */
    LengthField distance(String name, String id, Length value, Function<Length, Outcome<Plan>> change, String action) {
        return new LengthField(
                name,
                id,
                value,
                plan().units(),
                LengthReader::notNegative,
                v -> model.edit(change.apply(v), action),
                model::complain);
    }

    /** A length that may lie on either side of nothing. */
    LengthField place(String name, String id, Length value, Function<Length, Outcome<Plan>> change, String action) {
        return new LengthField(
                name,
                id,
                value,
                plan().units(),
                LengthReader::signed,
                v -> model.edit(change.apply(v), action),
                model::complain);
    }

    /** A turn in degrees. */
    Node angle(String id, double deg, DoubleFunction<Outcome<Plan>> change, String action) {
        return angle("Turn", id, deg, change, action);
    }

    /** An angle in degrees. */
    Node angle(String name, String id, double deg, DoubleFunction<Outcome<Plan>> change, String action) {
        var field = new TextField(Words.of("%.2f", deg));
        field.setId(id);
        field.setAccessibleText(name + ", in degrees");
        var label = new Label(name);
        label.getStyleClass().add("field-name");
        label.setLabelFor(field);
        field.setOnAction(_ -> {
            switch (AngleReader.read(field.getText())) {
                case AngleReading.Good(var typed) -> model.edit(change.apply(typed), action);
                case AngleReading.Bad(var sentence) -> model.complain(sentence);
            }
        });
        var degrees = new Label("\u00b0");
        degrees.getStyleClass().addAll("quiet", "unit");
        var row = new HBox(6, label, Widgets.spring(), field, degrees);
        row.getStyleClass().add("field-row");
        return row;
    }

    /** A section that folds at its heading, and stays folded for all things like it. */
    Node folding(String heading, Node... nodes) {
        return Folding.section(model, heading, nodes);
    }

    Node delete() {
        return Widgets.button(
                "Delete", "card-delete", "Delete does it too; " + Keys.BRINGS_IT_BACK, model.picked()::delete);
    }

    /**
     * Draws walls from the front on a new page and turns to it.
     *
     * @param several what the page is called if it shows more than one
     */
    void elevations(List<? extends View.Subject.Front> subjects, String several) {
        var names = subjects.stream()
                .map(s -> WallElevation.name(model.shown().storey(), s))
                .toList();
        var added = ViewEdits.elevations(
                plan(), model.now().view().id(), subjects, names, subjects.size() == 1 ? names.getFirst() : several);
        var first = added.plan()
                .presentation()
                .page(added.id())
                .orElseThrow()
                .views()
                .getFirst();
        model.act(
                new Intent.Edit(added.plan(), "Draw elevations"),
                new Intent.TurnTo(new Worked(first, Optional.of(added.id()))));
    }

    /** What covers surfaces that are finished alike, such as all treads of a stair; said of all of them at once. */
    List<Node> covering(List<Surface> surfaces, String id, Place place, String action) {
        var storey = plan().storey(at());
        var now = surfaces.stream()
                .map(s -> Surfaces.finish(storey, s))
                .distinct()
                .toList();
        var shared = now.size() == 1 ? now.getFirst() : Optional.<Finish>empty();
        var found = Counters.withSurfaces(model.shown().storey()).stream()
                .filter(f -> surfaces.contains(f.surface()))
                .map(Surfaces.Found::outline)
                .toList();
        var seed = surfaces.isEmpty() ? 0 : surfaces.getFirst().host().seed();
        return new FinishFields(new OneSurface(model, this, id, place, action, found, seed, finish -> {
                    var covered = plan();
                    for (var surface : surfaces) {
                        covered = Coverings.cover(covered, at(), surface, finish);
                    }
                    return covered;
                }))
                .briefly(shared);
    }
}
