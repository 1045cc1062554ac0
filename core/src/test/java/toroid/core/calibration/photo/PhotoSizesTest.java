package toroid.core.calibration.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import toroid.core.numeric.Refusal;

/** Pictures of rings of known size, seen by a camera whose place is known: wire hit by each point's ray, and marked as hands mark. */
class PhotoSizesTest {
    private static final int PICTURES = 160;
    private static final int SPOTS = 8;

    /** Size of a bank card: ISO/IEC 7810:2019, ID-1: 85.60 mm × 53.98 mm, 0.76 mm thick. */
    @Test
    void theCardIsThatOfTheStandard() {
        assertThat(CheckCard.BANK_CARD.longMm()).isEqualTo(85.6);
        assertThat(CheckCard.BANK_CARD.wideMm()).isEqualTo(53.98);
        assertThat(CheckCard.BANK_CARD.thickMm()).isEqualTo(0.76);
    }

    private record Picture(List<Spot> corners, List<Spot> inside, double trueInner, double wire, List<Spot> outside) {}

    private static Picture picture(Random chance, double most) {
        double slant = most * chance.nextDouble();
        var camera = new Camera(
                220 + 280 * chance.nextDouble(),
                slant,
                360 * chance.nextDouble(),
                2800,
                0.003 * (2 * chance.nextDouble() - 1));
        double wire = 0.5 + 1.5 * chance.nextDouble();
        double inner = 3 + 15 * chance.nextDouble();
        var centre = new Vector3D(-30 + 60 * chance.nextDouble(), -50 - 10 * chance.nextDouble(), 0);
        double thick = CheckCard.BANK_CARD.thickMm();
        List<Spot> corners = Stream.of(CheckCard.BANK_CARD.corners())
                .map(corner -> camera.sees(new Vector3D(corner[0] - 42.8, -corner[1] + 27, thick)))
                .map(spot -> marked(spot, chance))
                .toList();
        double radius = (inner + wire) / 2;
        Spot middle = camera.sees(centre.add(new Vector3D(0, 0, wire / 2)));
        double points = middle.to(camera.sees(centre.add(new Vector3D(radius, 0, wire / 2))));
        var inside = new ArrayList<Spot>();
        var outside = new ArrayList<Spot>();
        for (int i = 0; i < SPOTS; i++) {
            double angle = 2 * Math.PI * (i + 0.5 * chance.nextDouble()) / SPOTS;
            double dx = Math.cos(angle);
            double dy = Math.sin(angle);
            inside.add(marked(camera.edge(middle, dx, dy, 0, points, centre, radius, wire), chance));
            outside.add(marked(camera.edge(middle, dx, dy, points, 2.2 * points, centre, radius, wire), chance));
        }
        return new Picture(corners, inside, inner, wire, outside);
    }

    private static Spot marked(Spot spot, Random chance) {
        return new Spot(
                spot.x() + PhotoSizes.MARKED_POINTS * chance.nextGaussian(),
                spot.y() + PhotoSizes.MARKED_POINTS * chance.nextGaussian());
    }

    private static PhotoSizes.PhotoSize inner(Picture one) {
        var mark = new PhotoSizes.Mark(PhotoSizes.Kind.ROUND, one.wire(), one.inside());
        return PhotoSizes.of(CheckCard.BANK_CARD, one.corners(), List.of(mark)).get(0);
    }

    /** The band covers what is true at least nineteen times of twenty, inside and outside, and is worth having. */
    @Test
    void theBandCoversWhatIsTrue() {
        var chance = new Random(9);
        int covered = 0;
        double bands = 0;
        double off = 0;
        for (int i = 0; i < PICTURES; i++) {
            Picture one = picture(chance, 25);
            PhotoSizes.PhotoSize inside = inner(one);
            covered += Math.abs(inside.mm() - one.trueInner()) <= inside.bandMm() ? 1 : 0;
            bands += inside.bandMm();
            off += Math.abs(inside.mm() - one.trueInner());
            var mark = new PhotoSizes.Mark(PhotoSizes.Kind.ROUND, one.wire(), one.outside());
            PhotoSizes.PhotoSize outside = PhotoSizes.of(CheckCard.BANK_CARD, one.corners(), List.of(mark))
                    .get(0);
            covered += Math.abs(outside.mm() - one.trueInner() - 2 * one.wire()) <= outside.bandMm() ? 1 : 0;
        }
        assertThat((double) covered / (2 * PICTURES)).isGreaterThan(0.95);
        assertThat(bands / PICTURES).as("band, mm").isLessThan(0.5);
        assertThat(off / PICTURES).as("off, mm").isLessThan(0.12);
    }

