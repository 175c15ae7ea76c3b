/**
 * Paper and files for the table: chalk-out sheet and full-size pattern as PDF, the lay as SVG at true size, the cut list as CSV. PDF
 * pages are drawn in mm from the lower left corner; printer's points appear in {@link org.handdown.formats.sheet.Page} only.
 */
@NullMarked
package org.handdown.formats.sheet;

import org.jspecify.annotations.NullMarked;
