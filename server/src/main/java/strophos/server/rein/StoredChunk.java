package strophos.server.rein;

/** A chunk as it is kept. */
public record StoredChunk(int place, int samples, byte[] content) {}
