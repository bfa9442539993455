package strophos.server.log;

import java.io.IOException;
import java.sql.SQLException;
import org.slf4j.MDC;
import org.springframework.boot.logging.StackTracePrinter;
import strophos.server.problem.RequestGate;

/**
 * Stack traces without what was said: the message of a database's or a parser's error holds what somebody typed. Where no request is
 * served, as at the start, there is nobody's text, and the message says what is wrong.
 */
public final class QuietTraces implements StackTracePrinter {

    private static final int FRAMES = 40;

    @Override
    public void printStackTrace(Throwable thrown, Appendable out) throws IOException {
        boolean isSaid = MDC.get(RequestGate.REQUEST_ID) == null;
        String before = "";
        for (Throwable each = thrown; each != null; each = each.getCause()) {
            out.append(before).append(each.getClass().getName());
            if (each instanceof SQLException e) {
                out.append(" SQLSTATE ").append(e.getSQLState());
            }
            if (isSaid && each.getMessage() != null) {
                out.append(": ").append(each.getMessage());
            }
            StackTraceElement[] frames = each.getStackTrace();
            for (int i = 0; i < Math.min(frames.length, FRAMES); i++) {
                out.append("\n\tat ").append(frames[i].toString());
            }
            before = "\nCaused by: ";
        }
    }
}
