package toroid.server.form;

import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * A form as it is made: all that is shown of it beside the bench.
 *
 * @param form worked out, with its wires' marks
 * @param shapes of its wires before the first step and after each; empty where they are too much to be played one by one
 */
public record FormInMaking(
        @NotNull FormAnswer form, @NotNull List<FormingView.Shape> shapes) {}
