package strophos.server.attachment;

/**
 * What a yard keeps beside its record.
 *
 * @param count how many attachments
 * @param bytes in all
 * @param mostBytes as many as it may keep
 */
record AttachmentUse(int count, long bytes, long mostBytes) {}
