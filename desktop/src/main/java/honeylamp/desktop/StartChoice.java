package honeylamp.desktop;

import honeylamp.demo.Shipped;
import honeylamp.desktop.panel.StartPane;
import honeylamp.guide.Guide;
import honeylamp.guide.Place;
import honeylamp.plan.Plan;
import java.nio.file.Path;

/** What the start view asks of the window. */
record StartChoice(MainWindow window) implements StartPane.Choice {
    @Override
    public void begin(Plan plan, Runnable then) {
        window.files.begin(plan, () -> {
            window.actions().showSheet();
            then.run();
        });
    }

    @Override
    public void open(Path file) {
        window.files.open(file, window.actions()::showSheet);
    }

    @Override
    public void openOther() {
        window.actions().openPlan();
    }

    @Override
    public void bringInPicture() {
        window.actions().bringInPicture();
    }

    @Override
    public void bringInModel() {
        window.actions().bringInModel();
    }

    @Override
    public void bringInSurvey() {
        window.actions().bringInSurvey();
    }

    @Override
    public void openShipped(Shipped plan) {
        window.files.shipped(plan, window.actions()::showSheet);
    }

    @Override
    public void tour() {
        window.actions().tour();
    }

    @Override
    public void guide() {
        window.actions().guide(Place.of(Guide.FIRST));
    }

    @Override
    public void complain(String sentence) {
        window.model().complain(sentence);
    }

    @Override
    public void closed() {
        window.actions().focusPlan();
    }
}
