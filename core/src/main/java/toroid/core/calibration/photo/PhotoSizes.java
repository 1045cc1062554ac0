package toroid.core.calibration.photo;

import java.util.ArrayList;
import java.util.List;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * Sizes of what lies beside a card in a photo taken from above.
 *
 * <p>The card's four corners give the map from the photo to its plane ({@link Perspective}); a round edge is the circle nearest to the spots
 * marked along it there ({@link RoundFit}), a length the way between two. The band is 95 %, of four things, the first two squared and added,
 * the others added to it:
 *
 * <ul>
 *   <li>how near a spot is marked, {@link #MARKED_POINTS} points of the photo either way (a standard deviation; by hand under a loupe, from
 *       memory), led through corners and spots by differences;
 *   <li>how round the edge is, as far as the spots stray from it;
 *   <li>how high the edge lies: that of round wire is half a wire above the table, the card's face its thickness; at
 *       {@value #FROM_MM} mm from the lens or more that is as much larger or smaller as the height is of that;
 *   <li>the lens: {@link #LENS_SHARE} of the size (from memory; a phone's camera, away from the photo's edges), and what the wire hides of
 *       its own edge seen from the side: {@code w (1/cos θ − 1)}.
 * </ul>
 */
public final class PhotoSizes {
    /** How near a spot is marked, points of the photo. */
    public static final double MARKED_POINTS = 1;

    /** The lens is at least so far away, mm: nearer a card does not fit. */
    public static final double FROM_MM = 200;

    public static final double LENS_SHARE = 0.003;

    /** Seen more from the side than this, the wire hides its own edge. */
    public static final double MOST_SLANT_DEGREES = 35;

    private static final double TWO_SIDED_95 = 1.96;
    private static final int MOST_MARKS = 100;
    private static final int MOST_SPOTS = 60;
    private static final double LARGEST_POINTS = 30_000;
    private static final double LEAST_CARD_POINTS = 40;
    private static final int OUTLINE = 48;

    private PhotoSizes() {}

    /** What a mark goes round, or across. */
    public enum Kind {
        /** Three spots or more along a round edge: its diameter. */
        ROUND(3),
        /** Two spots: the way between them. */
        ACROSS(2);

        private final int least;

        Kind(int least) {
            this.least = least;
        }
    }

    /**
     * One thing marked.
     *
     * @param wireMm thickness of what the edge belongs to; 0 for what is flat
     * @param spots in the photo
     */
    public record Mark(Kind kind, double wireMm, List<Spot> spots) {
        public Mark {
            spots = List.copyOf(spots);
        }
    }

    /**
     * @param mm how large it is
     * @param bandMm 95 % either way
     * @param slantDegrees how far from straight above it was seen, about
     * @param outline the edge that was fitted, in the photo's points, to be drawn over it
     */
    public record PhotoSize(double mm, double bandMm, double slantDegrees, List<Spot> outline) {}

    /**
     * @param corners of the card in turn, its long side first; in the photo
     * @return one for each mark
     * @throws Refusal where the corners make no card seen from above, or a mark has too few spots
     */
    public static List<PhotoSize> of(CheckCard card, List<Spot> corners, List<Mark> marks) {
        Checks.within("corners", corners.size(), 4, 4, Unit.NONE, Remedy.MEASURE_AGAIN);
        Checks.within("marks", marks.size(), 0, MOST_MARKS, Unit.NONE, Remedy.SPLIT_THE_JOB);
        corners.forEach(PhotoSizes::check);
        Spot[] seen = corners.toArray(Spot[]::new);
        if (!isCard(seen)) {
            throw Refusal.of(RefusalCode.CORNERS_MAKE_NO_CARD, "corners", null);
        }
        var sizes = new ArrayList<PhotoSize>();
        for (Mark mark : marks) {
            Effort.check();
            sizes.add(size(card, seen, mark));
        }
        return sizes;
    }

    private static void check(Spot spot) {
        Checks.within("x", spot.x(), -LARGEST_POINTS, LARGEST_POINTS, Unit.NONE, Remedy.MEASURE_AGAIN);
        Checks.within("y", spot.y(), -LARGEST_POINTS, LARGEST_POINTS, Unit.NONE, Remedy.MEASURE_AGAIN);
    }

    /** All turned the same way, and each side long enough to be marked. */
    private static boolean isCard(Spot[] seen) {
        double sign = 0;
        for (int i = 0; i < 4; i++) {
            Spot a = seen[i];
            Spot b = seen[(i + 1) % 4];
            Spot c = seen[(i + 2) % 4];
            double turn = (b.x() - a.x()) * (c.y() - b.y()) - (b.y() - a.y()) * (c.x() - b.x());
            if (a.to(b) < LEAST_CARD_POINTS || turn * sign < 0 || turn == 0) {
                return false;
            }
            sign = turn;
        }
        return true;
    }

    private static PhotoSize size(CheckCard card, Spot[] corners, Mark mark) {
        Checks.within("spots", mark.spots().size(), mark.kind().least, MOST_SPOTS, Unit.NONE, Remedy.MEASURE_AGAIN);
        Checks.within("wireMm", mark.wireMm(), 0, 20, Unit.MM, Remedy.GIVE_ZERO_OR_MORE);
        mark.spots().forEach(PhotoSizes::check);
        Perspective plane = Perspective.of(corners, card.corners());
        double cosine = plane.slantCosine(middle(mark.spots()));
        double slant = Math.toDegrees(Math.acos(Math.min(1, cosine)));
        if (slant > MOST_SLANT_DEGREES) {
            throw Refusal.of(RefusalCode.PHOTO_FROM_THE_SIDE, "corners", null)
                    .with("slantDegrees", slant)
                    .with("mostDegrees", MOST_SLANT_DEGREES);
        }
        double mm = measured(plane, mark);
        if (!Double.isFinite(mm) || mm <= 0 || mm > 2000) {
            throw Refusal.of(RefusalCode.SPOTS_IN_A_LINE, "spots", null);
        }
        double random = TWO_SIDED_95 * Math.hypot(marking(card, corners, mark, mm), roundness(plane, mark));
        if (!Double.isFinite(random) || random > mm) {
            throw Refusal.of(RefusalCode.SPOTS_IN_A_LINE, "spots", null);
        }
        double above = Math.abs(mark.wireMm() / 2 - card.thickMm()) / FROM_MM;
        double hidden = mark.wireMm() * (1 / cosine - 1);
        return new PhotoSize(mm, random + mm * (above + LENS_SHARE) + hidden, slant, outline(plane, mark));
    }

    private static Spot middle(List<Spot> spots) {
        return new Spot(
                spots.stream().mapToDouble(Spot::x).average().orElseThrow(),
                spots.stream().mapToDouble(Spot::y).average().orElseThrow());
    }

    private static double measured(Perspective plane, Mark mark) {
        List<Spot> there = mark.spots().stream().map(plane::of).toList();
        return mark.kind() == Kind.ACROSS
                ? there.get(0).to(there.get(there.size() - 1))
                : 2 * RoundFit.of(there).radius();
    }

    /** One standard deviation of the size, by each corner and each spot moved by one of theirs, mm. */
    private static double marking(CheckCard card, Spot[] corners, Mark mark, double mm) {
        double squares = 0;
        for (int i = 0; i < corners.length; i++) {
            for (Spot moved : moved(corners[i])) {
                Spot[] other = corners.clone();
                other[i] = moved;
                squares += square(measured(Perspective.of(other, card.corners()), mark) - mm);
            }
        }
        Perspective plane = Perspective.of(corners, card.corners());
        for (int i = 0; i < mark.spots().size(); i++) {
            for (Spot moved : moved(mark.spots().get(i))) {
                var other = new ArrayList<>(mark.spots());
                other.set(i, moved);
                squares += square(measured(plane, new Mark(mark.kind(), mark.wireMm(), other)) - mm);
            }
        }
        return Math.sqrt(squares);
    }

    private static List<Spot> moved(Spot spot) {
        return List.of(new Spot(spot.x() + MARKED_POINTS, spot.y()), new Spot(spot.x(), spot.y() + MARKED_POINTS));
    }

    /** One standard deviation of the diameter from how far the spots stray, mm; nothing where three spots leave nothing over. */
    private static double roundness(Perspective plane, Mark mark) {
        int spare = mark.spots().size() - 3;
        if (mark.kind() == Kind.ACROSS || spare < 1) {
            return 0;
        }
        List<Spot> there = mark.spots().stream().map(plane::of).toList();
        RoundFit fit = RoundFit.of(there);
        double squares = there.stream()
                .mapToDouble(one -> square(one.to(fit.centre()) - fit.radius()))
                .sum();
        return 2 * Math.sqrt(squares / spare / mark.spots().size());
    }

    private static double square(double of) {
        return of * of;
    }

    private static List<Spot> outline(Perspective plane, Mark mark) {
        if (mark.kind() == Kind.ACROSS) {
            return List.of(mark.spots().get(0), mark.spots().get(mark.spots().size() - 1));
        }
        RoundFit fit = RoundFit.of(mark.spots().stream().map(plane::of).toList());
        Perspective back = plane.inverse();
        var outline = new ArrayList<Spot>();
        for (int i = 0; i < OUTLINE; i++) {
            double angle = 2 * Math.PI * i / OUTLINE;
            outline.add(back.of(new Spot(
                    fit.centre().x() + fit.radius() * Math.cos(angle),
                    fit.centre().y() + fit.radius() * Math.sin(angle))));
        }
        return outline;
    }
}
