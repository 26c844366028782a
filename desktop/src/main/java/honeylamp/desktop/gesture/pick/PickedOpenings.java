package honeylamp.desktop.gesture.pick;

import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Gesture.Key;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.edit.OpeningEdits;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.Keeping.Between;
import honeylamp.plan.Keeping.Rule;
import honeylamp.plan.Plan;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** What the keys of a gesture do to openings that are picked. */
public final class PickedOpenings {
    private PickedOpenings() {}

    /** The step of a key; empty if no opening is picked or the key means nothing for one. */
    public static Optional<Reply> key(Gesture gesture, Surroundings scene, Key key) {
        var openings = scene.selection().stream()
                .flatMap(id -> id instanceof OpeningId o ? Stream.of(o) : Stream.empty())
                .toList();
        if (openings.isEmpty()) {
            return Optional.empty();
        }
        return switch (key) {
            case TURN -> Optional.of(Reply.commit(gesture, hung(scene, openings, key), "Change hand"));
            case FLIP -> Optional.of(Reply.commit(gesture, hung(scene, openings, key), "Change side"));
            case CLOSE -> Optional.of(Reply.commit(gesture, centred(scene, openings), "Centre opening"));
            case NEXT, AWAY -> Optional.empty();
        };
    }

    private static Plan hung(Surroundings scene, List<OpeningId> openings, Key key) {
        var plan = scene.plan();
        for (var opening : openings) {
            plan = key == Key.TURN
                    ? OpeningEdits.flipHand(plan, scene.storey(), opening)
                    : OpeningEdits.flipSwing(plan, scene.storey(), opening);
        }
        return plan;
    }

    /** Centred between walls, or, if they are so already, between neighbours, and then between the room's faces. */
    private static Plan centred(Surroundings scene, List<OpeningId> openings) {
        var now = scene.geometry()
                .storey()
                .opening(openings.getFirst())
                .orElseThrow()
                .keeping();
        var at = now.rule() == Rule.EVEN ? now.between().ordinal() + 1 : 0;
        var between = Between.values()[at % Between.values().length];
        return OpeningEdits.centre(scene.plan(), scene.storey(), scene.geometry(), Set.copyOf(openings), between);
    }
}
