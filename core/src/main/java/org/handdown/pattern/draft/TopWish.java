package org.handdown.pattern.draft;

/**
 * What a block is drawn from beside the body.
 *
 * @param ease over the chest, with the turn of the cloth
 * @param hemGirth finished, at the hem
 * @param below the waist to the hem
 * @param neckWider half the neck's width beyond its base
 * @param shoulderLonger than the body's, below zero for a narrower one
 * @param deeper armhole than usual, where an arm asks for it
 * @param curvedHem square to slanted sides; else straight
 * @param tails how much higher the hem ends at the sides; 0 for a level one
 */
record TopWish(
        TopCut cut,
        double ease,
        double hemGirth,
        double below,
        double neckWider,
        double shoulderLonger,
        double deeper,
        boolean curvedHem,
        double tails) {
    TopWish(
            TopCut cut,
            double ease,
            double hemGirth,
            double below,
            double neckWider,
            double shoulderLonger,
            double deeper,
            boolean curvedHem) {
        this(cut, ease, hemGirth, below, neckWider, shoulderLonger, deeper, curvedHem, 0);
    }

    TopWish deeper(double mm) {
        return new TopWish(cut, ease, hemGirth, below, neckWider, shoulderLonger, mm, curvedHem, tails);
    }

    TopWish withTails(double mm) {
        return new TopWish(cut, ease, hemGirth, below, neckWider, shoulderLonger, deeper, curvedHem, mm);
    }
}
