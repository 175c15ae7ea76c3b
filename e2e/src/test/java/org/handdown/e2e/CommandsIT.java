package org.handdown.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the start command and those beside it ask of each other. */
class CommandsIT {
    /**
     * A command that stops the application goes on to use its database: the start command, which waits for the application and ends the
     * database after it, must see that before the application is gone.
     */
    @Test
    void whoWaitsForTheApplicationSeesThatAnotherCommandStopsIt(@TempDir Path run) throws Exception {
        Path script = Files.writeString(run.resolve("script.sh"), """
                cd "$1" && RUN=$2 && mkdir -p "$RUN/own"
                . bin/lib.sh && RUN=$2 && . bin/server.sh
                (
                  setsid bash -c 'trap "exit 0" TERM; echo up >"$0.up"; while :; do sleep 0.05; done' "$RUN/own/port" &
                  echo $! >"$RUN/own/pid"
                  wait $!
                  [ -f "$RUN/own/pid" ] && echo itself || echo another
                ) >"$RUN/who" &
                until [ -f "$RUN/own/port.up" ]; do sleep 0.05; done
                stop_server own
                wait
                cat "$RUN/who"
                """);
        Process process = new ProcessBuilder(
                        "bash", script.toString(), Path.of("..").toRealPath().toString(), run.toString())
                .redirectErrorStream(true)
                .start();
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(new String(process.getInputStream().readAllBytes()).strip()).isEqualTo("another");
    }
}
