package honeylamp.edit;

import honeylamp.plan.Buying;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Note;
import honeylamp.plan.Page;
import honeylamp.plan.Page.LaidNote;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Sheet.OwnField;
import honeylamp.plan.Sheet.TitleBlock;
import honeylamp.plan.Storey;
import java.util.function.UnaryOperator;

/** Finds words and puts others in their place, wherever a person wrote them. */
public final class WordEdits {
    private WordEdits() {}

    /**
     * A plan with words replaced.
     *
     * @param places in how many names, notes and other words they stood
     */
    public record Replaced(Plan plan, int places) {}

    /**
     * Replaces words in notes, names of rooms, views, pages and storeys, words on labels, products, title blocks and notes on
     * pages; small and capital letters make a difference. Refused if nothing is looked for, or it stands nowhere.
     */
    public static Outcome<Replaced> replace(Plan plan, String find, String by) {
        if (find.isEmpty()) {
            return Outcome.refused("nothing is looked for", "Type the words to find.");
        }
        var words = new Words(find, by);
        var storeys = plan.storeys().stream().map(s -> storey(s, words)).toList();
        var presentation = plan.presentation();
        var there = plan.withStoreys(storeys)
                .withPresentation(presentation
                        .withViews(presentation.views().stream()
                                .map(v -> v.withName(words.in(v.name())))
                                .toList())
                        .withPages(presentation.pages().stream()
                                .map(p -> page(p, words))
                                .toList()));
        if (words.tooLong) {
            return Outcome.refused("a note or a product would become too long", "Put shorter words in their place.");
        }
        return words.places == 0
                ? Outcome.refused("\u201c" + find + "\u201d stands nowhere in the plan's words")
                : Outcome.done(new Replaced(there, words.places));
    }

    private static Storey storey(Storey storey, Words words) {
        UnaryOperator<String> in = words::in;
        var rooms = storey.rooms().stream()
                .map(m -> m.withName(in.apply(m.name()))
                        .withFit(m.fit().withWords(in.apply(m.fit().words()))))
                .toList();
        var notes = storey.notes().stream()
                .map(n -> n.withText(words.in(n.text(), Note.LONGEST)))
                .toList();
        var pieces = storey.furnishings().stream()
                .map(f -> f.buying().name().isEmpty()
                        ? f
                        : f.withBuying(f.buying().withName(words.in(f.buying().name(), Buying.LONGEST))))
                .toList();
        return storey.withName(in.apply(storey.name()))
                .with(RoomMark.class, rooms)
                .with(Note.class, notes)
                .with(Furnishing.class, pieces);
    }

    private static Page page(Page page, Words words) {
        var title = page.sheet().title();
        return page.withName(words.in(page.name()))
                .withNotes(words.in(page.notes()))
                .withBoxes(page.boxes().stream()
                        .map(n -> new LaidNote(words.in(n.text(), Note.LONGEST), n.leftMm(), n.downMm(), n.form()))
                        .toList())
                .withSheet(page.sheet()
                        .withTitle(title.with(t -> t.project(words.in(title.project()))
                                .drawing(words.in(title.drawing()))
                                .client(words.in(title.client()))
                                .author(words.in(title.author()))
                                .date(words.in(title.date()))
                                .revision(words.in(title.revision()))
                                .smallPrint(words.in(title.smallPrint(), TitleBlock.MOST_SMALL))
                                .own(title.own().stream()
                                        .map(f -> new OwnField(f.label(), words.in(f.words(), OwnField.LONGEST_WORDS)))
                                        .toList()))));
    }

    /** What is looked for, and how often it was found. */
    private static final class Words {
        private final String find;
        private final String by;
        private int places;
        private boolean tooLong;

        Words(String find, String by) {
            this.find = find;
            this.by = by;
        }

        /** Words that may be so many letters long; left as they are where they would be longer. */
        String in(String text, int most) {
            var replaced = in(text);
            tooLong |= replaced.length() > most;
            return replaced.length() > most ? text : replaced;
        }

        String in(String text) {
            if (!text.contains(find)) {
                return text;
            }
            places++;
            return text.replace(find, by);
        }
    }
}
