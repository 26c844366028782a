package honeylamp.illustrate.words;

import honeylamp.catalogue.RoomUses;
import honeylamp.catalogue.RoomUses.RoomUse;
import honeylamp.derive.rooms.LabelSpot.ClearSize;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.ink.Typeface;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.RoomFit;
import honeylamp.plan.RoomLabel;
import honeylamp.plan.RoomLabel.Cramped;
import honeylamp.plan.RoomLabel.Part;
import honeylamp.plan.RoomMark;
import honeylamp.plan.TextRole;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.Rounding;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What the label of a room says, from everything a view wants to the little a small room has space for. */
final class RoomLines {
    static final double LEADING = 1.75;
    private static final double TRACKING = 0.04;
    private static final int MOST_NAME_LINES = 3;

    /** What is left out first where there is little space. */
    private static final List<Part> LEAST_WANTED =
            List.of(Part.OWN_WORDS, Part.FLOOR, Part.USE, Part.CLEAR_HEIGHT, Part.CLEAR_SIZE, Part.AREA);

    private final LaidView view;
    private final Pens pens;
    private final RoomLabel wanted;
    private final Map<RoomId, String> numbers;

    RoomLines(LaidView view, Pens pens) {
        this.view = view;
        this.pens = pens;
        this.wanted = view.view().annotation().rooms();
        this.numbers = wanted.cramped() == Cramped.NUMBER && wanted.parts().contains(Part.NAME) && view.hasRoomList()
                ? RoomNumbers.of(view.storey().geometry())
                : Map.of();
    }

    /** One line of a label. */
    record Line(String text, double height, Typeface face, double tracking) {
        double width() {
            return face.widthMm(text, height, tracking);
        }
    }

    static double width(List<Line> lines) {
        return lines.stream().mapToDouble(Line::width).max().orElse(0);
    }

    static double height(List<Line> lines) {
        var sum = lines.getFirst().height;
        for (var i = 1; i < lines.size(); i++) {
            sum += lines.get(i).height * LEADING;
        }
        return sum;
    }

    /** Whether a room is told: one with a name, or any a person said something of where names are not wanted. */
    boolean tells(Room room) {
        return room.mark().isPresent()
                && !(wanted.parts().contains(Part.NAME) && room.name().isBlank());
    }

    /**
     * What a label may say, from the fullest to the smallest, each with at least one line.
     *
     * @param telling with what is wanted of the room, or at least one figure
     * @param bare with its name only, or its number, for rooms without space for more
     * @param listed with the number by which a list beside the plan tells it; empty if none does
     */
    record Forms(List<List<Line>> telling, List<List<Line>> bare, List<List<Line>> listed) {
        Stream<List<Line>> all() {
            return Stream.concat(telling.stream(), bare.stream());
        }

        List<List<Line>> smallestFirst() {
            return all().toList().reversed();
        }
    }

    /**
     * The forms of a room's label; none if there is nothing to say.
     *
     * @param areaMm2 the area of the room by the basis of the view
     */
    Forms forms(Room room, double areaMm2, ClearSize clear) {
        var said = new Said(room, areaMm2, clear);
        var telling = new LinkedHashSet<List<Line>>();
        var parts = new ArrayList<>(wanted.parts());
        parts.removeIf(p -> !isHead(p) && said(p, said).isEmpty());
        for (var kept : withLessAndLess(parts)) {
            telling.add(lines(said, kept, Size.FULL, 1));
            telling.add(lines(said, kept, Size.FULL, 2));
        }
        var least = withLessAndLess(parts).getLast();
        var some = parts.contains(Part.AREA) && least.stream().allMatch(RoomLines::isHead)
                ? parts.stream().filter(p -> isHead(p) || p == Part.AREA).toList()
                : least;
        for (var pieces = 1; pieces <= MOST_NAME_LINES; pieces++) {
            telling.add(lines(said, some, Size.SMALL, pieces));
        }
        var bare = new LinkedHashSet<List<Line>>();
        for (var pieces = 1; pieces <= MOST_NAME_LINES; pieces++) {
            bare.add(lines(said, parts.stream().filter(RoomLines::isHead).toList(), Size.SMALL, pieces));
        }
        bare.add(lines(said, parts.stream().filter(RoomLines::isHead).toList(), Size.LEAST, 1));
        bare.add(lines(said, parts.stream().filter(p -> p == Part.NUMBER).toList(), Size.SMALL, 1));
        bare.removeAll(telling);
        telling.removeIf(List::isEmpty);
        bare.removeIf(List::isEmpty);
        return new Forms(List.copyOf(telling), List.copyOf(bare), listed(room));
    }

