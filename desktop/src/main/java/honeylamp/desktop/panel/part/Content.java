package honeylamp.desktop.panel.part;

import honeylamp.desktop.workspace.Workspace;
import java.util.List;
import javafx.scene.Node;

/**
 * What a panel shows, made of a small record of the workspace. All that is shown stands in that record, so the panel is
 * made anew just when it has to be; what a press asks for is asked of the workspace as it is then.
 *
 * @param <P> the record; equal ones look alike
 */
public interface Content<P> {
    /** What is shown of a workspace. */
    P part(Workspace now);

    /** The nodes that show it. */
    List<Node> nodes(P part);

    /** What of it stays put above the rest while that is scrolled. */
    default List<Node> pinned(P part) {
        return List.of();
    }

    /** What of the record is told by what stays put: made anew only if that has changed. */
    default Object pinning(P part) {
        return List.of();
    }

    /** What is shown of a workspace, to be compared with what was shown before. */
    default Made<P> of(Workspace now) {
        return new Made<>(this, part(now));
    }

    /** A content with its record. */
    record Made<P>(Content<P> content, P part) {
        /** The nodes that show it. */
        public List<Node> nodes() {
            return content.nodes(part);
        }

        /** What of the record what stays put tells. */
        public Object pinning() {
            return content.pinning(part);
        }

        /** What of it stays put. */
        public List<Node> pinned() {
            return content.pinned(part);
        }
    }
}
