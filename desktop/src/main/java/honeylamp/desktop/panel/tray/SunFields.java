package honeylamp.desktop.panel.tray;

import honeylamp.derive.light.SunPlace;
import honeylamp.derive.storeys.LaidView;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.DaySample;
import honeylamp.plan.Light;
import honeylamp.plan.Light.Falls;
import honeylamp.plan.Plan;
import honeylamp.plan.Sun;
import honeylamp.units.SunReader;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** Whence the light of a view comes: turned by hand, or the sun over a place at a time, with the run of its day. */
record SunFields(WorkspaceModel model, Thumbnails thumbnails) {
    /** Midsummer in the middle of the northern lands, at three: a light that reads well. */
    private static final Sun FIRST =
            new Sun(50, 0, LocalDateTime.of(LocalDate.of(2026, 6, 21), LocalTime.of(15, 0)), 1);

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
    private static final int EVERY_HOURS = 3;

    List<Node> nodes(Light light, Optional<LaidView> view) {
        var out = new ArrayList<Node>();
        out.add(new FlowPane(
                4,
                4,
                Widgets.toggle(
                        "By hand",
                        "light-by-hand",
                        "Turned and raised below",
                        light.sun().isEmpty(),
                        () -> light(l -> model.shown().view().light().orElse(l).withSun(Optional.empty()))),
                Widgets.toggle(
                        "By the sun",
                        "light-by-sun",
                        "Where it stands over a place at a time",
                        light.sun().isPresent(),
                        () -> light(l -> l.withSun(l.sun().or(() -> Optional.of(FIRST)))))));
        light.sun()
                .ifPresentOrElse(
                        sun -> out.addAll(sun(sun, view.orElseGet(model.shown()::view))),
                        () -> out.addAll(byHand(light)));
        var falls = new FlowPane(4, 4);
        for (var one : Falls.values()) {
            falls.getChildren()
                    .add(Widgets.toggle(
                            one.label(),
                            "shade-falls-" + one.key(),
                            "What takes shade",
                            light.falls() == one,
                            () -> light(l -> l.withFalls(one))));
        }
        out.add(Widgets.section("Shade falls", falls));
        return out;
    }

    private List<Node> byHand(Light light) {
        return List.of(
                Widgets.slider(
                        "From, clockwise from the top",
                        "light-from",
                        0,
                        360,
                        light.fromDeg(),
                        (v, going) -> slide(going, l -> l.withFromDeg(v))),
                Widgets.slider(
                        "Height above the horizon",
                        "light-altitude",
                        15,
                        80,
                        light.altitudeDeg(),
                        (v, going) -> slide(going, l -> l.withAltitudeDeg(v))));
    }

    private List<Node> sun(Sun sun, LaidView view) {
        var out = new ArrayList<Node>();
        out.add(field(
                "Latitude",
                "sun-latitude",
                degrees(sun.latitudeDeg(), "N", "S"),
                text -> SunReader.latitude(text).map(sun::withLatitudeDeg),
                "Type degrees from 90 S to 90 N, such as 50.4 N."));
        out.add(field(
                "Longitude",
                "sun-longitude",
                degrees(sun.longitudeDeg(), "E", "W"),
                text -> SunReader.longitude(text).map(sun::withLongitudeDeg),
                "Type degrees from 180 W to 180 E, such as 4.1 W."));
        out.add(field(
                "Date",
                "sun-date",
                sun.clock().toLocalDate().toString(),
                text -> SunReader.date(text)
                        .map(d -> sun.withClock(d.atTime(sun.clock().toLocalTime()))),
                "Type a date as year, month and day, such as 2026-06-21."));
        out.add(field(
                "Clock",
                "sun-clock",
                CLOCK.format(sun.clock()),
                text -> SunReader.clock(text)
                        .map(t -> sun.withClock(sun.clock().toLocalDate().atTime(t))),
                "Type a time of day, such as 15:30."));
        out.add(field(
                "Clocks ahead of UTC, in hours",
                "sun-ahead",
                number(sun.hoursAhead()),
                text -> SunReader.number(text)
                        .filter(h -> Math.abs(h) <= Sun.MOST_HOURS)
                        .map(sun::withHoursAhead),
                "Type hours from -14 to 14; summer time counts."));
        var place = SunPlace.of(sun);
        var says = Widgets.quiet(
                place.isDown()
                        ? "The sun is down or too low: nothing throws a shade of its own."
                        : String.format(
                                Locale.ROOT,
                                "The sun stands %.0f\u00b0 clockwise from north, %.0f\u00b0 high: a shade is %.1f times as long as the thing is high.",
                                place.azimuthDeg(),
                                place.altitudeDeg(),
                                place.shadePerHeight()));
        says.setId("sun-says");
        out.add(says);
        out.add(Widgets.section("The day", day(sun, view)));
        return out;
    }

    /** The view at every third hour while the sun is up; a press takes the hour. */
    private Node day(Sun sun, LaidView view) {
        var strip = new FlowPane(4, 4);
        strip.setId("sun-day");
        for (var at : DaySample.hours(sun, EVERY_HOURS)) {
            var then = view.seenAs(view.view().withLight(view.view().light().withSun(Optional.of(sun.withClock(at)))));
            var key = "day " + System.identityHashCode(view.storey().geometry()) + " "
                    + view.look().hashCode() + " " + view.view().hashCode() + " " + at + " " + sun.hashCode();
            var words = new Label(CLOCK.format(at));
            words.getStyleClass().add("tile-name");
            var picture = thumbnails.view(key, () -> DaySample.of(then), DaySample.SIDE_MM);
            var button = new Button("", new VBox(2, picture, words));
            button.setId("sun-hour-" + at.getHour());
            button.getStyleClass().addAll("tile", "look-tile");
            button.setAccessibleText("At " + CLOCK.format(at));
            button.setOnAction(_ -> light(l -> l.withSun(Optional.of(sun.withClock(at)))));
            strip.getChildren().add(button);
        }
        return strip.getChildren().isEmpty() ? Widgets.quiet("The sun does not rise that day.") : strip;
    }

    private interface Reading {
        Optional<Sun> of(String text);
    }

    private Node field(String name, String id, String value, Reading reading, String wrong) {
        var field = new WordField(
                name,
                id,
                value,
                text -> reading.of(text)
                        .ifPresentOrElse(
                                sun -> light(l -> l.withSun(Optional.of(sun))),
                                () -> model.complain("\"" + text + "\" cannot be. " + wrong)));
        field.setPrefColumnCount(7);
        var label = new Label(name);
        label.getStyleClass().add("field-name");
        label.setWrapText(true);
        label.setLabelFor(field);
        return new VBox(1, label, field);
    }

    private static String degrees(double deg, String ahead, String behind) {
        return number(Math.abs(deg)) + " " + (deg < 0 ? behind : ahead);
    }

    private static String number(double value) {
        return value == Math.rint(value)
                ? String.format(Locale.ROOT, "%.0f", value)
                : Double.toString(Math.rint(value * 1e6) / 1e6);
    }

    private void light(UnaryOperator<Light> change) {
        model.edit(changed(change), "Turn light");
    }

    private void slide(boolean going, UnaryOperator<Light> change) {
        model.slide(changed(change), "Turn light", going);
    }

    private Plan changed(UnaryOperator<Light> change) {
        var now = model.now();
        return ViewEdits.light(
                now.plan(), now.worked().view(), now.choices().presenting().reach(), change);
    }
}
