package strophos.core.record;

/** What the fold itself is made of, a case a kind, and all marks. */
interface FoldCases {

    void amend(Entry entry, long atMs, Payload.Amend said);

    void clock(Entry entry, long atMs, Payload.Clock said);

    void exchange(Entry entry, long atMs, Payload.Exchange said);

    void firstLook(Entry entry, long atMs, Payload.Look said);

    void lessonEnded(Entry entry, long atMs, Payload.LessonEnded said);

    void lessonStarted(Entry entry, long atMs, Payload.LessonStarted said);

    void note(Entry entry, long atMs, Payload.Note said);

    void rest(Entry entry, long atMs, Payload.Rest said);

    void segment(Entry entry, long atMs, Payload.Segment said);

    void voided(Entry entry, long atMs, Payload.Void said);

    void mark(Entry entry, long atMs, Payload.Mark said);

    default void tell(Entry entry, long atMs, Payload said) {
        if (said instanceof Payload.Amend s) {
            amend(entry, atMs, s);
        } else if (said instanceof Payload.Clock s) {
            clock(entry, atMs, s);
        } else if (said instanceof Payload.Exchange s) {
            exchange(entry, atMs, s);
        } else if (said instanceof Payload.Look s) {
            firstLook(entry, atMs, s);
        } else if (said instanceof Payload.LessonEnded s) {
            lessonEnded(entry, atMs, s);
        } else if (said instanceof Payload.LessonStarted s) {
            lessonStarted(entry, atMs, s);
        } else if (said instanceof Payload.Note s) {
            note(entry, atMs, s);
        } else if (said instanceof Payload.Rest s) {
            rest(entry, atMs, s);
        } else if (said instanceof Payload.Segment s) {
            segment(entry, atMs, s);
        } else if (said instanceof Payload.Void s) {
            voided(entry, atMs, s);
        } else {
            mark(entry, atMs, (Payload.Mark) said);
        }
    }
}
