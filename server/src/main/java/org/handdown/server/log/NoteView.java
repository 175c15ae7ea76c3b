package org.handdown.server.log;

/** @param lesson for the pattern in words; empty for a plain note. @param learned whether the pattern already has it */
public record NoteView(String at, String text, String lesson, boolean learned) {}
