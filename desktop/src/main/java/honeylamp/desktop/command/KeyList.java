package honeylamp.desktop.command;

import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkStage;
import java.util.Arrays;

/** The list of all keys, as a page of the docs. */
public final class KeyList {
    private KeyList() {}

    /** The page, in Markdown. */
    public static String page(CommandTable table) {
        var out = new StringBuilder("# Keys\n\nMade from the table of commands; a test keeps it true.\n");
        for (var place : Command.Place.values()) {
            var rows = table.all().stream()
                    .filter(c -> c.place() == place && !c.keys().isEmpty())
                    .toList();
            if (!rows.isEmpty()) {
                heading(out, place.label());
                rows.forEach(c -> row(out, c.keyText(), c.words(), c.hint()));
            }
        }
        heading(out, "Stages");
        for (var stage : WorkStage.values()) {
            stage.keys().ifPresent(k -> row(out, k.text(), stage.label(), "Goes to the stage"));
        }
        heading(out, "Tools");
        row(out, "Alt+1 … Alt+0", "First to tenth tool", "Takes up a tool of the stage by its place");
        Arrays.stream(Tool.values())
                .filter(t -> t.keys().isPresent())
                .forEach(t -> row(out, t.keys().map(Keys::text).orElse(""), t.label(), t.hint()));
        return out.toString();
    }

    private static void heading(StringBuilder out, String heading) {
        out.append("\n## ").append(heading).append("\n\n| Keys | | |\n|---|---|---|\n");
    }

    private static void row(StringBuilder out, String keys, String words, String hint) {
        out.append("| ")
                .append(keys)
                .append(" | ")
                .append(words)
                .append(" | ")
                .append(hint)
                .append(" |\n");
    }
}
