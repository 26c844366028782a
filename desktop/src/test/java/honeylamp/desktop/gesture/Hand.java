package honeylamp.desktop.gesture;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.traced.PictureLines;
import honeylamp.desktop.gesture.Pointer.Keys;
import honeylamp.desktop.gesture.pick.TurnRaised;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.raised.QuickPicture;
import honeylamp.illustrate.raised.SurfacePictures;
import honeylamp.illustrate.sketch.RoomNames;
import honeylamp.plan.ElementId;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.raised.SeenThings;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Plays a gesture against a plan, as the window would. */
class Hand {
    Plan plan;
    Choices choices;
    Gesture gesture;
    Set<ElementId> picked = Set.of();
    String complaint = "";
    Optional<Walked> walked = Optional.empty();
    Optional<RoomNames> names = Optional.empty();
    Point middle = new Point(2000, 1500);
    int commits;

    Hand(Plan plan, Gesture gesture) {
        this.plan = plan;
        this.choices = Choices.of(plan.wallTypes().getFirst().id(), plan.units());
        this.gesture = gesture;
    }

    Surroundings scene() {
        return seenAs(LaidPlan.of(plan).pages().getFirst().views().getFirst());
    }

    final Surroundings seenAs(LaidView view) {
        var geometry = StoreyGeometry.of(plan, plan.storeys().getFirst());
        var repeated = new GeometryCache().units(plan, plan.storeys().getFirst());
        var things = Optional.of(SeenThings.of(view)).filter(_ -> !view.view().isPlan());
        return new Surroundings(
                plan,
                geometry,
                PaperFrame.atOrigin(50),
                80,
                0.2,
                choices,
                picked,
                PictureLines.NONE,
                repeated,
                middle,
                view,
                Optional.of(plan.presentation().pages().getFirst()),
                () -> LaidPlan.of(plan).pages().getFirst(),
                walked,
                names,
                things,
                turned(view, things),
                Optional.empty());
    }

    private List<Mark> turned(LaidView view, Optional<SeenThings> things) {
        return gesture instanceof TurnRaised turn
                ? things.flatMap(t -> turn.wanted(
                                view,
                                QuickPicture.of(view, t, PaperFrame.atOrigin(50)),
                                SurfacePictures.NONE,
                                PaperFrame.atOrigin(50)))
                        .map(TurnRaised.Turned::picture)
                        .orElse(List.of())
                : List.of();
    }

    void take(Reply step) {
        gesture = step.next();
        complaint = step.complaint().isEmpty() ? complaint : step.complaint();
        step.commit().ifPresent(c -> {
            plan = c.plan();
            commits++;
        });
        step.selection().ifPresent(s -> picked = s);
        step.choices().ifPresent(c -> choices = c);
    }

    Hand move(double x, double y) {
        take(gesture.moved(scene(), Pointer.at(new Point(x, y))));
        return this;
    }

    void put(OpeningKind kind, double widthMm) {
        choices = choices.withOpening(NewOpening.of(kind, plan.units()).wide(Length.ofMm(widthMm)));
    }

    Hand click(double x, double y) {
        move(x, y);
        take(gesture.pressed(scene(), Pointer.at(new Point(x, y))));
        take(gesture.released(scene(), Pointer.at(new Point(x, y))));
        return this;
    }

    Hand drag(double x0, double y0, double x1, double y1, Keys keys) {
        take(gesture.pressed(scene(), new Pointer(new Point(x0, y0), 1, keys)));
        take(gesture.dragged(scene(), new Pointer(new Point((x0 + x1) / 2, (y0 + y1) / 2), 1, keys)));
        assertThat(gesture.sketch(scene())).isNotEmpty();
        take(gesture.dragged(scene(), new Pointer(new Point(x1, y1), 1, keys)));
        take(gesture.released(scene(), new Pointer(new Point(x1, y1), 1, keys)));
        return this;
    }

    Hand type(String... texts) {
        complaint = "";
        var typed = Typed.read(gesture.readout(scene()).fields(), List.of(texts), scene().units());
        take(typed.wrong()
                .map(sentence -> Reply.complain(gesture, sentence))
                .orElseGet(() -> gesture.entered(scene(), typed)));
        return this;
    }

    Storey storey() {
        return plan.storeys().getFirst();
    }
}
