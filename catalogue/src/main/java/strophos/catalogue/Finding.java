package strophos.catalogue;

/**
 * What is wrong with something a coach made.
 *
 * @param code of the rule that was broken
 * @param path of the field
 * @param expected what would be right; completes "expected …"
 */
public record Finding(String code, String path, String expected) {}
