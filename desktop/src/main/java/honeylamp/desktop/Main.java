package honeylamp.desktop;

import javafx.application.Application;
import javax.imageio.ImageIO;

/** Entry of the desktop program; apart from the application class so that plain jars can start it. */
public final class Main {
    private Main() {}

    /** Starts the window. */
    public static void main(String[] arguments) {
        System.setProperty("java.awt.headless", "true"); // core paints without a window system
        ImageIO.setUseCache(false); // pictures are packed in memory: the temporary folder may be full
        Application.launch(HoneyLampApp.class, arguments);
    }
}