    /** Without the card's perspective a slanted photo is off by far more: what is undone matters. */
    @Test
    void perspectiveIsUndone() {
        var chance = new Random(4);
        double undone = 0;
        double asSeen = 0;
        for (int i = 0; i < 40; i++) {
            Picture one = picture(chance, 25);
            undone += Math.abs(inner(one).mm() / one.trueInner() - 1);
            double scale = CheckCard.BANK_CARD.longMm()
                    / one.corners().get(0).to(one.corners().get(1));
            asSeen += Math.abs(2 * scale * RoundFit.of(one.inside()).radius() / one.trueInner() - 1);
        }
        assertThat(asSeen).isGreaterThan(2 * undone);
    }

    /** Seen straight from above, without noise, it is what it is; the way across too; the outline lies on the edge. */
    @Test
    void straightFromAboveItIsExact() {
        List<Spot> corners = List.of(new Spot(0, 0), new Spot(856, 0), new Spot(856, 539.8), new Spot(0, 539.8));
        List<Spot> round = IntStream.range(0, 5)
                .mapToObj(i -> new Spot(300 + 40 * Math.cos(i), 200 + 40 * Math.sin(i)))
                .toList();
        List<PhotoSizes.PhotoSize> sizes = PhotoSizes.of(
                CheckCard.BANK_CARD,
                corners,
                List.of(
                        new PhotoSizes.Mark(PhotoSizes.Kind.ROUND, 0, round),
                        new PhotoSizes.Mark(
                                PhotoSizes.Kind.ACROSS, 0, List.of(new Spot(0, 600), new Spot(300, 1000)))));
        assertThat(sizes.get(0).mm()).isCloseTo(8, within(1e-9));
        assertThat(sizes.get(0).slantDegrees()).isCloseTo(0, within(1e-3));
        assertThat(sizes.get(0).outline())
                .allSatisfy(spot -> assertThat(spot.to(new Spot(300, 200))).isCloseTo(40, within(1e-6)));
        assertThat(sizes.get(1).mm()).isCloseTo(50, within(1e-9));
    }

    /** Spots along a third of an edge do not draw it small. */
    @Test
    void partOfAnEdgeIsEnough() {
        var chance = new Random(1);
        double sum = 0;
        int tries = 400;
        for (int i = 0; i < tries; i++) {
            List<Spot> arc = IntStream.range(0, 12)
                    .mapToObj(k -> new Spot(
                            10 * Math.cos(k * 0.18) + 0.03 * chance.nextGaussian(),
                            10 * Math.sin(k * 0.18) + 0.03 * chance.nextGaussian()))
                    .toList();
            sum += RoundFit.of(arc).radius();
        }
        assertThat(sum / tries).isCloseTo(10, within(0.01));
    }

    @Test
    void whatIsNoPhotoOfACardIsRefused() {
        List<Spot> crossed = List.of(new Spot(0, 0), new Spot(856, 539), new Spot(856, 0), new Spot(0, 539));
        List<Spot> small = List.of(new Spot(0, 0), new Spot(8, 0), new Spot(8, 5), new Spot(0, 5));
        List<Spot> slanted = List.of(new Spot(200, 0), new Spot(650, 0), new Spot(856, 200), new Spot(0, 200));
        var mark = new PhotoSizes.Mark(
                PhotoSizes.Kind.ROUND, 1, List.of(new Spot(300, 90), new Spot(340, 100), new Spot(320, 130)));
        assertThatThrownBy(() -> PhotoSizes.of(CheckCard.BANK_CARD, crossed, List.of(mark)))
                .isInstanceOfSatisfying(
                        Refusal.class, one -> assertThat(one.code()).isEqualTo("corners-make-no-card"));
        assertThatThrownBy(() -> PhotoSizes.of(CheckCard.BANK_CARD, small, List.of(mark)))
                .isInstanceOfSatisfying(
                        Refusal.class, one -> assertThat(one.code()).isEqualTo("corners-make-no-card"));
        assertThatThrownBy(() -> PhotoSizes.of(CheckCard.BANK_CARD, slanted, List.of(mark)))
                .isInstanceOfSatisfying(
                        Refusal.class, one -> assertThat(one.code()).isEqualTo("photo-from-the-side"));
        List<Spot> good = List.of(new Spot(0, 0), new Spot(856, 0), new Spot(856, 540), new Spot(0, 540));
        var line = new PhotoSizes.Mark(
                PhotoSizes.Kind.ROUND, 1, List.of(new Spot(10, 10), new Spot(20, 20), new Spot(30, 30)));
        assertThatThrownBy(() -> PhotoSizes.of(CheckCard.BANK_CARD, good, List.of(line)))
                .isInstanceOfSatisfying(
                        Refusal.class, one -> assertThat(one.code()).isEqualTo("spots-in-a-line"));
        var two = new PhotoSizes.Mark(PhotoSizes.Kind.ROUND, 1, List.of(new Spot(10, 10), new Spot(20, 20)));
        assertThatThrownBy(() -> PhotoSizes.of(CheckCard.BANK_CARD, good, List.of(two)))
                .isInstanceOf(Refusal.class);
    }
}
