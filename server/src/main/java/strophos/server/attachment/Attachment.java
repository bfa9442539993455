package strophos.server.attachment;

/** One as it is kept. */
record Attachment(String sha256, AttachmentType type, byte[] content) {}
