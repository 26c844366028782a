package honeylamp.desktop.panel.part;

import honeylamp.desktop.workspace.WorkStage;
import javafx.scene.shape.SVGPath;

/** Line icons of the stages, drawn for Honey Lamp on an 18 by 18 grid. */
public final class StageIcons {
    private StageIcons() {}

    public static SVGPath of(WorkStage stage) {
        var icon = new SVGPath();
        icon.getStyleClass().add("stage-icon");
        icon.setContent(
                switch (stage) {
                    case UNDERLAY -> "M3 4 L15 2.5 L15.5 14 L3.5 15.5 Z M6 8 L12 7.2 M6.2 11 L10 10.5";
                    case WALLS -> "M2.5 15.5 V3 H15.5 M5.5 15.5 V6 H15.5 M2.5 15.5 H5.5 M15.5 3 V6";
                    case OPENINGS -> "M2 14 H5 M13 14 H16 M5 14 V5 A 9 9 0 0 1 13 14";
                    case FIXED -> "M2 15.5 H5.5 V12 H9 V8.5 H12.5 V5 H16 M2 15.5 V12 M16 5 V15.5 H5.5";
                    case SITE ->
                        "M2.5 2.5 H15.5 V15.5 H2.5 Z M6 6 H11 V10.5 H6 Z M2.5 13 H15.5 M13.5 6 V6.2 M13.5 9 V9.2";
                    case ROOMS -> "M2.5 3 H15.5 V15 H2.5 Z M9.5 3 V8 M9.5 11 V15 M2.5 9.5 H6";
                    case FINISHES -> "M2 5 H16 M2 9 H16 M2 13 H16 M7 5 V9 M12 9 V13 M5 13 V16 M13 2 V5";
                    case FURNISH -> "M3 15 V7 Q3 4 6 4 H12 Q15 4 15 7 V15 M3 11 H15 M5.5 11 V7.5 H12.5 V11";
                    case DIMENSIONS -> "M2 9 H16 M3.5 11 L6.5 7 M11.5 11 L14.5 7 M5 4 V14 M13 4 V14";
                    case LABELS -> "M3 5 H15 M9 5 V14 M5 8.5 H6 M6.5 14 H11.5";
                    case LIGHTING -> "M5 12 A 5 5 0 1 1 13 12 Z M6.5 14.5 H11.5 M9 1.5 V4.5";
                    case LOOK -> "M9 2.5 A 6.5 6.5 0 1 0 9 15.5 Z M9 2.5 A 6.5 6.5 0 0 1 9 15.5 M11.5 5 V13 M14 7 V11";
                    case SHEET -> "M4 2 H11 L14.5 5.5 V16 H4 Z M11 2 V5.5 H14.5 M6.5 9 H12 M6.5 12 H12";
                });
        return icon;
    }
}
