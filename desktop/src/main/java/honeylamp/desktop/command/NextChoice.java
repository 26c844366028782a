package honeylamp.desktop.command;

import honeylamp.catalogue.OpeningSizes;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.NewOpening;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.WallType;

/** What is drawn or put in next changes only by a key or in the tray, and the pointer says what it is. */
final class NextChoice {
    private NextChoice() {}

    /** The next kind of opening among openings, else the next wall type. */
    static Choices type(Workspace now) {
        return now.stage() == WorkStage.OPENINGS ? kind(now) : wallType(now);
    }

    private static Choices kind(Workspace now) {
        var kinds = OpeningKind.values();
        var kind = kinds[(now.choices().opening().kind().ordinal() + 1) % kinds.length];
        return now.choices().withOpening(NewOpening.of(kind, now.plan().units()));
    }

    private static Choices wallType(Workspace now) {
        var types = now.plan().wallTypes();
        var at = types.stream().map(WallType::id).toList().indexOf(now.choices().wallType());
        return now.choices().withWallType(types.get((at + 1) % types.size()).id());
    }

    /** The next usual width of an opening. */
    static Choices width(Workspace now) {
        var opening = now.choices().opening();
        var width = OpeningSizes.after(opening.kind(), now.plan().units(), opening.width());
        return now.choices().withOpening(opening.wide(width));
    }

    /** The next line of a wall that is drawn. */
    static Choices face(Workspace now) {
        return now.choices().withFace(now.choices().face().next());
    }

    /** Square, or at any angle. */
    static Choices angle(Workspace now) {
        var free = now.choices().angle() == Choices.Angle.SQUARE;
        return now.choices().withAngle(free ? Choices.Angle.FREE : Choices.Angle.SQUARE);
    }
}
