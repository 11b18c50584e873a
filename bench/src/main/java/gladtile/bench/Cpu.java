package gladtile.bench;

import java.time.Duration;

/** How much processor time the processes of a kind have taken, so that a rate can be told apart from a busy machine. */
final class Cpu {
    private Cpu() {}

    /** Seconds taken so far by all processes whose command line has that word. */
    static double seconds(String word) {
        return ProcessHandle.allProcesses()
                .filter(process -> process.info().commandLine().orElse("").contains(word))
                .mapToDouble(process ->
                        process.info().totalCpuDuration().orElse(Duration.ZERO).toNanos() / 1e9)
                .sum();
    }
}
