package honeylamp.sheet;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.illustrate.words.NoteArt;
import honeylamp.plan.LineRole;
import honeylamp.plan.Sheet.OwnField;
import honeylamp.plan.TextRole;
import honeylamp.takeoff.PlanFields;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A title block of rows made by oneself, from margin to margin. */
final class OwnBlockArt {
    private static final Pattern FIELD = Pattern.compile("\\{([^{}]{1,40})}");
    private static final double AIR_MM = 3;
    private static final double LABEL_DOWN_MM = 3.4;
    private static final double PAD_MM = 2;

    private final LaidPage page;
    private final Box block;

    /** What cells may read of the page, besides what its title block says. */
    record Words(String title, String drawing, String pageNumber, String scale) {}

    OwnBlockArt(LaidPage page, Box block) {
        this.page = page;
        this.block = block;
    }

    /** Where the mark of the house goes: the first cell that asks for it. */
    Optional<Box> logo() {
        return walk(
                (cell, box) -> cell.words().equals(OwnRows.LOGO) ? Optional.of(box.grown(-PAD_MM)) : Optional.empty());
    }

    void draw(SheetPen pen, Orientation orientation, Words words) {
        var y = block.minY();
        pen.rule(block.minX(), block.maxX(), y, LineRole.TITLE_RULE);
        for (var row : OwnRows.of(page)) {
            y += row.highMm();
            pen.rule(block.minX(), block.maxX(), y, LineRole.RULE);
        }
        walk((cell, box) -> {
            draw(pen, orientation, words, cell, box);
            return Optional.<Box>empty();
        });
    }

    /** Goes through the cells, each with its box, until one answers. */
    private <T> Optional<T> walk(BiFunction<OwnRows.Cell, Box, Optional<T>> each) {
        var y = block.minY();
        for (var row : OwnRows.of(page)) {
            var x = block.minX();
            for (var cell : row.cells()) {
                var wide = block.width() * cell.share() / row.shares();
                var found = each.apply(cell, new Box(x, y, x + wide - AIR_MM, y + row.highMm()));
                if (found.isPresent()) {
                    return found;
                }
                x += wide;
            }
            y += row.highMm();
        }
        return Optional.empty();
    }

    private void draw(SheetPen pen, Orientation orientation, Words words, OwnRows.Cell cell, Box box) {
        var said = filled(cell.words(), words);
        var middle = box.centre().y();
        switch (cell.size()) {
            case PICTURE -> {} // the mark of the house is laid on later, as all pictures
            case ORIENTATION -> {
                if (page.page().showsViews()) {
                    orientation.group(middle, box.maxX() - 14, box.maxX() - 5.6);
                }
            }
            case LABELLED -> pen.fact(box.minX(), box.minY() + LABEL_DOWN_MM, cell.label(), said, box.width());
            case PLAIN -> line(pen, said, box, TextRole.BODY, Typeface.REGULAR);
            case LARGE -> line(pen, said, box, TextRole.HEADING, Typeface.MEDIUM);
            case TITLE -> line(pen, said, box, TextRole.TITLE, Typeface.SEMIBOLD);
        }
    }

    private static void line(SheetPen pen, String said, Box box, TextRole role, Typeface face) {
        pen.fitted(said, box.minX(), box.centre().y() + pen.cap(role) / 2, role, face, box.width());
    }

    private String filled(String typed, Words words) {
        var own = FIELD.matcher(typed)
                .replaceAll(
                        m -> Matcher.quoteReplacement(field(m.group(1), words).orElse(m.group())));
        return PlanFields.filled(
                        own,
                        new PlanFields.Source(
                                page.views().stream().map(LaidView::storey).findFirst(),
                                Optional.empty(),
                                NoteArt.total(page.plan().all()),
                                words.scale,
                                page.page().sheet().title().date()))
                .strip();
    }

    private Optional<String> field(String name, Words words) {
        var title = page.page().sheet().title();
        return switch (name.strip().toLowerCase(Locale.ROOT)) {
            case "project" -> Optional.of(words.title);
            case "drawing" -> Optional.of(words.drawing);
            case "client" -> Optional.of(title.client());
            case "drawn by" -> Optional.of(title.author());
            case "date" -> Optional.of(title.date());
            case "revision" -> Optional.of(title.revision());
            case "page" -> Optional.of(words.pageNumber);
            case "scale" -> Optional.of(words.scale);
            case "paper" -> Optional.of(page.page().sheet().paper().label());
            case "small print" -> Optional.of(title.smallPrint().replace('\n', ' '));
            default ->
                title.own().stream()
                        .filter(f -> f.label().equalsIgnoreCase(name.strip()))
                        .map(OwnField::words)
                        .findFirst();
        };
    }
}
