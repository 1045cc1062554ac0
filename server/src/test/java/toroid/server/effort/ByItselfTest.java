package toroid.server.effort;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.scheduling.config.ScheduledTask;
import org.springframework.scheduling.config.ScheduledTaskHolder;
import toroid.server.ApiTest;

/** What is done again and again by itself is really done: a method that says so is heard. */
class ByItselfTest extends ApiTest {
    @Autowired
    private Set<ScheduledTaskHolder> holders;

    @Test
    void whatIsSaidToComeAgainComesAgain() {
        Set<String> tasks = holders.stream()
                .flatMap(holder -> holder.getScheduledTasks().stream())
                .map(ScheduledTask::toString)
                .collect(Collectors.toSet());
        assertThat(tasks)
                .anyMatch(task -> task.endsWith("Glances.again"))
                .anyMatch(task -> task.endsWith("RunFollowers.breathe"));
    }
}
