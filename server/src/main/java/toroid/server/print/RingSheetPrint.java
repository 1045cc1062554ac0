package toroid.server.print;

import java.io.IOException;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.quantity.Figure;
import toroid.core.ring.Coil;
import toroid.core.ring.CoilFigures;
import toroid.core.ring.Ring;
import toroid.core.ring.RingFigures;
import toroid.server.ring.RingWorkshop;
import toroid.server.ring.WorkedJob;
import toroid.server.work.Jobs;
import toroid.server.work.RingKind;

/** A ring job on paper: the ring at true size, a 50 mm line to check the printer by, every figure, every coil. */
@RestController
class RingSheetPrint {
    private static final float CHECK_LINE_MM = 50;

    private final Jobs jobs;
    private final RingKind kind;
    private final RingWorkshop workshop;

    RingSheetPrint(Jobs jobs, RingKind kind, RingWorkshop workshop) {
        this.jobs = jobs;
        this.kind = kind;
        this.workshop = workshop;
    }

    @GetMapping(value = "/api/jobs/ring/{id}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheet(@PathVariable UUID id) throws IOException {
        WorkedJob worked = workshop.work(jobs.content(kind, id));
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("rings.pdf")
                                .build()
                                .toString())
                .body(print(worked));
    }

    static byte[] print(WorkedJob worked) throws IOException {
        try (Paper paper = new Paper(worked.data().name())) {
            Ring closed = worked.work().closed();
            paper.line(worked.data().name(), 20);
            paper.line(
                    "%d rings, %s"
                            .formatted(
                                    worked.plan().rings(), worked.work().metal().name()),
                    11);
            paper.ring(closed.outerDiameterMm(), closed.innerDiameterMm());
            paper.checkLine(CHECK_LINE_MM);
            paper.line("This line is 50 mm long when printed at true size.", 9);
            paper.down(4, 20);
            for (Figure figure : figures(worked)) {
                paper.columns(
                        10, List.of(figure.id().replace('-', ' '), plain(figure.value()) + " " + figure.unit()), 0, 45);
                paper.formula(9, figure.formula(), 75);
            }
            paper.down(4, 20);
            int number = 1;
            for (Coil coil : worked.plan().coils()) {
                paper.line(coilLine(number++, coil), 10);
            }
            paper.down(4, 20);
            paper.line("Glasses for cutting: ends fly. Keep hold of the end when a coil springs back.", 9);
            paper.line("Local rules and the maker's data sheets come first.", 9);
            return paper.bytes();
        }
    }

    private static String coilLine(int number, Coil coil) {
        return String.format(
                Locale.ROOT,
                "Coil %d: wind %d turns, %.0f mm of wire (lead %.0f, tail %.0f), %.0f mm on the rod; %d rings",
                number,
                coil.turnsWound(),
                coil.wireMm(),
                coil.leadMm(),
                coil.tailMm(),
                coil.woundLengthMm(),
                coil.rings());
    }

    private static List<Figure> figures(WorkedJob worked) {
        var figures = new ArrayList<>(RingFigures.of(worked.work()));
        figures.addAll(
                CoilFigures.of(worked.plan(), worked.request(), worked.work().metal()));
        return figures;
    }

    private static String plain(double value) {
        return new BigDecimal(value)
                .round(new MathContext(4))
                .stripTrailingZeros()
                .toPlainString();
    }
}
