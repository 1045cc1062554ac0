package toroid.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import toroid.core.numeric.Code;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.quantity.NoteCode;

/** Lengths are told as values, in no sentence: whoever shows them says them in the maker's own unit. */
class WordlessTest {
    private static final Pattern TEXT = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"");
    /** Three words and a length in mm among them, ended as a sentence is. */
    private static final Pattern SENTENCE = Pattern.compile("[A-Z][a-z]* .*(?:\\d|%[.\\d]*[fd]) ?mm\\b.*[.]");

    @Test
    void noSentenceOfTheCoreHoldsMillimetres() throws IOException {
        var found = new ArrayList<String>();
        for (Path file : sources()) {
            for (String line : Files.readAllLines(file)) {
                TEXT.matcher(line)
                        .results()
                        .map(text -> text.group(1))
                        .filter(text -> SENTENCE.matcher(text).matches())
                        .forEach(text -> found.add(file.getFileName() + ": " + text));
            }
        }
        assertThat(found).isEmpty();
    }

    /** A code that nothing says is a sentence nobody reads. */
    @Test
    void everyCodeIsUsed() throws IOException {
        var all = new StringBuilder();
        for (Path file : Stream.concat(sources().stream(), javaIn(Path.of("../server/src/main/java")).stream())
                .toList()) {
            if (!file.toString().endsWith("Code.java") && !file.endsWith("Remedy.java")) {
                all.append(Files.readString(file));
            }
        }
        String text = all.toString();
        assertThat(unused(text, "RefusalCode.", RefusalCode.values())).isEmpty();
        assertThat(unused(text, "NoteCode.", NoteCode.values())).allMatch(name -> name.startsWith("WEAVE_"));
        assertThat(Arrays.stream(Remedy.values()).map(Enum::name).filter(name -> !text.contains("Remedy." + name)))
                .isEmpty();
        assertThat(Arrays.stream(Unit.values()).map(Unit::symbol)).doesNotHaveDuplicates();
    }

    private static List<String> unused(String text, String prefix, Code[] codes) {
        return Arrays.stream(codes)
                .map(Code::name)
                .filter(name -> !Pattern.compile(Pattern.quote(prefix + name) + "\\b")
                        .matcher(text)
                        .find())
                .toList();
    }

    private static List<Path> sources() throws IOException {
        return javaIn(Path.of("src/main/java"));
    }

    private static List<Path> javaIn(Path root) throws IOException {
        try (Stream<Path> files = Files.walk(root)) {
            return files.filter(file -> file.toString().endsWith(".java")).toList();
        }
    }
}
