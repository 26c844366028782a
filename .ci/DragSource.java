import java.io.File;
import java.util.List;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/** A small window, at the top left of the screen, from which one file can be dragged into another. */
public final class DragSource extends Application {
    public static void main(String[] args) {
        launch(DragSource.class, args);
    }

    @Override
    public void start(Stage stage) {
        var file = new File(getParameters().getRaw().getFirst());
        var handle = new StackPane();
        handle.setOnDragDetected(e -> {
            var content = new ClipboardContent();
            content.putFiles(List.of(file));
            handle.startDragAndDrop(TransferMode.COPY).setContent(content);
            e.consume();
        });
        stage.setTitle("Drag source");
        stage.setX(0);
        stage.setY(0);
        stage.setScene(new Scene(handle, 60, 60));
        stage.setAlwaysOnTop(true);
        stage.show();
    }
}
