package org.handdown.server.project;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.handdown.fit.FitLayout;
import org.handdown.fit.FitProblem;
import org.handdown.fit.search.Fitter;
import org.handdown.pattern.draft.Draft;
import org.handdown.pattern.draft.Drafts;
import org.handdown.project.Garment;
import org.handdown.project.Lay;
import org.handdown.project.Workroom;
import org.handdown.server.HouseholdTest;
import org.handdown.server.account.HouseholdUser;
import org.handdown.source.anatomy.SourceKind;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;

/**
 * Whatever is aimed at, whatever it is made from, in whichever order it is said, from nothing but a height: a project opens, at every
 * station, and goes on to its sheets. With {@code -Dhanddown.quick=true} every seventh of them.
 */
class EveryProjectOpensTest extends HouseholdTest {
    private static final boolean QUICK = Boolean.getBoolean("handdown.quick");

    /** Children, and grown people either side of where the proposals change. */
    private static final List<String> HEIGHTS = List.of("98 cm", "116 cm", "144 cm", "146 cm", "168 cm", "6' 1\"");

    @Autowired
    private ProjectService projects;

    private HouseholdUser user;

    @BeforeEach
    void household() {
        user = newHousehold();
    }

    record Aimed(Garment garment, String draft) {
        boolean isOwn() {
            return garment.isCutOut() && draft.isEmpty();
        }

        @Override
        public String toString() {
            return draft.isEmpty() ? garment.name() : draft;
        }
    }

