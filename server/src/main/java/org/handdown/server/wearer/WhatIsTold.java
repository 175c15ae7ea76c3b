package org.handdown.server.wearer;

import org.handdown.server.project.AimChanged;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** What a project is told of its wearer the household knows; through undo and redo. */
@Component
class WhatIsTold {
    private final Wearers wearers;

    WhatIsTold(Wearers wearers) {
        this.wearers = wearers;
    }

    @EventListener
    void told(AimChanged change) {
        wearers.told(change.of().household(), change.of().id(), change.before(), change.now());
    }
}
