/** The web application: one package a feature, each with its controller, service and mapper. Every row belongs to a household. */
@NullMarked
package org.handdown.server;

import org.jspecify.annotations.NullMarked;
