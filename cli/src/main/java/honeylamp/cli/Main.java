package honeylamp.cli;

import javax.imageio.ImageIO;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** Entry of the command line. */
@Command(
        name = "honeylamp",
        mixinStandardHelpOptions = true,
        version = "Honey Lamp 0.1.0",
        description = "Turns measured plans into presentation sheets.",
        subcommands = {
            ExportCommand.class,
            ReportCommand.class,
            ScheduleCommand.class,
            TakeoffCommand.class,
            SurveyCommand.class,
            BaseCommand.class,
            MeterCommand.class,
            CheckCommand.class,
            RecoverCommand.class,
            PackCommand.class,
            ClientCommand.class,
            RemarksCommand.class,
            RecipesCommand.class,
            ModelCommand.class,
            DemoFilesCommand.class
        })
public final class Main implements Runnable {
    /** The exit code of what nobody expected; 2 is for input that cannot be used. */
    static final int UNEXPECTED = 3;

    @Spec
    private CommandSpec spec = CommandSpec.create();

    @Override
    public void run() {
        throw new ParameterException(spec.commandLine(), "Say what to do: export, pack, report, check or survey.");
    }

    /** Runs a command and ends with its exit code. */
    public static void main(String[] arguments) {
        System.setProperty("java.awt.headless", "true");
        ImageIO.setUseCache(false); // pictures are packed in memory: the temporary folder may be full
        System.exit(run(arguments));
    }

    /** Runs a command; the result is its exit code. */
    public static int run(String... arguments) {
        var line = new CommandLine(new Main()).setExecutionExceptionHandler((e, failed, _) -> {
            failed.getErr().println(sentence(e));
            return UNEXPECTED;
        });
        try {
            return line.execute(arguments);
        } catch (LinkageError | VirtualMachineError e) {
            line.getErr().println(sentence(e));
            return UNEXPECTED;
        }
    }

    /** What nobody expected, in one line. */
    private static String sentence(Throwable thrown) {
        var e = thrown instanceof ExceptionInInitializerError && thrown.getCause() != null ? thrown.getCause() : thrown;
        var said = e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
        return "Something went wrong in the program ("
                + said.lines().findFirst().orElse("")
                + "). Nothing was written; please report it with the file it happened on.";
    }
}
