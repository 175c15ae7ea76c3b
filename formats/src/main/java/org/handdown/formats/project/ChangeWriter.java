package org.handdown.formats.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.handdown.pattern.change.BindEdges;
import org.handdown.pattern.change.ButtonsAlong;
import org.handdown.pattern.change.Change;
import org.handdown.pattern.change.CutStrip;
import org.handdown.pattern.change.EdgeLedger;
import org.handdown.pattern.change.FacingFrom;
import org.handdown.pattern.change.LayerFrom;
import org.handdown.pattern.change.LeaveOut;
import org.handdown.pattern.change.Lengthen;
import org.handdown.pattern.change.Marked;
import org.handdown.pattern.change.MergeAlong;
import org.handdown.pattern.change.MockUp;
import org.handdown.pattern.change.Piecing;
import org.handdown.pattern.change.Recut;
import org.handdown.pattern.change.Sample;
import org.handdown.pattern.change.SewTogether;
import org.handdown.pattern.change.ShowMotif;
import org.handdown.pattern.change.Takes;
import org.handdown.pattern.change.TrueUp;
import org.handdown.pattern.change.TurnGrain;
import org.handdown.pattern.change.Widen;

/** Every kind of change as it is written. */
final class ChangeWriter implements Change.Reader<ObjectNode> {
    @Override
    public ObjectNode lengthen(Lengthen c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.LENGTHEN, c);
        node.put("atMm", c.atMm()).put("byMm", c.byMm());
        ArrayNode pieces = node.putArray("pieces");
        c.pieces().forEach(pieces::add);
        return node;
    }

    @Override
    public ObjectNode widen(Widen c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.WIDEN, c);
        node.put("piece", c.piece()).put("atMm", c.atMm());
        node.put("byMm", c.byMm()).put("bothSides", c.bothSides());
        return node;
    }

    @Override
    public ObjectNode ledger(EdgeLedger c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.LEDGER, c);
        node.put("piece", c.piece()).put("edge", c.edge());
        node.set("allowance", ChangeJson.write(c.allowance()));
        return node;
    }

    @Override
    public ObjectNode sample(Sample c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.SAMPLE, c);
        node.put("wideMm", c.wideMm()).put("highMm", c.highMm());
        node.put("layers", c.layers());
        return node;
    }

    @Override
    public ObjectNode leaveOut(LeaveOut c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.LEAVE_OUT, c);
        node.put("piece", c.piece());
        return node;
    }

    @Override
    public ObjectNode recut(Recut c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.RECUT, c);
        node.put("piece", c.piece()).put("quantity", c.quantity());
        node.put("pair", c.pair()).put("cloth", Words.of(c.cloth()));
        node.put("wrongSideOut", c.wrongSideOut()).put("uneven", c.uneven());
        return node;
    }

    @Override
    public ObjectNode facing(FacingFrom c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.FACING, c);
        node.put("piece", c.piece());
        node.put("edge", c.edge()).put("deepMm", c.deepMm());
        if (c.cloth() != null) {
            node.put("cloth", Words.of(c.cloth()));
        }
        return node;
    }

    @Override
    public ObjectNode layer(LayerFrom c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.LAYER, c);
        node.put("piece", c.piece()).put("cloth", Words.of(c.of()));
        if (c.shorterMm() > 0) {
            node.put("shorterMm", c.shorterMm());
        }
        return node;
    }

    @Override
    public ObjectNode merge(MergeAlong c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.MERGE, c);
        node.put("piece", c.piece()).put("edge", c.edge());
        node.put("other", c.other()).put("otherEdge", c.otherEdge());
        return node;
    }

    @Override
    public ObjectNode mockUp(MockUp c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.MOCK_UP, c);
        node.put("piece", c.piece()).put("becomesLining", c.becomesLining());
        return node;
    }

    @Override
    public ObjectNode seam(SewTogether c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.SEAM, c);
        node.set("seam", ChangeJson.write(c.seam()));
        return node;
    }

    @Override
    public ObjectNode mark(Marked c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.MARK, c);
        node.put("piece", c.piece()).set("mark", ChangeJson.write(c.mark()));
        return node;
    }

    @Override
    public ObjectNode trueUp(TrueUp c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.TRUE_UP, c);
        node.put("piece", c.piece());
        return node;
    }

    @Override
    public ObjectNode grain(TurnGrain c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.GRAIN, c);
        node.put("piece", c.piece()).put("grain", Words.of(c.grain()));
        return node;
    }

    @Override
    public ObjectNode motif(ShowMotif c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.MOTIF, c);
        node.put("piece", c.piece());
        ChangeJson.write(node, c.spot());
        return node;
    }

    @Override
    public ObjectNode piecing(Piecing c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.PIECING, c);
        node.put("piece", c.piece());
        node.set("from", OutlineJson.write(c.from()));
        node.set("to", OutlineJson.write(c.to()));
        node.put("allowanceMm", c.allowanceMm());
        return node;
    }

    @Override
    public ObjectNode bind(BindEdges c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.BIND, c);
        ArrayNode edges = node.putArray("edges");
        c.edges().forEach(e -> edges.addObject().put("piece", e.piece()).put("edge", e.edge()));
        node.put("cloth", Words.of(c.cloth())).put("grain", Words.of(c.grain()));
        return node.put("finishedMm", c.finishedMm()).put("strips", c.strips());
    }

    @Override
    public ObjectNode strip(CutStrip c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.STRIP, c);
        node.put("cloth", Words.of(c.cloth())).put("grain", Words.of(c.grain()));
        node.put("lengthMm", c.lengthMm()).put("finishedMm", c.finishedMm()).put("folds", c.folds());
        return node.put("allowanceMm", c.allowanceMm()).put("quantity", c.quantity());
    }

    @Override
    public ObjectNode buttons(ButtonsAlong c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.BUTTONS, c);
        node.put("piece", c.piece()).put("edge", c.edge());
        node.put("topMm", c.topMm()).put("endMm", c.endMm()).put("count", c.count());
        node.put("diameterMm", c.diameterMm()).put("thicknessMm", c.thicknessMm());
        if (c.fullestMm() != null) {
            node.put("fullestMm", c.fullestMm());
        }
        return node.put("holes", c.holes());
    }

    @Override
    public ObjectNode takes(Takes c) {
        ObjectNode node = ChangeJson.kind(ChangeJson.Kind.TAKES, c);
        node.set("supply", ChangeJson.write(c.supply()));
        return node;
    }
}
