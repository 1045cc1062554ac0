package toroid.server.print;

import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import toroid.core.piece.PieceWork;
import toroid.core.price.Price;
import toroid.core.price.Rates;
import toroid.server.piece.LaidPiece;

/** A quote for whom a piece is made: what it is and what is asked for it. Nothing of what it costs, takes or leaves is on it. */
public final class QuotePrint {
    private static final float FIGURES_MM = 90;

    private QuotePrint() {}

    /** One PDF. */
    public static byte[] print(String name, LaidPiece piece, Price price, Rates rates, LocalDate day)
            throws IOException {
        try (Paper paper = new Paper(name)) {
            PieceWork work = piece.work();
            boolean pair = piece.piece().pair();
            paper.line(name, 20);
            paper.line("Quote, " + day, 11);
            paper.line(
                    say(
                            "%s%s: %.0f mm from end to end, %.1f g%s",
                            piece.metal().name(),
                            pair ? ", a pair" : "",
                            work.lengthMm(),
                            work.massG(),
                            pair ? " each" : ""),
                    11);
            PieceSheetPrint.drawn(paper, piece);
            paper.line("Drawn at true size, within what hands make.", 9);
            paper.down(8, 40);
            row(paper, 12, pair ? "a pair" : "one", price.beforeTax() / price.copies());
            if (price.copies() > 1) {
                row(paper, 12, price.copies() + " of them", price.beforeTax());
            }
            if (rates.taxPercent() > 0) {
                row(paper, 12, say("tax, %s %%", plain(rates.taxPercent())), price.tax());
            }
            row(paper, 16, "in all", price.price());
            return paper.bytes();
        }
    }

    private static void row(Paper paper, float size, String words, double money) throws IOException {
        paper.columns(size, List.of(words, say("%.2f", money)), 0, FIGURES_MM);
    }

    private static String plain(double percent) {
        return new java.math.BigDecimal(percent)
                .round(new java.math.MathContext(4))
                .stripTrailingZeros()
                .toPlainString();
    }

    private static String say(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
