package honeylamp.desktop;

import javafx.application.Application;

/** Entry of the desktop program; apart from the application class so that plain jars can start it. */
public final class Main {
    private Main() {}

    /** Starts the window. */
    public static void main(String[] arguments) {
        System.setProperty("java.awt.headless", "true"); // core paints without a window system
        Application.launch(HoneyLampApp.class, arguments);
    }
}
