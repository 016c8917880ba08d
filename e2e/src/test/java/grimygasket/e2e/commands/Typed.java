package grimygasket.e2e.commands;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Every command that README and the guide to running it have people type. {@link GuideTest} holds it against both. */
enum Typed {
    START("./start"),
    VERIFY("./verify"),
    TLS_OWN("./start --tls own"),
    TLS("./start --tls cert.pem key.pem"),
    SERVICE("scripts/service print --tls own"),
    BACKUP("scripts/backup"),
    BACKUP_ENCRYPTED("scripts/backup --key ~/gasket.key"),
    RESTORE("scripts/restore var/backups/gasket-20261127T021500Z.tar.gz"),
    RESTORE_UNTIL("scripts/restore var/backups/gasket-20261127T021500Z.tar.gz --until '2026-11-27 10:15'"),
    RESTORE_ELSEWHERE(
            "scripts/restore ~/kept/gasket-20261127T021500Z.tar.gz.enc --key ~/gasket.key --until '2026-11-27 10:15' --changes ~/kept"),
    PASSKEYS("scripts/passkeys forget NAME"),
    SBOM("scripts/sbom");

    private static final List<String> GUIDES = List.of("README.md", "docs/operations.md");
    private static final Pattern FENCED = Pattern.compile("```\\w*\\n(.*?)```", Pattern.DOTALL);

    /** The backup that the guide speaks of. */
    static final String FILE = "gasket-20261127T021500Z.tar.gz";

    /** The moment that the guide speaks of. */
    static final String MOMENT = "2026-11-27 10:15";

    private final String command;

    Typed(String command) {
        this.command = command;
    }

    /** As it stands in the guide. */
    String command() {
        return command;
    }

    /** The same for another moment: that of the guide is past. */
    String until(String moment) {
        return command.replace(MOMENT, moment);
    }

    /** All that stands in the guides to be typed. */
    static List<String> ofTheGuides() throws IOException {
        var all = Stream.<String>empty();
        for (var guide : GUIDES) {
            var text = Files.readString(Path.of("..").resolve(guide));
            all = Stream.concat(
                    all,
                    FENCED.matcher(text)
                            .results()
                            .map(block -> block.group(1))
                            .flatMap(String::lines)
                            .filter(line -> !line.isBlank() && !line.startsWith("#"))
                            .map(line -> line.replaceFirst("\\s+#.*", "").strip()));
        }
        return all.distinct().toList();
    }
}
