package strophos.server.contact;

/** A chunk as it is kept. */
record StoredChunk(int place, int samples, byte[] content) {}
