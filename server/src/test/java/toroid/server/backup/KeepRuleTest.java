package toroid.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class KeepRuleTest {
    private static List<LocalDate> kept(List<LocalDate> made) {
        return KeepRule.kept(made).stream().sorted().map(made::get).toList();
    }

    /** A year and a half of days: seven days, five weeks' last days and twelve months' last days, some of them the same. */
    @Test
    void sevenDaysFiveWeeksTwelveMonths() {
        LocalDate last = LocalDate.of(2026, 11, 29); // a Sunday
        List<LocalDate> made = last.minusDays(500).datesUntil(last.plusDays(1)).toList();
        List<LocalDate> kept = kept(made);
        assertThat(kept)
                .containsAll(last.minusDays(6).datesUntil(last.plusDays(1)).toList());
        assertThat(kept)
                .contains(
                        last.minusWeeks(1),
                        last.minusWeeks(2),
                        last.minusWeeks(3),
                        last.minusWeeks(4),
                        LocalDate.of(2026, 10, 31),
                        LocalDate.of(2025, 12, 31))
                .doesNotContain(LocalDate.of(2025, 11, 30), last.minusWeeks(5), last.minusDays(8));
        // 7 days and 4 more weeks' ends; 11 months' ends, of which none is among them
        assertThat(kept).hasSize(7 + 4 + 11);
    }

    /** Pruned day by day it keeps what it would have kept of all: nothing is lost on the way that is needed later. */
    @Test
    void prunedEachDayItKeepsTheSame() {
        LocalDate first = LocalDate.of(2025, 1, 1);
        List<LocalDate> there = List.of();
        for (int day = 0; day < 450; day++) {
            there = kept(Stream.concat(there.stream(), Stream.of(first.plusDays(day)))
                    .toList());
        }
        List<LocalDate> all = first.datesUntil(first.plusDays(450)).toList();
        assertThat(there).isEqualTo(kept(all));
    }

    @Test
    void ofOneDayTheNewest() {
        LocalDate day = LocalDate.of(2026, 11, 29);
        assertThat(KeepRule.kept(List.of(day, day, day))).containsExactly(2);
        assertThat(KeepRule.kept(List.of())).isEmpty();
    }
}
