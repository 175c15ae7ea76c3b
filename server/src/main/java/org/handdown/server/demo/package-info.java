/** Demo mode: a made-up household whose sources and project come from the open-format files in the demo folder. */
@NullMarked
package org.handdown.server.demo;

import org.jspecify.annotations.NullMarked;
