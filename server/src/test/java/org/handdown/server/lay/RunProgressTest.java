package org.handdown.server.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.lang.reflect.Proxy;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import org.handdown.fit.FitLayout;
import org.handdown.formats.project.ProjectJson;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;

/** What a run tells a database that comes and goes, and how it hears that it is to stop. */
class RunProgressTest {
    private final AtomicBoolean away = new AtomicBoolean();
    private final AtomicBoolean stopping = new AtomicBoolean();
    private final AtomicBoolean cancelAsked = new AtomicBoolean();
    private final List<String> stored = new ArrayList<>();
    private final RunProgress progress = new RunProgress(mapper(), new Lease(UUID.randomUUID(), 1), stopping::get);

    private FitRunMapper mapper() {
        return (FitRunMapper) Proxy.newProxyInstance(
                getClass().getClassLoader(), new Class<?>[] {FitRunMapper.class}, (proxy, method, values) -> {
                    if (away.get()) {
                        throw new DataAccessResourceFailureException("away");
                    }
                    stored.add(method.getName());
                    return method.getReturnType() == boolean.class
                            ? cancelAsked.get()
                            : method.getReturnType() == int.class ? 1 : null;
                });
    }

    private static FitLayout layout() throws IOException {
        var lay = ProjectJson.read(Files.readString(Path.of("../demo/1-dungarees.project.json")))
                .lay();
        return java.util.Objects.requireNonNull(lay).layout();
    }

    @Test
    void aDatabaseThatIsAwayStopsNoSearchAndGetsTheBestWhenItIsBack() throws IOException {
        away.set(true);
        progress.improved(layout());
        await().pollInterval(Duration.ofMillis(50))
                .during(Duration.ofMillis(700))
                .until(() -> !progress.isToStop());
        assertThat(stored).isEmpty();
        away.set(false);
        await().atMost(Duration.ofSeconds(5)).until(() -> !progress.isToStop() && stored.contains("improve"));
    }

    @Test
    void atItsEndARunSaysThatItCouldNotStore() throws IOException {
        away.set(true);
        FitLayout best = layout();
        assertThatThrownBy(() -> progress.store(best)).isInstanceOf(DataAccessResourceFailureException.class);
    }

    @Test
    void anInstanceThatStopsBreaksTheRunOff_AWishToStopEndsIt() {
        assertThat(progress.isToStop()).isFalse();
        stopping.set(true);
        assertThat(progress.isToStop()).isTrue();
        assertThat(progress.isBrokenOff()).isTrue();
        cancelAsked.set(true);
        await().atMost(Duration.ofSeconds(5)).until(progress::isCancelled);
        assertThat(progress.isBrokenOff())
                .as("stopped for good, nobody goes on with it")
                .isFalse();
    }

    @Test
    void runsShareTheCores() {
        SharedCores cores = new SharedCores(8);
        assertThat(cores.enter()).isEqualTo(8);
        assertThat(cores.enter()).isEqualTo(4);
        assertThat(cores.enter()).isEqualTo(2);
        cores.leave();
        cores.leave();
        assertThat(cores.enter()).isEqualTo(4);
        SharedCores few = new SharedCores(2);
        few.enter();
        few.enter();
        assertThat(few.enter()).as("never without a thread").isEqualTo(1);
    }
}
