package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.LabelSets;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomLabel;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The list of rooms on a sheet, beside labels that tell names or numbers. */
class RoomRowTest {
    private static List<RoomRow> rows(Plan plan) {
        var page = LaidPlan.of(plan).pages().getFirst();
        return RoomRow.of(page, page.views().getFirst().storey());
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

    @Test
    void whereLabelsTellNoneTheListIsByArea() {
        var rows = rows(saying(SailclothYard.plan(), LabelSets.all().getFirst().label()));
        assertThat(rows).allSatisfy(r -> assertThat(r.number()).isEmpty());
        assertThat(rows.stream().map(RoomRow::areaMm2)).isSortedAccordingTo((a, b) -> Double.compare(b, a));
    }
}
