package strophos.e2e;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A small TCP proxy between browser and application. It can cut every connection and refuse new ones, and it can
 * swallow answers: the request arrives and is carried out, but nobody hears of it.
 */
final class FaultProxy implements AutoCloseable {

    enum Mode {
        PASS,
        CUT,
        SWALLOW
    }

    private final ServerSocket door;
    private final int target;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private volatile Mode mode = Mode.PASS;
    private volatile long swallowed;

    FaultProxy(int target) {
        this.target = target;
        try {
            door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        daemon(this::accept);
    }

    int port() {
        return door.getLocalPort();
    }

    /** Changes what happens to traffic; connections of the mode before are closed. */
    void set(Mode next) {
        mode = next;
        open.forEach(FaultProxy::closeQuietly);
        open.clear();
    }

    /** Bytes of answers that were swallowed so far. */
    long swallowed() {
        return swallowed;
    }

    private void accept() {
        while (!door.isClosed()) {
            try {
                Socket browser = door.accept();
                if (mode == Mode.CUT) {
                    closeQuietly(browser);
                } else {
                    connect(browser);
                }
            } catch (IOException e) {
                // the door was closed
            }
        }
    }

    private void connect(Socket browser) {
        try {
            Socket application = new Socket(InetAddress.getLoopbackAddress(), target);
            open.add(browser);
            open.add(application);
            daemon(() -> pump(browser, application, false));
            daemon(() -> pump(application, browser, true));
        } catch (IOException e) {
            // the application is down: the browser sees a closed connection
            closeQuietly(browser);
        }
    }

    private void pump(Socket from, Socket to, boolean isAnswer) {
        byte[] buffer = new byte[16_384];
        try (InputStream in = from.getInputStream();
                OutputStream out = to.getOutputStream()) {
            for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
                if (isAnswer && mode == Mode.SWALLOW) {
                    swallowed += n;
                } else {
                    out.write(buffer, 0, n);
                    out.flush();
                }
            }
        } catch (IOException e) {
            // a cut connection is what this is for
        } finally {
            closeQuietly(from);
            closeQuietly(to);
            open.remove(from);
            open.remove(to);
        }
    }

    private static void daemon(Runnable work) {
        Thread thread = new Thread(work, "fault-proxy");
        thread.setDaemon(true);
        thread.start();
    }

    private static void closeQuietly(Socket socket) {
        try {
            socket.close();
        } catch (IOException e) {
            // closed is closed
        }
    }

    @Override
    public void close() {
        set(Mode.CUT);
        try {
            door.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
