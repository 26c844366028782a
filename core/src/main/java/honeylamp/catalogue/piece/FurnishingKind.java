package honeylamp.catalogue.piece;

import honeylamp.catalogue.symbol.Symbol;
import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.plan.Furnishing;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Role;
import honeylamp.plan.Run;
import honeylamp.plan.Stand;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A kind of furnishing: the sizes it is made in and how it is drawn at any size.
 *
 * @param key the name kept in plans
 * @param words it is found by beside its label and its group
 * @param stand where it stands by nature
 * @param bottom how high above the floor it usually is
 * @param metric sizes in mm, the usual one first
 * @param inches sizes in whole inches, the usual one first; none means the metric ones, rounded
 * @param hang how it hangs from the ceiling; empty for kinds that do not
 * @param own the drawing of a kind somebody drew; empty for those that ship
 * @param way whether it is in the way of who walks or opens a door
 */
@RecordBuilder
public record FurnishingKind(
        String key,
        String label,
        Group group,
        String words,
        Stand stand,
        Length bottom,
        List<Made> metric,
        List<Made> inches,
        Maker maker,
        Optional<Hang> hang,
        Optional<OwnPiece> own,
        Way way)
        implements FurnishingKindBuilder.With {
    /** What one does who comes to it. */
    public enum Way {
        /** One goes around it. */
        STANDS,
        /** One pushes it aside with a hand or a foot: curtains, shoes. */
        GIVES_WAY
    }

    private static final Length LEAST_CORD = Length.ofMm(400);

    public FurnishingKind {
        metric = List.copyOf(metric);
        inches = List.copyOf(inches);
    }

    /** The families of the tray. */
    public enum Group {
        SEATS("Seats", "living lounge sitting"),
        TABLES("Tables", "dining living"),
        SLEEPING("Sleeping", "bedroom"),
        STORAGE("Storage", "bedroom living store"),
        HALL("Hall", "hall entrance entry landing"),
        MEDIA("Sound and screen", "living lounge"),
        WORK("Work", "study office"),
        LAMPS("Lamps", ""),
        CHILDREN("Children", "nursery playroom"),
        DECOR("Decor", ""),
        PLANTS("Plants", ""),
        KITCHEN("Kitchen", "kitchen pantry"),
        BATH("Bath", "bathroom bath toilet washroom"),
        LAUNDRY("Laundry", "laundry utility"),
        SERVICES("Heat, water, power", "utility plant"),
        GARDEN("Garden", "garden terrace balcony outdoors patio"),
        SPORT("Sport and play", "gym playroom"),
        SHOP("Shop and tea room", "tearoom"),
        WORKSHOP("Workshop and boats", "garage shed"),
        STEP_FREE("Step-free", ""),
        /** Pieces somebody drew. */
        OWN("My things", "");

        private final String label;
        private final List<String> rooms;

        Group(String label, String rooms) {
            this.label = label;
            this.rooms = List.of(rooms.split(" "));
        }

        /** Rooms it stands in by nature, in small letters. */
        public List<String> rooms() {
            return rooms;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /** A size a kind is made in. */
    public record Made(Length width, Length depth, Length height) {
        private static Made mm(double w, double d, double h) {
            return new Made(Length.ofMm(w), Length.ofMm(d), Length.ofMm(h));
        }

        private static Made inches(double w, double d, double h) {
            return new Made(Length.ofInches(w), Length.ofInches(d), Length.ofInches(h));
        }

        private Made wholeInches() {
            return inches(whole(width), whole(depth), whole(height));
        }

        private static double whole(Length length) {
            return Math.max(1, Math.rint(length.mm() / Length.MM_PER_INCH));
        }
    }

    /** A made size in mm, and a seed for what is random about a piece. */
    public record Size(double widthMm, double depthMm, double heightMm, long seed) {}

    /** How a piece hangs from the ceiling. */
    public enum Hang {
        /** Right under it. */
        CLOSE,
        /** On a cord or a chain, its lower end at the height that is usual for it. */
        ON_CORD
    }

    /** How high above the floor a piece hangs, and how high it is with what it hangs on. */
    public record Hung(Length bottom, Length height) {}

    /** Draws a piece with a pen that knows its size. */
    interface Maker {
        void draw(PiecePen pen);
    }

    /** The same kind, made in a size more. */
    FurnishingKind mm(double w, double d, double h) {
        return withMetric(more(metric, Made.mm(w, d, h)));
    }

    /** The same kind, made in a size more where one measures in inches. */
    FurnishingKind in(double w, double d, double h) {
        return withInches(more(inches, Made.inches(w, d, h)));
    }

    /** The same kind, that stands so by nature. */
    FurnishingKind stands(Stand other) {
        return withStand(other);
    }

    /** The same kind, that hangs so high above the floor, at a wall or from the ceiling. */
    FurnishingKind hangs(double bottomMm) {
        return withBottom(Length.ofMm(bottomMm));
    }

    /** The same kind, that hangs so from the ceiling. */
    FurnishingKind hangs(Hang how) {
        return withHang(Optional.of(how));
    }

    /** Whether it is put with its back to a wall, standing or hanging. */
    public boolean leans() {
        return stand == Stand.AT_WALL || stand == Stand.ABOVE && hang.isEmpty() && group != Group.GARDEN;
    }

    /**
     * How it hangs under a ceiling so high above the floor.
     *
     * @param made its height, if it is made in one
     */
    public Hung under(Length ceiling, Length usual, Optional<Length> made) {
        if (hang.isEmpty()) {
            return new Hung(bottom, made.orElse(usual));
        }
        var cord = ceiling.minus(bottom);
        var isOnCord = hang.get() == Hang.ON_CORD && made.isEmpty() && cord.compareTo(LEAST_CORD) >= 0;
        var height = isOnCord ? cord : made.orElse(usual);
        return new Hung(Length.max(Length.ZERO, ceiling.minus(height)), height);
    }

    FurnishingKind givesWay() {
        return withWay(Way.GIVES_WAY);
    }

    /** The same kind, found by these words too. */
    FurnishingKind called(String other) {
        return withWords(other);
    }

    private static List<Made> more(List<Made> before, Made one) {
        var out = new ArrayList<>(before);
        out.add(one);
        return out;
    }

    /** The sizes it is made in where one measures so, the usual one first. */
    public List<Made> sizes(UnitSystem units) {
        if (units.isMetric()) {
            return metric;
        }
        return inches.isEmpty()
                ? metric.stream().map(Made::wholeInches).distinct().toList()
                : inches;
    }

    /** The size it is usually made in where one measures so. */
    public Made usual(UnitSystem units) {
        return sizes(units).getFirst();
    }

    /** Its usual width in mm measures. */
    public Length width() {
        return metric.getFirst().width();
    }

    /** Its usual depth in mm measures. */
    public Length depth() {
        return metric.getFirst().depth();
    }

    /** Its usual height in mm measures. */
    public Length height() {
        return metric.getFirst().height();
    }

    /** All words it is found by, in small letters. */
    public String found() {
        return (label + " " + words + " " + group.label()).toLowerCase(Locale.ROOT);
    }

    /** The symbol at a size. */
    public Symbol symbol(Size size) {
        return symbol(size, Runs.of(key));
    }

    private Symbol symbol(Size size, Optional<Run> run) {
        var pen = new PiecePen(size, run);
        switch (stand) {
            case UNDERFOOT -> pen.on(SymbolShape.Level.FLOOR, () -> maker.draw(pen));
            case ON_TOP -> pen.on(SymbolShape.Level.TOP, () -> maker.draw(pen));
            case ABOVE -> pen.on(SymbolShape.Level.ABOVE, () -> maker.draw(pen));
            case AT_WALL, FREE -> maker.draw(pen);
        }
        return pen.symbol();
    }

    /** The symbol of a placed piece, in its own frame. */
    public Symbol symbol(Furnishing piece) {
        return symbol(
                new Size(
                        piece.width().mm(),
                        piece.depth().mm(),
                        piece.height().mm(),
                        piece.id().seed()),
                Runs.of(piece));
    }

    /** What a piece is filled with, each role once, in the order in which it is drawn. */
    public List<Role> roles(Furnishing piece) {
        return symbol(piece).parts().stream()
                .filter(p -> p.detail() == SymbolShape.Detail.PLAIN)
                .map(SymbolShape::paint)
                .filter(SymbolShape.Paint.Of.class::isInstance)
                .map(paint -> ((SymbolShape.Paint.Of) paint).role())
                .distinct()
                .toList();
    }

    /** What kinds of one family have in common. */
    record Shelf(Group group, Stand stand) {
        FurnishingKind kind(String key, String label, Maker maker) {
            return new FurnishingKind(
                    key,
                    label,
                    group,
                    "",
                    stand,
                    Length.ZERO,
                    List.of(),
                    List.of(),
                    maker,
                    Optional.empty(),
                    Optional.empty(),
                    Way.STANDS);
        }
    }
}
