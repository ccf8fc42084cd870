package app.gradior;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Gradior away from its source: its unit, and a newer one in its place. */
class InstallTest {
    private static final List<String> FILES = List.of("README.md", "LICENSE", "CHANGELOG.md", "sbom.cdx.json");

    @TempDir
    private Path folder;

    private Path home;

    private record Said(int code, String words) {}

    @BeforeEach
    void unpack() throws Exception {
        home = Files.createDirectory(folder.resolve("home"));
        lay(home, "1");
    }

    /** As a package lies on a disk, with a jar that says which it is. */
    private static void lay(Path where, String version) throws IOException {
        Path top = Path.of("..");
        for (String part : List.of("lib", "tools", "docs", "demo")) {
            Files.createDirectories(where.resolve(part));
        }
        for (String script : List.of("gradior", "tools/install", "tools/database")) {
            Files.copy(top.resolve(script), where.resolve(script), StandardCopyOption.COPY_ATTRIBUTES);
        }
        for (String file : FILES) {
            Files.writeString(where.resolve(file), version);
        }
        Files.writeString(where.resolve("VERSION"), version + "\n");
        Files.writeString(where.resolve("lib/gradior.jar"), "jar " + version);
    }

    private Said run(String... command) throws Exception {
        List<String> all = new ArrayList<>(List.of("env", "GRADIOR_DATA=" + folder.resolve("data"), "bash"));
        all.addAll(List.of(command));
        Process process = new ProcessBuilder(all)
                .directory(home.toFile())
                .redirectErrorStream(true)
                .start();
        String words = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Said(process.waitFor(), words);
    }

    private Path packed(String version) throws Exception {
        Path top = folder.resolve("new-" + version).resolve("gradior-" + version);
        Files.createDirectories(top);
        lay(top, version);
        Path file = folder.resolve("gradior-" + version + ".tar.gz");
        assertThat(run("-c", "tar -C " + top.getParent() + " -czf " + file + " " + top.getFileName())
                        .code())
                .isZero();
        return file;
    }

    @Test
    void theUnitStartsThisFolderWithTheseOptionsAndStopsTheLauncherFirst() throws Exception {
        Said unit =
                run("gradior", "service", "--port", "8081", "--address", "https://sauces.example", "--behind-proxy");

        assertThat(unit.code()).isZero();
        assertThat(unit.words())
                .contains(
                        "ExecStart=" + home.toRealPath()
                                + "/gradior start --port 8081 --address https://sauces.example --behind-proxy\n",
                        "Environment=GRADIOR_DATA=" + folder.resolve("data").toRealPath() + "\n",
                        "KillMode=mixed",
                        "NoNewPrivileges=yes");
        assertThat(run("gradior", "service", "--port", "many").code()).isEqualTo(2);
        assertThat(run("gradior", "start", "--behind-proxy").words()).contains("--address https://sauces.example");
    }

    @Test
    void aNewerOneTakesItsPlaceAfterABackupAndTheOneBeforeStaysBeside() throws Exception {
        Path data = folder.resolve("data");
        assertThat(run("tools/database", "start", data.toString()).code()).isZero();
        try {
            Said updated = run("gradior", "update", packed("2").toString());

            assertThat(updated.code()).as(updated.words()).isZero();
            assertThat(updated.words()).contains("Gradior 2 is in place", "Everything as it is now is in ");
        } finally {
            run("tools/database", "stop", data.toString());
        }
        assertThat(home.resolve("lib/gradior.jar")).hasContent("jar 2");
        assertThat(home.resolve(".before/lib/gradior.jar")).hasContent("jar 1");
        try (var backups = Files.list(data.resolve("backups"))) {
            assertThat(backups).hasSize(1);
        }
        try (var left = Files.list(home)) {
            assertThat(left.filter(p -> p.getFileName().toString().startsWith(".new")))
                    .isEmpty();
        }
    }

    @Test
    void whatIsNoPackageChangesNothing() throws Exception {
        Path other = folder.resolve("other.tar.gz");
        Files.writeString(other, "no archive");

        assertThat(run("gradior", "update", other.toString()))
                .isEqualTo(new Said(1, other + " is no package of Gradior's.\n"));
        assertThat(run("gradior", "update").code()).isEqualTo(2);
        Path damaged = packed("3");
        Files.writeString(folder.resolve("gradior-3.tar.gz.sha256"), "0".repeat(64) + "  gradior-3.tar.gz\n");
        assertThat(run("gradior", "update", damaged.toString()).code()).isNotZero();
        assertThat(home.resolve("lib/gradior.jar")).hasContent("jar 1");
        assertThat(run("gradior", "test").words()).isEqualTo("./gradior test needs the source tree.\n");
    }
}
