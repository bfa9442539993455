package strophos.server.ride;

import java.util.Optional;
import strophos.core.record.Entry;

/**
 * An entry that stands here, to be compared with one that is sent under its id.
 *
 * @param digest of its canonical form; empty where it was stored before there was one
 */
record StoredForm(Entry entry, Optional<String> digest) {

    boolean isSame(Entry other) {
        return digest.map(d -> d.equals(EntryRepository.digestOf(other))).orElseGet(() -> entry.isSame(other));
    }
}
