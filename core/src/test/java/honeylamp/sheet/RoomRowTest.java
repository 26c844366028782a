package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.LabelSets;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomLabel;
import honeylamp.plan.RoomLabel.Cramped;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The list of rooms on a sheet, beside labels that tell names or numbers. */
class RoomRowTest {
    private static List<RoomRow> rows(Plan plan) {
        var page = LaidPlan.of(plan).pages().getFirst();
        return RoomRow.of(page, page.views().getFirst().storey(), Map.of());
    }

    private static Plan saying(Plan plan, RoomLabel label) {
        return ViewEdits.annotation(plan, TestPlans.view(plan).view().id(), Reach.ALL, a -> a.withRooms(label));
    }

    private static Plan numbered(Plan plan, String name, String number) {
        var storey = plan.storeys().getFirst();
        var room = storey.rooms().stream()
                .filter(r -> r.name().equals(name))
                .findFirst()
                .orElseThrow();
        return RoomEdits.change(
                plan, storey.id(), room.id(), m -> m.withFit(m.fit().withNumber(number)));
    }

    @Test
    void numbersAreListedInTheirOrderWhereLabelsTellThem() {
        var plan = numbered(SailclothYard.plan(), "Entrance", "1.10");
        plan = numbered(plan, "Laundry", "");
        var told = saying(plan, LabelSets.all().getLast().label());
        assertThat(rows(told).stream().map(RoomRow::number))
                .containsExactly("1.1", "1.2", "1.3", "1.5", "1.6", "1.7", "1.10", "");
        assertThat(rows(told).getLast().name()).isEqualTo("Laundry");
        var page = SheetComposer.compose(LaidPlan.of(told).pages().getFirst(), Lamp.COLOUR, 1);
        var words = page.drawing().layers().stream()
                .filter(l -> l.kind() == LayerKind.SHEET)
                .flatMap(l -> Mark.words(l.marks()))
                .toList();
        var number =
                words.stream().filter(t -> t.text().equals("1.10")).findFirst().orElseThrow();
        var name = words.stream()
                .filter(t -> t.text().equals("Entrance"))
                .findFirst()
                .orElseThrow();
        assertThat(name.at().y()).isEqualTo(number.at().y());
        assertThat(name.ring().bounds().minX())
                .isGreaterThan(number.ring().bounds().maxX());
    }

    /** Names of 30 letters do not fit the small rooms; the list beside the plan says whose number is seen instead. */
    @Test
    void aRoomWithoutSpaceForItsNameShowsItsNumberAndTheListTellsIt() {
        var plan = saying(SailclothYard.plan(), LabelSets.all().getFirst().label());
        var storey = plan.storeys().getFirst().id();
        var laundry = RoomEdits.name(plan, storey, room(plan, "Laundry"), "Drying-and-mending-laundry");
        var shown = texts(laundry);
        assertThat(shown).contains("1.8").doesNotContain("DRYING-AND-MENDING-LAUNDRY");
        assertThat(shown.get(shown.indexOf("Drying-and-mending-laundry") - 1))
                .as("in the list before its name")
                .isEqualTo("1.8");
        assertThat(shown.stream().filter("1.8"::equals))
                .as("on the plan, and in the list")
                .hasSize(2);
        assertThat(shown).as("no other room has its number told").doesNotContain("1.1", "1.2");

        var close = saying(laundry, LabelSets.all().getFirst().label().withCramped(Cramped.NAME));
        assertThat(texts(close)).doesNotContain("1.8");
        var unlisted = PageEdits.toggle(
                laundry, laundry.presentation().pages().getFirst().id(), Reach.ALL, Listing.ROOMS);
        assertThat(texts(unlisted)).as("nothing would explain the number").doesNotContain("1.8");
        var unnumbered = numbered(laundry, "Drying-and-mending-laundry", "");
        assertThat(texts(unnumbered))
                .as("the first number no room has")
                .contains("1")
                .doesNotContain("1.8");
    }

    private static Room room(Plan plan, String name) {
        return TestPlans.geometry(plan).rooms().stream()
                .filter(r -> r.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** All words of the first page, from the list to the plan. */
    private static List<String> texts(Plan plan) {
        return SheetComposer.compose(LaidPlan.of(plan).pages().getFirst(), Lamp.COLOUR, 1).drawing().layers().stream()
                .flatMap(l -> Mark.words(l.marks()))
                .map(Mark.Text::text)
                .toList();
    }

    @Test
    void whereLabelsTellNoneTheListIsByArea() {
        var rows = rows(saying(SailclothYard.plan(), LabelSets.all().getFirst().label()));
        assertThat(rows).allSatisfy(r -> assertThat(r.number()).isEmpty());
        assertThat(rows.stream().map(RoomRow::areaMm2)).isSortedAccordingTo((a, b) -> Double.compare(b, a));
    }
}
