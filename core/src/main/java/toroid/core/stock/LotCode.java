package toroid.core.stock;

import java.util.Locale;
import java.util.Optional;
import java.util.UUID;

/**
 * The short code on a lot's label, worked out of its id: seven letters and digits and one that checks them. No letter looks like a
 * digit. The check is a weighted sum modulo the prime {@value #SYMBOLS}: one wrong sign, or two neighbours changed about, are always
 * told. Two of a thousand lots share a code once in fifty thousand workshops; both are told then.
 */
public final class LotCode {
    private static final String ALPHABET = "23456789ABCDEFGHJKLMNPQRSTVWXYZ";
    private static final int SYMBOLS = 31;
    private static final int DATA = 7;

    private LotCode() {}

    /** The same for one id for ever. */
    public static String of(UUID id) {
        long rest = (id.getMostSignificantBits() * SYMBOLS + id.getLeastSignificantBits()) >>> 1;
        var code = new StringBuilder(DATA + 1);
        for (int i = 0; i < DATA; i++) {
            code.append(ALPHABET.charAt((int) (rest % SYMBOLS)));
            rest /= SYMBOLS;
        }
        return code.append(ALPHABET.charAt(check(code))).toString();
    }

    private static int check(CharSequence data) {
        int sum = 0;
        for (int i = 0; i < DATA; i++) {
            sum += (i + 2) * ALPHABET.indexOf(data.charAt(i));
        }
        return sum % SYMBOLS;
    }

    /** A code as typed or scanned, in capitals without hyphens and blanks; empty where it is none. */
    public static Optional<String> read(String typed) {
        String code = typed.toUpperCase(Locale.ROOT).replaceAll("[-\\s]", "");
        boolean known = code.length() == DATA + 1 && code.chars().allMatch(sign -> ALPHABET.indexOf(sign) >= 0);
        return known && code.charAt(DATA) == ALPHABET.charAt(check(code)) ? Optional.of(code) : Optional.empty();
    }
}
