package honeylamp.catalogue.piece;

import honeylamp.plan.Furnishing;
import honeylamp.plan.OwnPiece;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The furnishings that ship with the program. */
public final class Furnishings {
    private static final List<FurnishingKind> ALL = Stream.of(
                    Seats.kinds(),
                    Tables.kinds(),
                    Beds.kinds(),
                    Storage.kinds(),
                    HallPieces.kinds(),
                    Media.kinds(),
                    Office.kinds(),
                    Lamps.kinds(),
                    ChildrensPieces.kinds(),
                    Decor.kinds(),
                    Oddments.kinds(),
                    Plants.kinds(),
                    Runs.kinds(),
                    Kitchen.kinds(),
                    Bath.kinds(),
                    Laundry.kinds(),
                    Services.kinds(),
                    Garden.kinds(),
                    Trees.kinds(),
                    Sport.kinds(),
                    ShopPieces.kinds(),
                    Workshop.kinds(),
                    StepFree.kinds())
            .flatMap(List::stream)
            .toList();

    private static final Map<String, FurnishingKind> BY_KEY =
            ALL.stream().collect(Collectors.toUnmodifiableMap(FurnishingKind::key, Function.identity()));

    private Furnishings() {}

    /** All kinds in the order the tray shows them. */
    public static List<FurnishingKind> all() {
        return ALL;
    }

    /** The kind of a piece, drawn by somebody or shipped; empty for keys of other libraries. */
    public static Optional<FurnishingKind> of(Furnishing piece) {
        return piece.own().isPresent() ? piece.own().map(Furnishings::of) : of(piece.kind());
    }

    /** The kind somebody drew. */
    public static FurnishingKind of(OwnPiece own) {
        return OwnArt.kind(own);
    }

    /** What a piece is called: its product, else what it is. */
    public static String called(Furnishing piece) {
        return piece.buying().name().isBlank() ? label(piece) : piece.buying().name();
    }

    /** The name people see of a piece. */
    public static String label(Furnishing piece) {
        return of(piece).map(FurnishingKind::label).orElse(piece.kind());
    }

    /** The kind of a key that ships with the program; empty for others. */
    public static Optional<FurnishingKind> of(String key) {
        return Optional.ofNullable(BY_KEY.get(key));
    }

    /** Whether one pushes a piece aside who comes to it: it is in nobody's way. */
    public static boolean givesWay(Furnishing piece) {
        return of(piece).filter(k -> k.way() == FurnishingKind.Way.GIVES_WAY).isPresent();
    }

    private static final Set<String> SCREENS = Set.of("screen-unit", "screen-wall", "picture-screen");

    /** Whether one looks at pictures on a kind of piece. */
    public static boolean isScreen(String kind) {
        return SCREENS.contains(kind);
    }
}
