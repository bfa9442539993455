package strophos.server.attachment;

import java.time.Instant;
import java.util.UUID;

/** One word of a guardian's on a minor's voice notes, and who wrote it down. */
record ConsentWord(UUID id, boolean given, String saidBy, String recordedBy, Instant at) {}
