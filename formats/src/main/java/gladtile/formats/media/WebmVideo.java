package gladtile.formats.media;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A WebM video as a browser streams it while it is recorded, without a length and without an index (RFC 9559, Matroska;
 * RFC 8794, EBML). It is written again, whole or a part of it, so that players know how long it is and can go to any
 * place. One that breaks off in the middle is read as far as it goes.
 *
 * <p>Long because reading and writing share the elements of one format and are checked against each other.
 */
public final class WebmVideo {
    private static final int EBML = 0x1A45DFA3;
    private static final int SEGMENT = 0x18538067;
    private static final int INFO = 0x1549A966;
    private static final int TIMESTAMP_SCALE = 0x2AD7B1;
    private static final int DURATION = 0x4489;
    private static final int MUXING_APP = 0x4D80;
    private static final int WRITING_APP = 0x5741;
    private static final int TRACKS = 0x1654AE6B;
    private static final int TRACK_ENTRY = 0xAE;
    private static final int TRACK_NUMBER = 0xD7;
    private static final int TRACK_TYPE = 0x83;
    private static final int CLUSTER = 0x1F43B675;
    private static final int TIMESTAMP = 0xE7;
    private static final int SIMPLE_BLOCK = 0xA3;
    private static final int BLOCK_GROUP = 0xA0;
    private static final int BLOCK = 0xA1;
    private static final int REFERENCE_BLOCK = 0xFB;
    private static final int CUES = 0x1C53BB6B;
    private static final int CUE_POINT = 0xBB;
    private static final int CUE_TIME = 0xB3;
    private static final int CUE_TRACK_POSITIONS = 0xB7;
    private static final int CUE_TRACK = 0xF7;
    private static final int CUE_CLUSTER_POSITION = 0xF1;

    private static final int VIDEO = 1;
    private static final int KEY = 0x80;
    private static final long NANOS_OF_MILLI = 1_000_000;
    /** In milliseconds; a block says its time as 16 signed bits from its cluster's. */
    private static final long LONGEST_CLUSTER = 5_000;

    /** A picture that comes so soon after where a part is to begin is where it begins, in milliseconds. */
    private static final long NEAR = 100;

    private final ByteBuffer bytes;
    private ByteBuffer head;
    private ByteBuffer tracks;
    private int videoTrack = -1;
    private long scale = NANOS_OF_MILLI;
    private final List<Block> blocks = new ArrayList<>();

    /** @param at where its bytes stand, with the track's number @param time in milliseconds @param key whether it is seen without those before */
    private record Block(int at, int length, int track, long time, boolean key) {}

    private WebmVideo(ByteBuffer bytes) {
        this.bytes = bytes;
    }

    /** @return empty for what is no WebM with a picture in it */
    public static Optional<WebmVideo> read(ByteBuffer bytes) {
        WebmVideo video = new WebmVideo(bytes.duplicate());
        video.parse();
        boolean pictures = video.blocks.stream().anyMatch(video::isStart);
        return video.head != null && video.tracks != null && pictures ? Optional.of(video) : Optional.empty();
    }

    /** How long it lasts, in milliseconds: to the end of what is seen or heard last. */
    public long millis() {
        return lastOf(blocks) - first();
    }

    private long first() {
        return blocks.stream().mapToLong(Block::time).min().orElse(0);
    }

    /** The last block of each track lasts as long as the one before it. */
    private static long lastOf(List<Block> blocks) {
        Map<Integer, Long> last = new HashMap<>();
        Map<Integer, Long> step = new HashMap<>();
        for (Block one : blocks) {
            Long was = last.put(one.track(), one.time());
            if (was != null && one.time() > was) {
                step.put(one.track(), one.time() - was);
            }
        }
        return last.entrySet().stream()
                .mapToLong(one -> one.getValue() + step.getOrDefault(one.getKey(), 0L))
                .max()
                .orElse(0);
    }

    private boolean isStart(Block block) {
        return block.track() == videoTrack && block.key();
    }

    /** What an element is and where its bytes stand; to the end of all where it does not say how long it is. */
    private record Element(int id, int from, int to, boolean cut) {}

    private Optional<Element> element(int at, int end) {
        if (at >= end) {
            return Optional.empty();
        }
        int idLength = Integer.numberOfLeadingZeros(bytes.get(at) & 0xFF) - 23;
        if (idLength > 4 || at + idLength >= end) {
            return Optional.empty();
        }
        int id = (int) number(at, idLength);
        int sizeAt = at + idLength;
        int sizeLength = Integer.numberOfLeadingZeros(bytes.get(sizeAt) & 0xFF) - 23;
        if (sizeLength > 8 || sizeAt + sizeLength > end) {
            return Optional.empty();
        }
        long mask = (1L << (7 * sizeLength)) - 1;
        long size = number(sizeAt, sizeLength) & mask;
        int from = sizeAt + sizeLength;
        boolean unknown = size == mask;
        boolean cut = unknown || size > end - from;
        return Optional.of(new Element(id, from, cut ? end : (int) (from + size), cut));
    }

