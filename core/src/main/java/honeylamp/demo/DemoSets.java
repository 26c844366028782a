package honeylamp.demo;

import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.SchemeEdits;
import honeylamp.output.Export;
import honeylamp.output.Progress;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Schemes;
import honeylamp.plan.View.Arranged;
import honeylamp.store.PagePictures;
import honeylamp.units.Length;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Three sets of pages as they leave the house: two schemes for a client, storeys for a builder, a survey for an office. */
final class DemoSets {
    private static final Length LONG_TABLE = Length.ofMm(2200);

    private DemoSets() {}

    /** A set and what its file is called. */
    private record Called(String name, Plan plan) {}

    /** Writes each set as one PDF to be kept into a folder, made if need be. */
    static void write(Path folder) throws IOException {
        Files.createDirectories(folder);
        for (var set : List.of(
                new Called("sailcloth-yard-schemes", schemes()),
                new Called("quillback-lane-storeys", storeys()),
                new Called("boat-shed-survey", survey()))) {
            try {
                var pages = new PagePictures().printed(LaidPlan.of(set.plan).pages(), Map.of(), Progress.NONE);
                Export.writeAll(
                        pages,
                        Export.Picture.USUAL.withLasting(Export.Lasting.ARCHIVE),
                        folder.resolve(set.name + ".pdf"),
                        Progress.NONE);
            } catch (Progress.Cancelled e) {
                throw new IOException("it was cancelled", e);
            }
        }
    }

    /** Eight at table: a longer table, one armchair less and the other turned to the stove. */
    static Plan schemes() {
        var drawn = SailclothYard.plan();
        var storey = drawn.storeys().getFirst();
        var table = first(storey.furnishings(), "dining-table");
        var chairs = storey.furnishings().stream()
                .filter(f -> f.kind().equals("armchair"))
                .toList();
        var open = SchemeEdits.add(drawn, "Eight at table", Optional.empty()).orThrow();
        var changed = open.withStorey(
                storey.id(),
                s -> s.with(s.elements()
                                .only(e -> !e.id().equals(chairs.getFirst().id())))
                        .change(Furnishing.class, table.id(), f -> f.withWidth(LONG_TABLE))
                        .change(
                                Furnishing.class,
                                chairs.getLast().id(),
                                f -> f.withAt(Position.ofMm(4550, 1400)).withTurnDeg(f.turnDeg() - 25)));
        var view = drawn.presentation().views().getFirst().id();
        var beside = SchemeEdits.sideBySide(
                changed, view, Schemes.AS_DRAWN, changed.schemes().open());
        var first =
                SchemeEdits.show(beside.plan(), view, new Arranged(Optional.of(Schemes.AS_DRAWN), Optional.empty()));
        return SchemeEdits.pages(first, view);
    }

    private static Furnishing first(List<Furnishing> pieces, String kind) {
        return pieces.stream().filter(f -> f.kind().equals(kind)).findFirst().orElseThrow();
    }

    /** Both storeys, the areas of the house, walls, and a square to check the print by. */
    static Plan storeys() {
        var plan = QuillbackLane.plan();
        var first = plan.presentation().pages().getFirst().id();
        var last = plan.presentation().pages().getLast().id();
        var out = PageEdits.toggle(plan, first, Reach.THIS, Listing.AREAS);
        return PageEdits.toggle(out, last, Reach.THIS, Listing.SQUARE);
    }

    private static Plan survey() throws IOException {
        var plan = BoatShed.plan();
        var page = plan.presentation().pages().getFirst().id();
        return PageEdits.toggle(plan, page, Reach.THIS, Listing.SQUARE);
    }
}
