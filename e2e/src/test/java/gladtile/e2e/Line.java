package gladtile.e2e;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** A line between two programs on this machine that a test can cut and mend. */
final class Line implements AutoCloseable {
    private final int from;
    private final int to;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private volatile ServerSocket listening;

    /** @param to the port that it leads to */
    Line(int to) throws IOException {
        this.to = to;
        listen(0);
        from = listening.getLocalPort();
    }

    int port() {
        return from;
    }

    synchronized void cut() throws IOException {
        listening.close();
        for (Socket one : open) {
            one.close();
        }
        open.clear();
    }

    synchronized void mend() throws IOException {
        listen(from);
    }

    private void listen(int port) throws IOException {
        ServerSocket at = new ServerSocket();
        at.setReuseAddress(true);
        at.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), port));
        listening = at;
        begin(() -> {
            while (true) {
                Socket in = at.accept();
                Socket out = new Socket(InetAddress.getLoopbackAddress(), to);
                carry(at, in, out);
            }
        });
    }

    /** Not beside a cut: one that was let in just before it would outlive it. */
    private synchronized void carry(ServerSocket at, Socket in, Socket out) throws IOException {
        if (at.isClosed()) {
            in.close();
            out.close();
            return;
        }
        open.add(in);
        open.add(out);
        begin(() -> copy(in, out));
        begin(() -> copy(out, in));
    }

    private interface Work {
        void run() throws IOException;
    }

    private static void begin(Work work) {
        Thread thread = new Thread(() -> {
            try {
                work.run();
            } catch (IOException cut) {
                // That is what it is for.
                return;
            }
        });
        thread.setDaemon(true);
        thread.start();
    }

    private static void copy(Socket from, Socket to) throws IOException {
        try (from;
                to) {
            InputStream in = from.getInputStream();
            OutputStream out = to.getOutputStream();
            in.transferTo(out);
        }
    }

    @Override
    public void close() throws IOException {
        cut();
    }
}
