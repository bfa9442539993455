package strophos.server.rules;

import java.util.UUID;

/**
 * How a yard's own exercises stand.
 *
 * @param stamp another one whenever something of them changes
 * @param rejudged how often that changed how an earlier record is judged
 */
public record LibraryStamp(UUID stamp, int rejudged) {}
