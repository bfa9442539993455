package strophos.server.attachment;

/** What of a minor is kept beside the record only where a guardian has said so. */
public enum ConsentSubject {
    /** Spoken notes of the lessons, whoever speaks them. */
    VOICE,
    /** Frames of clips, kept as pictures. */
    PICTURES
}
