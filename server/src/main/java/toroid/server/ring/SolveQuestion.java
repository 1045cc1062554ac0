package toroid.server.ring;

/**
 * Any two of the first five fix the ring. Lengths mm.
 *
 * @param mandrelDiameterMm what it is wound on; with metal and temper its springback is predicted
 * @param aspectRatio inner diameter ÷ wire diameter
 * @param metal id or everyday name, such as {@code copper}, {@code brass}, {@code sterling silver}
 * @param temper {@code dead soft}, {@code half hard} (when left out), {@code hard}, {@code spring}
 * @param ringCount for coil and total wire; 1 when left out
 * @param cut when left out the ring is not changed by cutting
 * @param turnsPerRing 1 when left out
 * @param leadMm bent into the mandrel, counted into the total wire; 0 when left out
 * @param tailMm to hold, counted into the total wire; 0 when left out
 * @param spoiltTurnsPerEnd thrown away at each end of the coil; 0 when left out
 */
record SolveQuestion(
        Double wireDiameterMm,
        Double innerDiameterMm,
        Double outerDiameterMm,
        Double mandrelDiameterMm,
        Double aspectRatio,
        String metal,
        String temper,
        Integer ringCount,
        CutData cut,
        Integer turnsPerRing,
        Double leadMm,
        Double tailMm,
        Integer spoiltTurnsPerEnd) {}
