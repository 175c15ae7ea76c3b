package org.handdown.server.project;

import org.handdown.project.Aim;
import org.jspecify.annotations.Nullable;

/** A project is aimed otherwise than before: told within the transaction that stores it, by a change as by undo and redo. */
public record AimChanged(
        ProjectOf of, @Nullable Aim before, @Nullable Aim now) {}