    /** The number of a room alone, where a list beside the plan has it too. */
    private List<List<Line>> listed(Room room) {
        return room
                .mark()
                .flatMap(m -> Optional.ofNullable(numbers.get(m.id())))
                .map(n -> List.of(new Line(
                        n,
                        pens.cap(TextRole.SMALL_ROOM_NAME),
                        pens.face(TextRole.SMALL_ROOM_NAME, Typeface.MEDIUM),
                        TRACKING)))
                .stream()
                .toList();
    }

    /** For a place beside the room: its name with its area below it, then on one line alone; none if there is nothing to say. */
    List<List<Line>> beside(Room room, double areaMm2, ClearSize clear) {
        var said = new Said(room, areaMm2, clear);
        var head = wanted.parts().stream().filter(RoomLines::isHead).toList();
        var parts =
                wanted.parts().stream().filter(p -> isHead(p) || p == Part.AREA).toList();
        return Stream.of(parts.isEmpty() ? wanted.parts() : parts, head)
                .map(some -> lines(said, some, Size.SMALL, 1))
                .filter(form -> !form.isEmpty())
                .distinct()
                .toList();
    }

    private record Said(Room room, double areaMm2, ClearSize clear) {}

    private enum Size {
        FULL(TextRole.ROOM_NAME, TextRole.ROOM_SIZE),
        SMALL(TextRole.SMALL_ROOM_NAME, TextRole.SMALL_ROOM_SIZE),
        LEAST(TextRole.SMALL_ROOM_SIZE, TextRole.SMALL_ROOM_SIZE);

        private final TextRole name;
        private final TextRole figures;

        Size(TextRole name, TextRole figures) {
            this.name = name;
            this.figures = figures;
        }
    }

    private static boolean isHead(Part part) {
        return part == Part.NAME || part == Part.NUMBER;
    }

    /** All parts, then without the least wanted, and so on, down to the name with one figure. */
    private static List<List<Part>> withLessAndLess(List<Part> parts) {
        var out = new ArrayList<List<Part>>();
        var left = new ArrayList<>(parts);
        out.add(List.copyOf(left));
        for (var part : LEAST_WANTED) {
            if (left.size() > 1 && left.stream().anyMatch(p -> p != part && !isHead(p)) && left.remove(part)) {
                out.add(List.copyOf(left));
            }
        }
        return out;
    }

    private List<Line> lines(Said said, List<Part> parts, Size size, int namePieces) {
        var out = new ArrayList<Line>();
        var headDone = false;
        for (var part : parts) {
            if (isHead(part)) {
                if (!headDone) {
                    headDone = true;
                    for (var piece : broken(headOf(said.room, parts), namePieces)) {
                        out.add(new Line(piece, pens.cap(size.name), pens.face(size.name, Typeface.MEDIUM), TRACKING));
                    }
                }
            } else {
                var text = said(part, said);
                if (!text.isEmpty()) {
                    out.add(new Line(text, pens.cap(size.figures), pens.face(size.figures, Typeface.REGULAR), 0));
                }
            }
        }
        return List.copyOf(out);
    }

    /** Number and name on one line, in the order they are wanted. */
    private static String headOf(Room room, List<Part> parts) {
        return parts.stream()
                .filter(RoomLines::isHead)
                .map(p -> p == Part.NAME
                        ? room.name().toUpperCase(Locale.ROOT)
                        : room.mark().map(m -> m.fit().number()).orElse(""))
                .filter(s -> !s.isBlank())
                .collect(Collectors.joining(" "));
    }

