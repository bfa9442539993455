package strophos.server.harness;

import java.io.IOException;
import java.io.InputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/**
 * Small voice notes and pictures. They were made by Chromium 156: its MediaRecorder (webm, mp4) and its canvas (jpeg, png, webp).
 */
public final class Samples {

    private Samples() {}

    public static byte[] of(String name) throws IOException {
        try (InputStream in = Samples.class.getResourceAsStream("/attachment/" + name)) {
            return in.readAllBytes();
        }
    }

    /** As an entry names it. */
    public static String digest(byte[] content) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
