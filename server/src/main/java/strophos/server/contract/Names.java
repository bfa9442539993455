package strophos.server.contract;

import java.text.Normalizer;

/**
 * Names that people edit, as they are kept: composed (NFC), so that a name typed on two keyboards is one name, and without blanks
 * round it. What is written in a lesson's log is kept as written.
 */
public final class Names {

    private Names() {}

    /** The name as it is kept; null stays null. */
    public static String kept(String written) {
        return written == null ? null : Normalizer.normalize(written.strip(), Normalizer.Form.NFC);
    }
}