    private long number(int at, int length) {
        long value = 0;
        for (int i = 0; i < length; i++) {
            value = value << 8 | bytes.get(at + i) & 0xFF;
        }
        return value;
    }

    /** Segments and clusters are gone into, so that it does not matter whether they say how long they are. */
    private void parse() {
        int end = bytes.limit();
        int at = 0;
        long cluster = 0;
        for (Optional<Element> next = element(at, end); next.isPresent(); next = element(at, end)) {
            Element one = next.get();
            boolean goesInto = one.id() == SEGMENT || one.id() == CLUSTER;
            if (one.cut() && !goesInto) {
                return;
            }
            switch (one.id()) {
                case EBML -> head = slice(at, one.to());
                case INFO -> info(one);
                case TRACKS -> {
                    tracks = slice(at, one.to());
                    videoTrack = videoTrack(one);
                }
                case TIMESTAMP -> cluster = number(one.from(), one.to() - one.from());
                case SIMPLE_BLOCK -> block(one, cluster, null);
                case BLOCK_GROUP -> group(one, cluster);
                default -> {
                    // Whatever else a file has is not needed to play it.
                }
            }
            at = goesInto ? one.from() : one.to();
        }
    }

    private ByteBuffer slice(int from, int to) {
        return bytes.slice(from, to - from);
    }

    private List<Element> children(Element parent) {
        List<Element> all = new ArrayList<>();
        int at = parent.from();
        for (Optional<Element> next = element(at, parent.to()); next.isPresent(); next = element(at, parent.to())) {
            all.add(next.get());
            at = next.get().to();
        }
        return all;
    }

    private void info(Element info) {
        for (Element one : children(info)) {
            if (one.id() == TIMESTAMP_SCALE) {
                scale = Math.max(1, number(one.from(), one.to() - one.from()));
            }
        }
    }

    private int videoTrack(Element tracksElement) {
        for (Element entry : children(tracksElement)) {
            long number = 0;
            long type = 0;
            for (Element one : entry.id() == TRACK_ENTRY ? children(entry) : List.<Element>of()) {
                if (one.id() == TRACK_NUMBER) {
                    number = number(one.from(), one.to() - one.from());
                } else if (one.id() == TRACK_TYPE) {
                    type = number(one.from(), one.to() - one.from());
                }
            }
            if (type == VIDEO) {
                return (int) number;
            }
        }
        return -1;
    }

    private void group(Element group, long cluster) {
        List<Element> parts = children(group);
        boolean key = parts.stream().noneMatch(one -> one.id() == REFERENCE_BLOCK);
        parts.stream().filter(one -> one.id() == BLOCK).forEach(one -> block(one, cluster, key));
    }

    /** @param key null where the block says it itself */
    private void block(Element element, long cluster, Boolean key) {
        int length = element.to() - element.from();
        int trackLength = length == 0 ? 9 : Integer.numberOfLeadingZeros(bytes.get(element.from()) & 0xFF) - 23;
        if (trackLength > 4 || length < trackLength + 3) {
            return;
        }
        int track = (int) (number(element.from(), trackLength) & (1L << (7 * trackLength)) - 1);
        short after = bytes.getShort(element.from() + trackLength);
        boolean isKey = key == null ? (bytes.get(element.from() + trackLength + 2) & KEY) != 0 : key;
        long time = (cluster + after) * scale / NANOS_OF_MILLI;
        blocks.add(new Block(element.from(), length, track, time, isKey));
    }

    /** A cluster as it is written. @param time of its first block, from where the part begins */
    private record Cluster(long time, List<Block> blocks) {}

