package toroid.server.web;

import java.io.IOException;
import org.junit.jupiter.api.Test;

/** {@link EveryField} of all that is asked. */
class EveryQuestionTest extends EveryField {
    @Test
    void nothingThatIsAskedIsAFault() throws IOException {
        nothingInABodyIsAFault("POST");
    }
}
