/**
 * Lengths as people say and write them. Inside the program every length is in millimetres; one inch is 25.4 mm exactly
 * (international inch, 1959). A bare number takes the unit its writer has chosen and is never guessed across systems.
 */
@NullMarked
package org.handdown.measure;

import org.jspecify.annotations.NullMarked;
