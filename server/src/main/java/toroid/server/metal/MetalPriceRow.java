package toroid.server.metal;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import toroid.server.store.Stored;

@Entity
@Table(name = "metal_price")
class MetalPriceRow extends Stored {
    private String metal;
    private LocalDate day;
    private double perGram;
    private String note;

    void fill(MetalPriceData data) {
        metal = data.metal();
        day = data.day();
        perGram = data.perGram();
        note = data.note();
    }

    MetalPriceData data() {
        return new MetalPriceData(metal, day, perGram, note);
    }
}