    /**
     * Writes it from one moment to another, with its length and an index. It begins with the last picture at or before
     * {@code from}, or a tenth of a second after it, that is seen without those before it; where there is none yet, at the beginning of what is heard, so
     * that nothing that was said before the first picture is lost and all times stay what they were.
     *
     * @param from milliseconds from its beginning, 0 or more
     * @param to milliseconds from its beginning, more than from; {@code Long.MAX_VALUE} for all
     * @return how long it lasts now, in milliseconds; 0 where nothing lies between, and nothing was written
     */
    public long write(OutputStream out, long from, long to) throws IOException {
        long first = first();
        long start = blocks.stream()
                .filter(one -> isStart(one) && one.time() - first <= (from > 0 ? from + NEAR : 0))
                .mapToLong(Block::time)
                .max()
                .orElse(first);
        long seen = blocks.stream()
                .filter(one -> isStart(one) && one.time() >= start)
                .mapToLong(Block::time)
                .min()
                .orElse(Long.MAX_VALUE);
        List<Block> part = blocks.stream()
                .filter(one -> one.time() >= start && (to == Long.MAX_VALUE || one.time() - first < to))
                // A picture that needs one before it cannot be shown without it.
                .filter(one -> one.track() != videoTrack || one.time() >= seen)
                .toList();
        if (part.stream().noneMatch(this::isStart)) {
            return 0;
        }
        long lasts = lastOf(part) - start;
        List<Cluster> clusters = clusters(part, start);
        byte[] info = element(
                INFO,
                element(TIMESTAMP_SCALE, unsigned(NANOS_OF_MILLI)),
                element(DURATION, ByteBuffer.allocate(8).putDouble(lasts).array()),
                element(MUXING_APP, "Glad Tile".getBytes(StandardCharsets.US_ASCII)),
                element(WRITING_APP, "Glad Tile".getBytes(StandardCharsets.US_ASCII)));
        // The index comes before what it points to; its own length does not depend on what it says.
        long before = info.length + tracks.limit() + cues(clusters, 0).length;
        byte[] cues = cues(clusters, before);
        long size = before;
        for (Cluster one : clusters) {
            size += length(one);
        }
        write(out, head);
        out.write(header(SEGMENT, size));
        out.write(info);
        write(out, tracks);
        out.write(cues);
        for (Cluster one : clusters) {
            write(out, one, start);
        }
        return lasts;
    }

    private List<Cluster> clusters(List<Block> part, long start) {
        List<Cluster> all = new ArrayList<>();
        for (Block one : part) {
            long time = one.time() - start;
            Cluster last = all.isEmpty() ? null : all.get(all.size() - 1);
            if (last == null || isStart(one) || Math.abs(time - last.time()) > LONGEST_CLUSTER) {
                last = new Cluster(time, new ArrayList<>());
                all.add(last);
            }
            last.blocks().add(one);
        }
        return all;
    }

    private byte[] cues(List<Cluster> clusters, long before) {
        List<byte[]> points = new ArrayList<>();
        long at = before;
        for (Cluster one : clusters) {
            if (isStart(one.blocks().get(0))) {
                points.add(element(
                        CUE_POINT,
                        element(CUE_TIME, unsigned(one.time())),
                        element(
                                CUE_TRACK_POSITIONS,
                                element(CUE_TRACK, unsigned(videoTrack)),
                                element(CUE_CLUSTER_POSITION, unsigned(at)))));
            }
            at += length(one);
        }
        return element(CUES, points.toArray(byte[][]::new));
    }

    private static final int HEADER_MOST = 12;
    private static final int TIME_LENGTH = 1 + 8 + 8;

    private static long inside(Cluster cluster) {
        long length = TIME_LENGTH;
        for (Block one : cluster.blocks()) {
            length += 1 + 8 + one.length();
        }
        return length;
    }

    private static long length(Cluster cluster) {
        return HEADER_MOST + inside(cluster);
    }

    private void write(OutputStream out, Cluster cluster, long start) throws IOException {
        out.write(header(CLUSTER, inside(cluster)));
        out.write(element(TIMESTAMP, unsigned(cluster.time())));
        for (Block one : cluster.blocks()) {
            byte[] block = new byte[one.length()];
            bytes.get(one.at(), block);
            int trackLength = Integer.numberOfLeadingZeros(block[0] & 0xFF) - 23;
            short after = (short) (one.time() - start - cluster.time());
            block[trackLength] = (byte) (after >> 8);
            block[trackLength + 1] = (byte) after;
            // In a group it is told by what stands beside the block.
            block[trackLength + 2] = (byte) (one.key() ? block[trackLength + 2] | KEY : block[trackLength + 2] & ~KEY);
            out.write(header(SIMPLE_BLOCK, block.length));
            out.write(block);
        }
    }

    private static void write(OutputStream out, ByteBuffer part) throws IOException {
        byte[] all = new byte[part.limit()];
        part.get(0, all);
        out.write(all);
    }

    private static byte[] unsigned(long value) {
        return ByteBuffer.allocate(8).putLong(value).array();
    }

    /** An element's id and its size in 8 bytes, whatever it is. */
    private static byte[] header(int id, long size) {
        int idLength = 4 - Integer.numberOfLeadingZeros(id) / 8;
        ByteBuffer header = ByteBuffer.allocate(idLength + 8);
        for (int i = idLength - 1; i >= 0; i--) {
            header.put((byte) (id >> (8 * i)));
        }
        return header.putLong(size | 1L << 56).array();
    }

    private static byte[] element(int id, byte[]... parts) {
        int size = 0;
        for (byte[] one : parts) {
            size += one.length;
        }
        byte[] header = header(id, size);
        ByteBuffer all = ByteBuffer.allocate(header.length + size).put(header);
        for (byte[] one : parts) {
            all.put(one);
        }
        return all.array();
    }
}
