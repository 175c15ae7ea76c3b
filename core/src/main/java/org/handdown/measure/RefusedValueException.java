package org.handdown.measure;

/**
 * Something a person entered cannot be used. The message says what is wrong, with the figure, and how to mend it; the field is a
 * path such as {@code aim.waist}, so that a screen can put the message where the value was typed. It stands beside the exceptions for broken
 * promises, not below them: who asks whether something can be made never takes a fault of the program for a no.
 */
public final class RefusedValueException extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final String field;

    public RefusedValueException(String field, String message) {
        super(message);
        this.field = field;
    }

    public String field() {
        return field;
    }

    /** The same refusal seen from the record that holds the field. */
    public RefusedValueException within(String parent) {
        return new RefusedValueException(parent + "." + field, String.valueOf(getMessage()));
    }
}
