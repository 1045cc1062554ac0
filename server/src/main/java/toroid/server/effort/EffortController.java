package toroid.server.effort;

import io.swagger.v3.oas.annotations.Operation;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/efforts")
class EffortController {
    private final Efforts efforts;

    EffortController(Efforts efforts) {
        this.efforts = efforts;
    }

    @Operation(
            summary =
                    "The answer to a question that was answered 202, as that question would have been answered; 202 while it"
                            + " is still being worked out, which goes on only while this is asked")
    @GetMapping("/{id}")
    Object ask(@PathVariable UUID id) {
        return efforts.ask(id);
    }

    @Operation(summary = "Calls the work off")
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void callOff(@PathVariable UUID id) {
        efforts.callOff(id);
    }
}
