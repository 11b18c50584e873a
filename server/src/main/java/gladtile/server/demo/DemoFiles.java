package gladtile.server.demo;

import gladtile.core.page.FileRef;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.function.BiFunction;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/** The files of the demo: a short video that was drawn for it, its captions, a sheet to write on, and a bell. */
record DemoFiles(FileRef video, FileRef captions, FileRef sheet, FileRef bell) {
    private static final float RATE = 16_000;

    /** @param keep takes a name and the bytes, and gives the kept file */
    static DemoFiles load(BiFunction<String, byte[], FileRef> keep) throws IOException {
        return new DemoFiles(
                keep.apply("The dome opens", read("dome-opens.webm")),
                keep.apply("dome-opens.vtt", read("dome-opens.vtt")),
                keep.apply("Observing log sheet", read("log-sheet.pdf")),
                keep.apply("Dome bell", ringing()));
    }

    private static byte[] read(String name) throws IOException {
        try (InputStream in = DemoFiles.class.getResourceAsStream("/demo/" + name)) {
            return in.readAllBytes();
        }
    }

    /** Two strokes of a bell: a few tones that die away, as a wave file. */
    private static byte[] ringing() throws IOException {
        int samples = (int) (RATE * 2.4);
        byte[] wave = new byte[samples * 2];
        double[][] tones = {{523, 1}, {1046, 0.5}, {1571, 0.3}};
        for (int i = 0; i < samples; i++) {
            double at = i / RATE;
            double heard = 0;
            for (double stroke : new double[] {0, 0.9}) {
                for (double[] tone : tones) {
                    if (at >= stroke) {
                        double since = at - stroke;
                        heard += tone[1] * Math.sin(2 * Math.PI * tone[0] * since) * Math.exp(-3 * since);
                    }
                }
            }
            int sample = (int) (heard * 7_000);
            wave[2 * i] = (byte) sample;
            wave[2 * i + 1] = (byte) (sample >> 8);
        }
        AudioFormat format = new AudioFormat(RATE, 16, 1, true, false);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        AudioSystem.write(
                new AudioInputStream(new ByteArrayInputStream(wave), format, samples), AudioFileFormat.Type.WAVE, out);
        return out.toByteArray();
    }
}