    static Stream<Aimed> aims() {
        return Stream.concat(
                Drafts.all().stream().map(Draft::id).map(id -> new Aimed(Garment.CUT_OUT, id)),
                Stream.of(Garment.values()).map(g -> new Aimed(g, "")));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("aims")
    void opensFromEverySource(Aimed aimed) {
        List<String> faults = Collections.synchronizedList(new ArrayList<>());
        int first = aims().toList().indexOf(aimed);
        IntStream.range(0, SourceKind.values().length)
                .parallel()
                .filter(i -> !QUICK || (first + i) % 7 == 0)
                .forEach(i -> {
                    SourceKind kind = SourceKind.values()[i];
                    String height = HEIGHTS.get((first + i) % HEIGHTS.size());
                    boolean printed = (first + i) % 3 != 2;
                    Walk one = new Walk(aimed, kind, height, true, printed, faults);
                    Walk other = new Walk(aimed, kind, height, false, printed, faults);
                    one.settle();
                    other.settle();
                    one.goOn();
                    // All that follows comes from what is stored: where that is the same, it would only be the same
                    // again.
                    if (!other.settled.equals(one.settled)) {
                        other.goOn();
                    }
                });
        assertThat(faults).isEmpty();
    }

    /** One project from its name to its sheets. */
    private final class Walk {
        private final Aimed aimed;
        private final SourceKind kind;
        private final String height;
        private final boolean aimFirst;
        private final boolean printed;
        private final List<String> faults;
        private String at = "";
        private String settled = "";
        private JsonNode view = json.createObjectNode();

        Walk(Aimed aimed, SourceKind kind, String height, boolean aimFirst, boolean printed, List<String> faults) {
            this.aimed = aimed;
            this.kind = kind;
            this.height = height;
            this.aimFirst = aimFirst;
            this.printed = printed;
            this.faults = faults;
        }

        void settle() {
            at = "/api/projects/"
                    + call(user, "POST", "/api/projects", "{\"name\":\"A %s\"}".formatted(aimed))
                            .text("id");
            open("begun");
            if (aimFirst) {
                aim();
                source();
            } else {
                source();
                aim();
            }
            settled = file();
        }

        /** The document as it is stored. */
        private String file() {
            Reply reply = call(user, "GET", at + "/file", "");
            if (reply.status() != 200) {
                fault("its file answers %d".formatted(reply.status()));
            }
            return reply.body().toString();
        }

        void goOn() {
            takeApart();
            write("panels", "POST", "/panels/redo", "");
            write("pieces", "POST", "/pieces/redo", "");
            if (aimed.isOwn()) {
                write("own piece", "POST", "/pieces/by-hand", """
                        {"name": "Bib", "quantity": 1, "corners": [{"x": "0", "y": "0"}, {"x": "12 cm", "y": "0"}, {"x": "12 cm", "y": "9 cm"}]}
                        """);
            }
            if (aimed.garment() == Garment.ALTER) {
                alter();
            }
            nothingStale("redone");
            if (printed && aimed.garment().isCutOut()) {
                lay();
            }
            open("all of it");
            nothingStale("all of it");
            deadEnds();
            if (printed) {
                sheets();
            }
        }

        /** One of every kind, on what those before it leave; whoever cannot be made says why. */
        private void alter() {
            List<String> kinds = view.path("altered").path("kinds").findValuesAsText("kind");
            kinds.forEach(k -> write(k, "POST", "/alterations", "{\"kind\":\"%s\"}".formatted(k)));
            List<String> refusals = view.path("altered").path("steps").findValuesAsText("refusal");
            if (kinds.isEmpty() || refusals.size() != kinds.size()) {
                fault("%d kinds of change, %d told".formatted(kinds.size(), refusals.size()));
            }
            boolean hasEnds =
                    !view.path("altered").path("states").path(0).path("ends").isEmpty();
            if (hasEnds && refusals.stream().allMatch(r -> !r.isEmpty())) {
                fault("takes no change at all: " + refusals);
            }
        }

        private void fault(String what) {
            faults.add("%s from %s, %s, %s tall: %s"
                    .formatted(aimed, kind, aimFirst ? "aim first" : "source first", height, what));
        }

        /** A write answers with all that there is to see; what was stored is opened once more at the end. */
        private void write(String what, String method, String path, String body) {
            Reply reply = call(user, method, at + path + "?version=" + view.path("version"), body);
            if (reply.status() == 200) {
                seen(what, reply.body());
            } else {
                fault("%s answers %d: %s".formatted(what, reply.status(), reply.body()));
                open(what);
            }
        }

        private void open(String after) {
            Reply reply = read(user, at);
            if (reply.status() == 200) {
                seen(after, reply.body());
            } else {
                fault("does not open after %s, %d: %s".formatted(after, reply.status(), reply.body()));
            }
        }

        private void seen(String after, JsonNode next) {
            view = next;
            view.path("troubles").forEach(t -> fault("trouble after %s: %s".formatted(after, t)));
        }

        private void aim() {
            ObjectNode body = json.createObjectNode()
                    .put("garment", aimed.garment().name())
                    .put("draft", aimed.draft())
                    .put("what", aimed.draft().isEmpty() ? "what I like" : "")
                    .put("wearer", "Somebody")
                    .put("unit", "CM");
            body.putObject("measures").put("HEIGHT", height);
            write("aim", "PUT", "/aim", body.toString());
        }

        private void source() {
            String body =
                    sourceBody(kind.name(), "Found", average(user, kind.name())).toString();
            write("source", "PUT", "/source", body);
        }

        private void takeApart() {
            ObjectNode joins = json.createObjectNode();
            view.path("takeApart")
                    .path("joins")
                    .forEach(j -> joins.put(j.path("id").asText(), "UNPICK"));
            write(
                    "joins",
                    "PUT",
                    "/joins",
                    json.createObjectNode().set("joins", joins).toString());
        }

        private void lay() {
            try {
                projects.editLatest(new ProjectOf(user.householdId(), UUID.fromString(id())), "the lay", p -> {
                    FitProblem problem = new Workroom(p).pinnedProblem().orElseThrow();
                    FitLayout layout = new Fitter(
                                    problem,
                                    new Fitter.Budget(0.02, 0, 1, 1),
                                    System::nanoTime,
                                    () -> false,
                                    better -> {})
                            .fit();
                    return p.withLay(new Lay(problem, layout, false));
                });
            } catch (RuntimeException e) {
                fault("cannot be laid: " + e);
            }
        }

        private String id() {
            return at.substring(at.lastIndexOf('/') + 1);
        }

        private void nothingStale(String after) {
            view.path("stations").forEach(s -> {
                if (s.path("stand").asText().equals("STALE")) {
                    fault("%s is stale after %s: %s".formatted(s.path("station"), after, s.path("sentence")));
                }
            });
        }

        private void deadEnds() {
            if (view.path("steps").isEmpty()) {
                fault("has no steps to make it by");
            }
            if (aimed.garment().isCutOut()
                    && (view.path("panels").isEmpty() || view.path("pieces").isNull())) {
                fault("has no panels or no pieces");
            }
            get("/sittings?minutes=30");
            file();
        }

        private void get(String path) {
            int status = call(user, "GET", at + path, "").status();
            if (status != 200) {
                fault("%s answers %d".formatted(path, status));
            }
        }

        private void sheets() {
            get("/sheets/labels.pdf");
            get("/sheets/project.json");
            if (aimed.garment().isCutOut()) {
                List.of("chalk-out.pdf", "pattern.pdf", "lay.svg", "cut-list.csv", "pieces.svg", "pieces.dxf")
                        .forEach(s -> get("/sheets/" + s));
            }
            if (!aimed.draft().isEmpty()) {
                get("/sheets/draft.pdf");
            }
            if (aimed.garment() == Garment.ALTER) {
                get("/sheets/changes.pdf");
            }
        }
    }
}
