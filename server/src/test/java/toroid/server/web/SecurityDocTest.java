package toroid.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What docs/security.md says holds a requirement is there. */
class SecurityDocTest {
    private static final Pattern NAMED = Pattern.compile("`([A-Z]\\w+Test)(?:\\.(\\w+))?`");

    @Test
    void everyTestItNamesIsThere() throws IOException {
        String told = Files.readString(Path.of("../docs/security.md"));
        var missing = new ArrayList<String>();
        int named = 0;
        var matcher = NAMED.matcher(told);
        while (matcher.find()) {
            named++;
            Path source = source(matcher.group(1) + ".java");
            if (source == null
                    || matcher.group(2) != null
                            && !Files.readString(source).contains("void " + matcher.group(2) + "(")) {
                missing.add(matcher.group());
            }
        }
        assertThat(named).isGreaterThan(15);
        assertThat(missing).isEmpty();
    }

    private static Path source(String file) throws IOException {
        try (Stream<Path> all = Files.walk(Path.of("src/test/java"))) {
            return all.filter(path -> path.endsWith(file)).findFirst().orElse(null);
        }
    }
}
