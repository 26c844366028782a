package honeylamp.pack;

import honeylamp.catalogue.Looks;
import honeylamp.output.Export.Format;
import honeylamp.output.FileWords;
import honeylamp.pack.Recipe.Drawn;
import honeylamp.pack.Recipe.Ground;
import honeylamp.pack.Recipe.Measure;
import honeylamp.pack.Recipe.Of;
import honeylamp.pack.Recipe.Part;
import java.util.List;
import java.util.Optional;

/** The recipes that ship. */
public final class Recipes {
    private static final Drawn LISTED = drawn(Looks.LISTING.name(), "Name, area and size", "None", false);
    private static final Drawn LISTED_BARE = drawn(Looks.LISTING.name(), "Name, area and size", "None", true);
    private static final Drawn FOR_FRIENDS = drawn(Looks.DAYLIGHT.name(), "Name only", "None", false);
    private static final Drawn BUILT = drawn(Looks.INK.name(), "All for the builder", "Three tiers", true);
    private static final Drawn PLANNED = new Drawn(
            Optional.of(Looks.INK.name()), Optional.of("Name and area"), Optional.of("Overall only"), true, true);

    private static final List<Recipe> ALL = List.of(
            recipe(
                    "Listing portal",
                    "for pages of property on the web: furnished and bare, small enough to load",
                    web("{plan}-{storey}", Of.EACH_STOREY, LISTED, Measure.longest(1600, 500)),
                    web("{plan}-{storey}-bare", Of.EACH_STOREY, LISTED_BARE, Measure.longest(1600, 500)),
                    web("{plan}-all-storeys", Of.ALL_STOREYS, LISTED, Measure.longest(2000, 800)),
                    new Part(
                            "{plan}-{storey}-small",
                            Format.WEBP,
                            Of.EACH_STOREY,
                            LISTED,
                            Ground.WHITE,
                            Measure.longest(480, 60),
                            true)),
            recipe(
                    "Print brochure",
                    "for a layout person: sharp as print, on clear ground and as pages",
                    new Part(
                            "{plan}-{storey}",
                            Format.TIFF,
                            Of.EACH_STOREY,
                            drawn(Looks.DAYLIGHT.name(), "Name and area", "None", false),
                            Ground.CLEAR,
                            Measure.PRINT,
                            true),
                    pages("{plan}-pages", Drawn.AS_IT_IS)),
            recipe(
                    "Social square",
                    "square pictures to show around, in three looks",
                    square("{plan}-{storey}-daylight", FOR_FRIENDS),
                    square("{plan}-{storey}-wash", drawn(Looks.WASH.name(), "Name only", "None", false)),
                    square("{plan}-{storey}-dusk", drawn(Looks.DUSK.name(), "Name only", "None", false))),
            recipe(
                    "Client set",
                    "for those the plan is for: all pages to print, and each as a picture",
                    pages("{plan}", Drawn.AS_IT_IS),
                    new Part(
                            "{plan}-{page}",
                            Format.JPEG,
                            Of.EACH_PAGE,
                            Drawn.AS_IT_IS,
                            Ground.PAPER,
                            Measure.longest(2400, 1500),
                            false)),
            recipe(
                    "Builder set",
                    "for those who build it: bare, with three tiers of dimensions, drawings to go on with, and schedules",
                    pages("{plan}-to-build", BUILT),
                    new Part(
                            "{plan}-{page}-to-build",
                            Format.SVG,
                            Of.EACH_PAGE,
                            BUILT,
                            Ground.PAPER,
                            Measure.PRINT,
                            false),
                    new Part(
                            "{plan}-schedules",
                            Format.PDF,
                            Of.SCHEDULES,
                            Drawn.AS_IT_IS,
                            Ground.PAPER,
                            Measure.PRINT,
                            false)),
            recipe(
                    "Planning set",
                    "for the planning office: black and white, to a true scale, with a checking square",
                    pages("{plan}-planning", PLANNED),
                    new Part(
                            "{plan}-{page}-planning",
                            Format.TIFF,
                            Of.EACH_PAGE,
                            PLANNED,
                            Ground.WHITE,
                            Measure.PRINT,
                            false)));

    private Recipes() {}

    /** Those that ship. */
    public static List<Recipe> all() {
        return ALL;
    }

    /** The one of a name, whatever its capitals, with spaces or hyphens. */
    public static Optional<Recipe> named(String name) {
        var asked = FileWords.of(name, "");
        return ALL.stream()
                .filter(r -> FileWords.of(r.name(), "").equals(asked))
                .findFirst();
    }

    private static Recipe recipe(String name, String about, Part... parts) {
        return new Recipe(name, about, List.of(parts), Optional.empty());
    }

    private static Drawn drawn(String look, String labels, String dimensions, boolean bare) {
        return new Drawn(Optional.of(look), Optional.of(labels), Optional.of(dimensions), bare, false);
    }

    private static Part web(String file, Of of, Drawn drawn, Measure measure) {
        return new Part(file, Format.JPEG, of, drawn, Ground.WHITE, measure, true);
    }

    private static Part square(String file, Drawn drawn) {
        return new Part(file, Format.JPEG, Of.EACH_STOREY, drawn, Ground.PAPER, Measure.sides(1080, 1080), true);
    }

    private static Part pages(String file, Drawn drawn) {
        return new Part(file, Format.PDF, Of.ALL_PAGES, drawn, Ground.PAPER, Measure.PRINT, false);
    }
}
