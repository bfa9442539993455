package strophos.server.state;

/** Something was marked to be made anew. */
public record RenewalDue() {}
