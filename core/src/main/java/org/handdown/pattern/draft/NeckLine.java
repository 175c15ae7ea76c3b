package org.handdown.pattern.draft;

/**
 * Where the neck of a half body begins and how it is cut out.
 *
 * @param natural half its width at the neck's base
 * @param wide half its width as it is cut, along the shoulder line
 * @param deep below the neck point as it is cut, at the centre
 * @param shape of the cut
 */
record NeckLine(double natural, double wide, double deep, NeckShape shape) {
    /** A back's: a quarter as deep as half its width, 12 to 20 (common practice, no source). */
    static NeckLine behind(double natural, double wide) {
        return new NeckLine(natural, wide, Math.max(12, Math.min(20, wide / 4)), NeckShape.ROUND);
    }

    NeckLine cut(double newDeep, NeckShape newShape) {
        return new NeckLine(natural, wide, newDeep, newShape);
    }
}
