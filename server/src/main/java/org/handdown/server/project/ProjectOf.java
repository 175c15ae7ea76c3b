package org.handdown.server.project;

import java.util.UUID;

/**
 * A project of the household that asks. As an argument of a route it is made from who is signed in and the address ({@code {project}}, else
 * {@code {id}}), so that no route can forget the household.
 */
public record ProjectOf(UUID household, UUID id) {}
