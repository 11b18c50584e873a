package gladtile.formats.print;

import io.nayuki.qrcodegen.QrCode.Ecc;

/** A QR code (ISO/IEC 18004) that a tablet's camera reads. */
public final class QrCode {
    /** Clear modules around it, as the standard wants. */
    public static final int QUIET = 4;

    private final io.nayuki.qrcodegen.QrCode code;

    private QrCode(io.nayuki.qrcodegen.QrCode code) {
        this.code = code;
    }

    /** @param text at most some 2,000 characters */
    public static QrCode of(String text) {
        return new QrCode(io.nayuki.qrcodegen.QrCode.encodeText(text, Ecc.MEDIUM));
    }

    /** Modules along one side, without those around it. */
    public int size() {
        return code.size;
    }

    /** Whether a module is dark; outside there is none. */
    public boolean dark(int x, int y) {
        return code.getModule(x, y);
    }

    /** As one path in units of modules, with the clear modules around it. */
    public String svg() {
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < size(); y++) {
            for (int x = 0; x < size(); x++) {
                if (dark(x, y)) {
                    path.append("M%d,%dh1v1h-1z".formatted(x + QUIET, y + QUIET));
                }
            }
        }
        int side = size() + 2 * QUIET;
        return ("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\" shape-rendering=\"crispEdges\">"
                        + "<rect width=\"100%%\" height=\"100%%\" fill=\"#fff\"/><path fill=\"#000\" d=\"%s\"/></svg>")
                .formatted(side, side, path);
    }
}
