package org.handdown.server.demo;

import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.handdown.formats.project.PeopleJson;
import org.handdown.formats.project.StashJson;
import org.handdown.server.account.AccountService;
import org.handdown.server.account.HouseholdUser;
import org.handdown.server.project.ProjectService;
import org.handdown.server.stash.StashService;
import org.handdown.server.wearer.Wearers;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Fills an empty database with the demo household, through the same importers a user has. */
@Component
@ConditionalOnProperty("handdown.demo")
class DemoLoader implements ApplicationRunner {
    private final AccountService accounts;
    private final ProjectService projects;
    private final StashService stash;
    private final Wearers wearers;
    private final Path folder;

    DemoLoader(
            AccountService accounts,
            ProjectService projects,
            StashService stash,
            Wearers wearers,
            @Value("${handdown.demo-folder}") Path folder,
            @Value("${server.address}") InetAddress address) {
        if (!address.isLoopbackAddress()) {
            throw new IllegalStateException("Demo mode lets anybody in; it only runs on a loopback address.");
        }
        this.accounts = accounts;
        this.projects = projects;
        this.stash = stash;
        this.wearers = wearers;
        this.folder = folder;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) throws IOException {
        if (accounts.hasUsers()) {
            return;
        }
        HouseholdUser user = accounts.createDemo("The Lantern Quay household", "Runa");
        for (Path file : files(".source.json")) {
            stash.importSource(user.householdId(), Files.readString(file));
        }
        for (Path file : files(".things.json")) {
            stash.keepAll(user.householdId(), StashJson.read(Files.readString(file)));
        }
        for (Path file : files(".people.json")) {
            wearers.bring(user.householdId(), PeopleJson.read(Files.readString(file)));
        }
        for (Path file : files(".project.json")) {
            projects.importProject(user.householdId(), Files.readString(file));
        }
    }

    private List<Path> files(String ending) throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(f -> f.toString().endsWith(ending)).sorted().toList();
        }
    }
}
