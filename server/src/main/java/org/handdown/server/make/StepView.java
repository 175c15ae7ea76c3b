package org.handdown.server.make;

import io.swagger.v3.oas.annotations.media.Schema;
import org.handdown.make.Step;
import org.jspecify.annotations.Nullable;

/** @param done true once checked off; {@code tookMinutes} null where nobody counted */
public record StepView(
        Step step,
        boolean done,
        @Schema(types = {"number", "null"}) @Nullable Double tookMinutes) {}
