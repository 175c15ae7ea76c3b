package org.handdown.server.project;

/** Whoever shows projects: what cannot be shown is not stored. */
public interface Showing {
    /**
     * Makes all that there is to see of a project.
     *
     * @throws org.handdown.measure.RefusedValueException saying what to mend
     */
    void require(StoredProject stored);
}
