package app.gradior.cli;

import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** The core at a terminal: what is understood of recipes, and how they can be cooked. Needs no database. */
@Command(
        name = "gradior",
        description = "Reads published recipes and plans their sauces.",
        subcommands = {ReadCommand.class, PlanCommand.class},
        mixinStandardHelpOptions = true)
public final class GradiorCommand implements Runnable {
    @Spec
    private CommandSpec spec;

    public static void main(String[] arguments) {
        System.exit(commandLine().execute(arguments));
    }

    static CommandLine commandLine() {
        return new CommandLine(new GradiorCommand()).setCaseInsensitiveEnumValuesAllowed(true);
    }

    @Override
    public void run() {
        spec.commandLine().usage(spec.commandLine().getErr());
    }
}
