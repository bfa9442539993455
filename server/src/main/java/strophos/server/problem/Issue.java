package strophos.server.problem;

/** One thing wrong with a request: a stable code, where it stands, and what would be right. */
public record Issue(String code, String path, String expected) {}
