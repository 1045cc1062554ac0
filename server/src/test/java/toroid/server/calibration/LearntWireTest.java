package toroid.server.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.core.metal.Temper;
import toroid.server.wire.SpoolData;

class LearntWireTest {
    private static final SpoolData BRASS = new SpoolData("Brass", "yellow-brass", Temper.HALF_HARD, 1, null, null, "");

    private final ReadingRepository repository = mock(ReadingRepository.class);
    private final LearntWire learnt = new LearntWire(repository, new Fits());

    @Test
    void wireNotInStockHasTheHandbooksStrength() {
        assertThat(learnt.flowOf(null, BRASS).measurements()).isZero();
        assertThat(learnt.flowOf(null, BRASS).curve())
                .isEqualTo(BRASS.metalKept().flow(Temper.HALF_HARD).typical());
        verifyNoInteractions(repository);
    }

    @Test
    void aMeasuredSpoolHasItsOwn() {
        UUID spool = UUID.randomUUID();
        Reading coil = new Reading();
        ReadingContext on = ReadingContext.coil(1, 6);
        coil.fill(new ReadingData(null, null, spool, null, Quantity.COIL_INNER, 6.5, null, on, Instant.EPOCH, ""));
        when(repository.findByLotIdAndQuantityInAndDeletedAtIsNullOrderByTakenAt(spool, Quantity.OF_RINGS))
                .thenReturn(List.of(coil));
        assertThat(learnt.flowOf(spool, BRASS).measurements()).isEqualTo(1);
        double handbook = BRASS.metalKept().flow(Temper.HALF_HARD).typical().strengthMpa();
        assertThat(learnt.flowOf(spool, BRASS).curve().strengthMpa()).isGreaterThan(handbook);
    }
}
