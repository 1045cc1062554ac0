package toroid.server.metal;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.metal.MetalPrice;
import toroid.server.store.Keeper;
import toroid.server.store.Kept;

/** Keeps the price list of metals. */
@Service
public class MetalPrices extends Keeper<MetalPriceRow, MetalPriceData> {
    MetalPrices(MetalPriceRepository repository, Clock clock) {
        super("metal price", repository, clock);
    }

    /** The list as it is in force today. */
    @Transactional(readOnly = true)
    public Today today() {
        return new Today(
                all().stream().map(Kept::data).map(MetalPriceData::toCore).toList(),
                LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()));
    }

    /** Those of the list that are in force today. */
    @Transactional(readOnly = true)
    public List<Kept<MetalPriceData>> inForce() {
        Today today = today();
        return all().stream()
                .filter(one -> MetalPrice.inForce(
                                today.told(), one.data().metal(), today.day().toEpochDay())
                        .equals(Optional.of(one.data().toCore())))
                .toList();
    }

    /** Prices in force on a day. */
    public record Today(List<MetalPrice> told, LocalDate day) {
        /** Of a gram of that metal; empty while none was told. */
        public OptionalDouble perGram(String metal) {
            return MetalPrice.inForce(told, metal, day.toEpochDay()).stream()
                    .mapToDouble(MetalPrice::perGram)
                    .findFirst();
        }
    }

    @Override
    protected MetalPriceRow blank() {
        return new MetalPriceRow();
    }

    @Override
    protected void fill(MetalPriceRow row, MetalPriceData data) {
        row.fill(data);
    }

    @Override
    protected MetalPriceData dataOf(MetalPriceRow row) {
        return row.data();
    }

    @Override
    protected void check(MetalPriceData data) {
        data.checked();
    }
}
