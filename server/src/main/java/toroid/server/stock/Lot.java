package toroid.server.stock;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.time.LocalDate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import toroid.server.store.Stored;

@Entity
class Lot extends Stored {
    private String kind;
    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    private String facts;

    private int factsVersion;
    /** Whether anyone said how much there is; what is left is the sum of its moves then. */
    private boolean known;

    private Double unitPrice;
    private LocalDate boughtOn;
    private LocalDate useBy;

    @Column(name = "tare_g")
    private Double tareG;

    private Double lowMark;
    private String place;
    private String note;

    void fill(LotData data, String writtenFacts) {
        kind = data.kind();
        name = data.name();
        facts = writtenFacts;
        factsVersion = LotData.FACTS_VERSION;
        known = data.left() != null;
        unitPrice = data.unitPrice();
        boughtOn = data.boughtOn();
        useBy = data.useBy();
        tareG = data.tareG();
        lowMark = data.lowMark();
        place = data.place();
        note = data.note();
    }

    String kind() {
        return kind;
    }

    String name() {
        return name;
    }

    String facts() {
        return facts;
    }

    boolean isKnown() {
        return known;
    }

    /** Someone said how much there is. */
    void know() {
        known = true;
    }

    Double unitPrice() {
        return unitPrice;
    }

    Double lowMark() {
        return lowMark;
    }

    /** @param balance the sum of its moves; nothing is left where it is below zero */
    LotData data(java.util.Map<String, Object> readFacts, double balance) {
        Double left = known ? Double.valueOf(Math.max(0, balance)) : null;
        return new LotData(kind, name, readFacts, left, unitPrice, boughtOn, useBy, tareG, lowMark, place, note);
    }
}