    private String said(Part part, Said said) {
        var room = said.room;
        var fit = room.mark().map(RoomMark::fit).orElse(RoomFit.NONE);
        return switch (part) {
            case NAME, NUMBER -> "";
            case USE -> RoomUses.of(fit.use()).map(RoomUse::label).orElse("");
            case AREA -> areaText(said.areaMm2);
            case CLEAR_SIZE -> clearText(said.clear);
            case CLEAR_HEIGHT ->
                "h " + heightText(fit.height().orElse(view.storey().storey().height()));
            case FLOOR ->
                room.mark().map(m -> m.floor().material().replace('-', ' ')).orElse("");
            case OWN_WORDS -> fit.words();
        };
    }

    /** Words in so many lines, as wide as each other as can be; fewer where there are fewer words. */
    static List<String> broken(String text, int pieces) {
        if (text.isBlank()) {
            return List.of();
        }
        var words = text.strip().split("\\s+");
        var lines = Math.min(pieces, words.length);
        if (lines == 1) {
            return List.of(text.strip());
        }
        var best = new ArrayList<String>();
        split(words, 0, lines, new ArrayList<>(), best);
        return List.copyOf(best);
    }

    /** Tries every way to end lines between words, and keeps the one whose longest line is shortest; ties to the first. */
    private static void split(String[] words, int from, int lines, List<String> so, List<String> best) {
        if (lines == 1) {
            so.add(String.join(" ", Arrays.copyOfRange(words, from, words.length)));
            if (best.isEmpty() || longest(so) < longest(best)) {
                best.clear();
                best.addAll(so);
            }
            so.removeLast();
            return;
        }
        for (var end = from + 1; end <= words.length - lines + 1; end++) {
            so.add(String.join(" ", Arrays.copyOfRange(words, from, end)));
            split(words, end, lines - 1, so, best);
            so.removeLast();
        }
    }

    private static int longest(List<String> lines) {
        return lines.stream().mapToInt(String::length).max().orElse(0);
    }

    private String heightText(Length height) {
        return both(u -> u.isMetric()
                ? LengthText.rounded(height, UnitSystem.M).replaceFirst("0$", "") + " m"
                : LengthText.built(LengthText.rounded(height, u)));
    }

    private String areaText(double mm2) {
        return both(u -> AreaText.rounded(mm2, u));
    }

    /** In the plan's units, and in those of the view behind it. */
    private String both(Function<UnitSystem, String> text) {
        var first = text.apply(view.plan().units());
        return view.view()
                .annotation()
                .second()
                .map(u -> first + " (" + text.apply(u) + ")")
                .orElse(first);
    }

    private String clearText(ClearSize clear) {
        var own = view.plan().rounding();
        return both(u -> clearText(clear, u, u == view.plan().units() ? own : Rounding.finest(u)));
    }

    private static String clearText(ClearSize clear, UnitSystem units, Rounding rounding) {
        if (!rounding.equals(Rounding.finest(units))) {
            var inMetres = units.isMetric() ? Rounding.to(UnitSystem.M, rounding.step()) : rounding;
            return LengthText.built(inMetres.shown(Length.ofMm(clear.alongMm()))) + " \u00d7 "
                    + LengthText.built(inMetres.shown(Length.ofMm(clear.acrossMm())))
                    + (units.isMetric() ? " m" : "");
        }
        var shownIn = units.isMetric() ? UnitSystem.M : units;
        var a = LengthText.rounded(Length.ofMm(clear.alongMm()), shownIn);
        var b = LengthText.rounded(Length.ofMm(clear.acrossMm()), shownIn);
        return units.isMetric()
                ? a.substring(0, a.length() - 1) + " \u00d7 " + b.substring(0, b.length() - 1) + " m"
                : LengthText.built(a) + " \u00d7 " + LengthText.built(b);
    }
}
