package toroid.core;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;

/** Asks GNU units (Debian package {@code units}), an independent reference, to convert an expression to millimetres. */
public final class GnuUnits {
    private GnuUnits() {}

    public static double millimetres(String expression) {
        try {
            Process process = new ProcessBuilder("units", "--terse", "--output-format", "%.15g", expression, "mm")
                    .redirectErrorStream(true)
                    .start();
            try (var reader =
                    new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
                String line = reader.readLine();
                process.waitFor();
                return Double.parseDouble(line.strip());
            }
        } catch (IOException | InterruptedException failure) {
            throw new IllegalStateException(
                    "GNU units is needed for the outside checks: apt-get install units", failure);
        }
    }
}
