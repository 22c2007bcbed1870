package org.yonderarc.cli;

import java.util.Locale;
import org.yonderarc.files.Version;
import picocli.CommandLine;

/** The manual page of the command, made from its help, in the man macros of roff. */
final class Manual {
    private Manual() {}

    static String of(CommandLine root) {
        var out = new StringBuilder(".TH YONDER 1 \"\" \"yonder " + Version.number() + "\" \"User Commands\"\n");
        out.append(".SH NAME\nyonder \\- app navigation, written once: checked, drawn, walked and played\n");
        section(out, ".SH", "DESCRIPTION", root);
        out.append(".SH COMMANDS\n");
        root.getSubcommands().forEach((name, command) -> section(out, ".SS", name.toUpperCase(Locale.ROOT), command));
        return out.toString();
    }

    private static void section(StringBuilder out, String macro, String title, CommandLine command) {
        out.append(macro).append(' ').append(title).append("\n.nf\n");
        command.getUsageMessage(CommandLine.Help.Ansi.OFF)
                .stripTrailing()
                .lines()
                .forEach(line -> out.append(plain(line)).append('\n'));
        out.append(".fi\n");
    }

    /** A line as it is: no backslash, no hyphen and no dot at its start means anything to roff. */
    private static String plain(String line) {
        String escaped = line.replace("\\", "\\e").replace("-", "\\-");
        return escaped.startsWith(".") || escaped.startsWith("'") ? "\\&" + escaped : escaped;
    }
}
