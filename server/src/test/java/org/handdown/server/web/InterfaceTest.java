package org.handdown.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.core.util.Separators;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.stream.Collectors;
import org.handdown.server.HouseholdTest;
import org.junit.jupiter.api.Test;

class InterfaceTest extends HouseholdTest {
    private static final Path DESCRIPTION = Path.of("../web/openapi.json");

    @Test
    void theDescriptionThatTheWebTypesAreMadeFromIsCurrent() throws Exception {
        var described = read(newHousehold(), "/api/openapi").body();
        if (Boolean.getBoolean("handdown.describe")) {
            Files.writeString(
                    DESCRIPTION,
                    json.writer(indented())
                                    .with(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                                    .writeValueAsString(json.treeToValue(described, Object.class))
                            + "\n");
        }
        var committed = json.readTree(Files.readString(DESCRIPTION));
        assertThat(described)
                .as("web/openapi.json is old: run this test with -Dhanddown.describe=true")
                .isEqualTo(committed);
    }

    /** The description names what is sent by its simple name alone: of two that are named alike one would hide the other. */
    @Test
    void whatIsSentIsNamedOnce() {
        Map<String, Long> named = new ClassFileImporter()
                .importPackages("org.handdown.server").stream()
                        .filter(c -> c.isRecord() && c.getSimpleName().matches(".*(View|Request)"))
                        .collect(Collectors.groupingBy(JavaClass::getSimpleName, Collectors.counting()));
        assertThat(named)
                .hasSizeGreaterThan(100)
                .allSatisfy((name, times) -> assertThat(times).as(name).isEqualTo(1));
    }

    private static DefaultPrettyPrinter indented() {
        DefaultIndenter one = new DefaultIndenter(" ", "\n");
        return new DefaultPrettyPrinter(Separators.createDefaultInstance()
                        .withObjectFieldValueSpacing(Separators.Spacing.AFTER)
                        .withArrayEmptySeparator("")
                        .withObjectEmptySeparator(""))
                .withObjectIndenter(one)
                .withArrayIndenter(one);
    }

    @Test
    void theStashTakesASourceFileAndRefusesOthers() throws Exception {
        var user = newHousehold();
        String curtains = Files.readString(Path.of("../demo/2-door-curtains.source.json"));
        assertThat(call(user, "POST", "/api/stash/import", curtains).status()).isEqualTo(201);
        assertThat(things(user, "").get(0).path("name").asText()).isEqualTo("Net-loft door curtains");
        assertThat(call(user, "POST", "/api/stash/import", "{}").status()).isEqualTo(422);
        assertThat(things(newHousehold(), "")).isEmpty();
    }
}
