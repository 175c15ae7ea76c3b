package org.handdown.server.stash;

import org.handdown.server.project.CutTicked;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The moment the cloth is cut, remnants and freed keepers lie in the stash; undone, they do not. */
@Component
class WhatComesBack {
    private final ComeBack comeBack;

    WhatComesBack(ComeBack comeBack) {
        this.comeBack = comeBack;
    }

    @EventListener
    void ticked(CutTicked ticked) {
        if (ticked.isCut()) {
            comeBack.cut(ticked.of(), ticked.project());
        } else {
            comeBack.notCut(ticked.of());
        }
    }
}
