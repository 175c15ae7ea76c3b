package org.handdown.server.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the interface that the web page's types are made from: stable, no host, every field required unless nullable. */
@Configuration(proxyBeanMethods = false)
class OpenApiConfiguration {
    /** Fields that hold an object or nothing; a reference cannot say so itself. */
    private static final Map<String, List<String>> OPTIONAL = Map.ofEntries(
            Map.entry(
                    "ProjectView",
                    List.of("source", "takeApart", "pieces", "letOut", "takeIn", "enough", "lay", "sureness")),
            Map.entry("StationRequest", List.of("height", "width", "toSide")),
            Map.entry("JoinRequest", List.of("allowance", "sewn")),
            Map.entry("WantView", List.of("use")),
            Map.entry("SourceView", List.of("prospect")),
            Map.entry("LeastRequest", List.of("width", "length")),
            Map.entry("AssessmentRequest", List.of("missed", "wantedBy", "conditions", "measured")),
            Map.entry("StretchTest", List.of("releasedMm")),
            Map.entry("ClothSheet", List.of("across", "along")),
            Map.entry("NecklineView", List.of("band")),
            Map.entry("PanelView", List.of("taped")),
            Map.entry(
                    "TapeRequest",
                    List.of("points", "checks", "sides", "apart", "shape", "measures", "drawn", "name", "layer")),
            Map.entry("DrawnRequest", List.of("from", "within", "outline", "proof")),
            Map.entry("TapedView", List.of("shape", "drawn")),
            Map.entry("CarriedView", List.of("alike")),
            Map.entry("CarriedRequest", List.of("alike", "grainEdge", "fromX", "fromY", "toX", "toY")),
            Map.entry("FlawRequest", List.of("kind", "extent", "x", "y", "toX", "toY", "width", "height", "outline")),
            Map.entry("CutOutRequest", List.of("x", "y", "width", "height", "outline")),
            Map.entry("TraceRequest", List.of("width", "height", "tolerance")),
            Map.entry("CameraRequest", List.of("table", "sheet")),
            Map.entry(
                    "PointRequest",
                    List.of("along", "right", "fromFirst", "fromSecond", "side", "toNext", "edge", "finish", "depth")),
            Map.entry("LetOutView", List.of("inserts")),
            Map.entry("PlacedView", List.of("kept")),
            Map.entry("FitEvent", List.of("lay")),
            Map.entry("VerdictView", List.of("slidesTo")));

    @Bean
    OpenApiCustomizer stable() {
        return api -> {
            api.setInfo(new Info().title("Hand Down").version("1"));
            api.setServers(List.of(new Server().url("/")));
            requireFields(api);
        };
    }

    @SuppressWarnings({"rawtypes", "unchecked"})
    private static void requireFields(OpenAPI api) {
        if (api.getComponents() == null || api.getComponents().getSchemas() == null) {
            return;
        }
        for (Map.Entry<String, Schema> named : api.getComponents().getSchemas().entrySet()) {
            Schema<?> schema = named.getValue();
            Map<String, Schema> fields = schema.getProperties();
            if (fields != null) {
                List<String> required = new ArrayList<>(fields.keySet());
                required.removeAll(OPTIONAL.getOrDefault(named.getKey(), List.of()));
                schema.setRequired(required);
            }
        }
    }
}
