package gladtile.server.files;

import java.io.IOException;
import java.io.InputStream;
import java.util.function.IntFunction;
import org.springframework.core.io.AbstractResource;

/** A kept file that is read chunk by chunk, so that any part of it can be sent without reading the rest. */
final class StoredFile extends AbstractResource {
    private final long bytes;
    private final int chunk;
    private final IntFunction<byte[]> chunks;

    /** @param chunk bytes of each chunk but the last @param chunks gives the nth of them, from 0 */
    StoredFile(long bytes, int chunk, IntFunction<byte[]> chunks) {
        this.bytes = bytes;
        this.chunk = chunk;
        this.chunks = chunks;
    }

    @Override
    public String getDescription() {
        return "a kept file";
    }

    @Override
    public boolean exists() {
        return true;
    }

    @Override
    public long contentLength() {
        return bytes;
    }

    @Override
    public InputStream getInputStream() {
        return new Reading();
    }

    private final class Reading extends InputStream {
        private long at;
        private int held = -1;
        private byte[] now;

        @Override
        public int read() throws IOException {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
        }

        @Override
        public int read(byte[] into, int offset, int length) throws IOException {
            if (length == 0) {
                return 0;
            }
            if (at >= bytes) {
                return -1;
            }
            int n = (int) (at / chunk);
            if (n != held) {
                now = chunks.apply(n);
                held = n;
            }
            int from = (int) (at % chunk);
            int copied = Math.min(length, now.length - from);
            if (copied <= 0) {
                throw new IOException("chunk " + n + " of a kept file is shorter than it was");
            }
            System.arraycopy(now, from, into, offset, copied);
            at += copied;
            return copied;
        }

        @Override
        public long skip(long n) {
            long step = Math.max(0, Math.min(n, bytes - at));
            at += step;
            return step;
        }
    }
}
