package org.handdown.source;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.handdown.assembly.Layer;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;
import org.handdown.source.graph.Anatomy;
import org.handdown.source.graph.Fold;
import org.handdown.source.graph.Join;
import org.handdown.source.graph.Part;
import org.handdown.source.graph.PartRole;
import org.handdown.source.graph.StitchType;

/** How this very source differs from the ready anatomy of its kind. */
public sealed interface Adjustment {
    /** @throws RefusedValueException where it names what is not there, or has no length */
    Anatomy on(Anatomy anatomy);

    /** What it is, in words; lengths in mm. */
    String words();

    /** What another package has to say of each kind: one function a kind, so that a new kind is missed at once. */
    interface Reader<T> {
        T part(AddPart adjustment);

        T join(AddJoin adjustment);

        T fold(AddFold adjustment);

        T pocket(AddPocket adjustment);

        T lining(AddLining adjustment);

        T takeOut(TakeOut adjustment);
    }

    <T> T read(Reader<T> reader);

    private static String spoken(String id) {
        return Wording.spoken(id);
    }

    /** A part more, drawn as a rectangle and spread out inside. */
    record AddPart(String id, String name, double widthMm, double heightMm, PartRole role, Layer layer)
            implements Adjustment {
        @Override
        public Anatomy on(Anatomy anatomy) {
            return new AnatomyEdit(anatomy)
                    .beside(new Part(id, name, AnatomyEdit.rectangle(widthMm, heightMm), role, layer, Map.of()))
                    .done();
        }

        @Override
        public String words() {
            return Wording.fill("part added: %s, %.0f mm × %.0f mm", name, widthMm, heightMm);
        }

        @Override
        public <T> T read(Reader<T> reader) {
            return reader.part(this);
        }
    }

    /** A join more, between edges that exist. */
    record AddJoin(
            String id,
            String name,
            List<Join.Run> runs,
            StitchType stitch,
            int rows,
            double lengthMm,
            double allowanceMm)
            implements Adjustment {
        public AddJoin {
            runs = List.copyOf(runs);
        }

        @Override
        public Anatomy on(Anatomy anatomy) {
            AnatomyEdit edit = new AnatomyEdit(anatomy);
            runs.forEach(r -> edit.requireEdge(r.part(), r.edge()));
            return edit.join(new Join(id, name, runs, stitch, rows, lengthMm, allowanceMm, 0, false, 0, Set.of()))
                    .done();
        }

        @Override
        public String words() {
            return Wording.fill("join added: %s, %.0f mm", name, lengthMm);
        }

        @Override
        public <T> T read(Reader<T> reader) {
            return reader.join(this);
        }
    }

    /** Darts, pleats, gathers or tucks more. */
    record AddFold(Fold fold) implements Adjustment {
        @Override
        public Anatomy on(Anatomy anatomy) {
            return new AnatomyEdit(anatomy).fold(fold).done();
        }

        @Override
        public String words() {
            return Wording.fill("%s added to the %s", fold.kind().words(), spoken(fold.part()));
        }

        @Override
        public <T> T read(Reader<T> reader) {
            return reader.fold(this);
        }
    }

    /** A patch pocket with two rows of topstitching round three sides. */
    record AddPocket(String part, double widthMm, double heightMm) implements Adjustment {
        @Override
        public Anatomy on(Anatomy anatomy) {
            AnatomyEdit edit = new AnatomyEdit(anatomy);
            Part under = edit.require(part);
            Part pocket = new Part(
                    part + "-pocket",
                    under.name() + " pocket",
                    AnatomyEdit.rectangle(widthMm, heightMm),
                    PartRole.POCKET,
                    Layer.SHELL,
                    Map.of());
            return edit.over(pocket, under)
                    .join(new Join(
                            pocket.id(),
                            pocket.name(),
                            List.of(new Join.Run(part, "pocket"), new Join.Run(pocket.id(), "lower")),
                            StitchType.TOPSTITCHED,
                            2,
                            widthMm + 2 * heightMm,
                            0,
                            2,
                            false,
                            0,
                            Set.of(Join.Trait.TOPSTITCHED)))
                    .done();
        }

        @Override
        public String words() {
            return Wording.fill("pocket added to the %s", spoken(part));
        }

        @Override
        public <T> T read(Reader<T> reader) {
            return reader.pocket(this);
        }
    }

    /** A lining behind a part, caught along one edge of it. */
    record AddLining(String part, String edge) implements Adjustment {
        private static final double ALLOWANCE_MM = 10;

        @Override
        public Anatomy on(Anatomy anatomy) {
            AnatomyEdit edit = new AnatomyEdit(anatomy);
            Part shell = edit.require(part);
            double length = edit.requireEdge(part, edge).lengthMm();
            Part lining = new Part(
                    "lining-" + part,
                    "lining of the " + shell.name(),
                    shell.outline(),
                    shell.role(),
                    Layer.LINING,
                    Map.of());
            return edit.beside(lining)
                    .join(new Join(
                            lining.id(),
                            lining.name() + ", " + edge,
                            List.of(new Join.Run(part, edge), new Join.Run(lining.id(), edge)),
                            StitchType.PLAIN,
                            1,
                            length,
                            ALLOWANCE_MM,
                            0,
                            false,
                            0,
                            Set.of()))
                    .done();
        }

        @Override
        public String words() {
            return Wording.fill("lining added to the %s", spoken(part));
        }

        @Override
        public <T> T read(Reader<T> reader) {
            return reader.lining(this);
        }
    }

    /** A part that this source lacks, with its joins. */
    record TakeOut(String part) implements Adjustment {
        @Override
        public Anatomy on(Anatomy anatomy) {
            return new AnatomyEdit(anatomy).without(part).done();
        }

        @Override
        public String words() {
            return Wording.fill("without the %s", spoken(part));
        }

        @Override
        public <T> T read(Reader<T> reader) {
            return reader.takeOut(this);
        }
    }
}
