package honeylamp.desktop.panel;

import java.util.Arrays;
import java.util.Locale;
import java.util.Map;

/** How words that are typed find things: words that people try first lead to what goes by another name here. */
final class FinderWords {
    /** By the id of a command: what else people call it. */
    private static final Map<String, String> ALSO = Map.ofEntries(
            Map.entry("new", "start empty begin"),
            Map.entry("open", "load file"),
            Map.entry("save", "store keep file"),
            Map.entry("export", "print pdf png svg send image picture output share"),
            Map.entry("export-all", "print pdf pages send share"),
            Map.entry("schedules", "list table doors windows rooms areas"),
            Map.entry("export-schedules", "excel xlsx csv table spreadsheet"),
            Map.entry("picture", "image scan photo pdf import trace background"),
            Map.entry("paste-picture", "image clipboard"),
            Map.entry("survey", "measurements readings csv json import"),
            Map.entry("level", "straighten rotate align horizontal"),
            Map.entry("underlays", "hide background scan picture"),
            Map.entry("undo", "back mistake take back"),
            Map.entry("redo", "again forward"),
            Map.entry("delete", "remove erase"),
            Map.entry("duplicate", "copy same again"),
            Map.entry("lamp", "colour shade draft shadow preview"),
            Map.entry("glance", "3d raised view"),
            Map.entry("show-sheet", "zoom fit page all whole"),
            Map.entry("show-storey", "zoom fit plan large"),
            Map.entry("keep-together", "group bind join"),
            Map.entry("let-go", "ungroup part split"),
            Map.entry("show-picked", "zoom closer selection"),
            Map.entry("zoom-in", "zoom closer bigger"),
            Map.entry("zoom-out", "zoom farther smaller"),
            Map.entry("shelf", "hide panel more room side"),
            Map.entry("only-drawing", "full screen hide everything distraction"),
            Map.entry("storey-up", "upstairs level next floor"),
            Map.entry("storey-down", "downstairs level floor below"),
            Map.entry("measured", "distance length"),
            Map.entry("walk-way", "route path passage corridor narrow wheelchair step-free access turning circle"),
            Map.entry("leave", "quit exit close"));

    private FinderWords() {}

    /** What else people call a command. */
    static String also(String command) {
        return ALSO.getOrDefault(command, "");
    }

    /** Whether each word that was typed stands somewhere in what is said of a thing. */
    static boolean fits(String typed, String said) {
        var all = said.toLowerCase(Locale.ROOT);
        return Arrays.stream(typed.toLowerCase(Locale.ROOT).strip().split("\\s+"))
                .allMatch(all::contains);
    }
}
