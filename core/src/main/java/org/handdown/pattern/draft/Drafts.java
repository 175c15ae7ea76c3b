package org.handdown.pattern.draft;

import java.util.List;
import java.util.Optional;
import org.handdown.measure.RefusedValueException;
import org.handdown.measure.Wording;

/** Everything that can be drafted, in the order it is shown. */
public final class Drafts {
    private static final List<Draft> ALL = List.of(
            DungareesDraft.DRAFT,
            ElasticTrousersDraft.TROUSERS,
            ElasticTrousersDraft.SHORTS,
            ElasticTrousersDraft.PYJAMAS,
            TShirtDraft.T_SHIRT,
            TShirtDraft.TUNIC,
            SmockDraft.DRAFT,
            BodywarmerDraft.DRAFT,
            JacketDraft.DRAFT,
            PinaforeDraft.BIB,
            PinaforeDraft.APRON,
            WrapSkirtDraft.WRAP,
            FullSkirtDraft.GATHERED,
            StretchSkirtDraft.STRETCH,
            FittedSkirtDraft.A_LINE,
            FullSkirtDraft.PLEATED,
            CircleSkirtDraft.DRAFT,
            TrouserSkirtDraft.DRAFT,
            SmallKnitDraft.LEG_WARMERS,
            SmallKnitDraft.BEANIE,
            CapDraft.DRAFT,
            BandDraft.WAISTBAND,
            BandDraft.CUFF,
            BandDraft.FACING,
            PeplumDraft.DRAFT,
            StripDraft.RUFFLE,
            StripDraft.STRAP,
            StripDraft.CASING,
            StripDraft.CORD,
            InsertDrafts.SIDE,
            InsertDrafts.GUSSET,
            InsertDrafts.GODET,
            PocketDrafts.IN_SEAM,
            PocketDrafts.PATCH,
            PocketDrafts.WELT);

    private Drafts() {}

    public static List<Draft> all() {
        return ALL;
    }

    public static Optional<Draft> find(String id) {
        return ALL.stream().filter(d -> d.id().equals(id)).findFirst();
    }

    public static Draft require(String id) {
        return find(id).orElseThrow(() -> new RefusedValueException(
                "draft", Wording.fill("There is no draft “%s”; choose one of the list.", id)));
    }
}
