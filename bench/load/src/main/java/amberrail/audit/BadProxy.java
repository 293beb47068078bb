package amberrail.audit;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;

/** A hall's network between a browser and the server: it delays what it carries, and cuts connections in the middle, on either way. */
final class BadProxy implements AutoCloseable {
    private static final int PIECE = 1024;
    private static final int LONGEST_DELAY_MILLISECONDS = 60;
    /** One piece in so many is the last that its connection carries. */
    private static final int CUT_ONE_IN = 60;

    private final ServerSocket door;
    private final int target;
    private final Random random = new Random(11);
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private final AtomicInteger cuts = new AtomicInteger();
    private volatile boolean away;

    BadProxy(int target) throws IOException {
        this.target = target;
        door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        Thread thread = new Thread(this::accept, "bad proxy");
        thread.setDaemon(true);
        thread.start();
    }

    String url() {
        return "http://127.0.0.1:" + door.getLocalPort();
    }

    int cuts() {
        return cuts.get();
    }

    /** The whole network goes, or is there again. */
    void away(boolean gone) {
        away = gone;
        if (gone) {
            open.forEach(BadProxy::shut);
        }
    }

    private void accept() {
        while (!door.isClosed()) {
            try {
                Socket device = door.accept();
                if (away) {
                    shut(device);
                    continue;
                }
                Socket server = new Socket(InetAddress.getLoopbackAddress(), target);
                open.add(device);
                open.add(server);
                carry(device, server);
                carry(server, device);
            } catch (IOException closed) {
                if (door.isClosed()) {
                    return;
                }
            }
        }
    }

    private void carry(Socket from, Socket to) {
        Thread thread = new Thread(() -> {
            try (InputStream in = from.getInputStream();
                    OutputStream out = to.getOutputStream()) {
                byte[] piece = new byte[PIECE];
                for (int read = in.read(piece); read >= 0; read = in.read(piece)) {
                    Thread.sleep(random.nextInt(LONGEST_DELAY_MILLISECONDS));
                    if (random.nextInt(CUT_ONE_IN) == 0) {
                        cuts.incrementAndGet();
                        return;
                    }
                    out.write(piece, 0, read);
                    out.flush();
                }
            } catch (IOException ended) {
                // One side has gone; the other goes with it.
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            } finally {
                shut(from);
                shut(to);
                open.remove(from);
                open.remove(to);
            }
        });
        thread.setDaemon(true);
        thread.start();
    }

    private static void shut(Socket socket) {
        try {
            socket.close();
        } catch (IOException already) {
            // It is shut.
        }
    }

    @Override
    public void close() throws IOException {
        door.close();
        open.forEach(BadProxy::shut);
    }
}
