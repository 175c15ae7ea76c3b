package org.handdown.server.project;

import java.util.List;
import org.handdown.source.TrouserMeasures;

/** The measures of trousers in the order one would take them, with their words. */
record SourceMeasures(String id, String words, double mm) {
    static List<SourceMeasures> of(TrouserMeasures m) {
        return List.of(
                new SourceMeasures("waist", "waist, along the seam under the band", m.waistMm()),
                new SourceMeasures("seat", "seat girth", m.seatMm()),
                new SourceMeasures("thigh", "thigh girth, at the crotch", m.thighMm()),
                new SourceMeasures("knee", "knee girth", m.kneeMm()),
                new SourceMeasures("hem", "hem girth", m.hemMm()),
                new SourceMeasures("insideLeg", "inside leg", m.insideLegMm()),
                new SourceMeasures("outsideLeg", "outside leg, without the band", m.outsideLegMm()),
                new SourceMeasures("waistband", "depth of the waistband", m.waistbandMm()),
                new SourceMeasures("hemDepth", "depth of the hem", m.hemDepthMm()),
                new SourceMeasures("allowance", "seam allowance inside", m.allowanceMm()));
    }
}
