package toroid.core.bend.program;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import toroid.core.bend.program.WireContact.Tube;

/** Contacts whose answer is known beforehand. */
class WireContactTest {
    private static Tube straight(double y, double z) {
        var builder = new ProgramBuilder(new Frame(new Vector3D(-10, y, z), Vector3D.PLUS_I, Vector3D.PLUS_J));
        return Tube.of(builder.straight(20).build(), 1);
    }

    private static Tube across(double z) {
        var builder = new ProgramBuilder(new Frame(new Vector3D(0, -10, z), Vector3D.PLUS_J, Vector3D.PLUS_I));
        return Tube.of(builder.straight(20).build(), 1);
    }

    @Test
    void wiresTouchingSideBySideAreNoFault() {
        assertThat(WireContact.between(straight(0, 0), straight(1, 0))).isNull();
    }

    @Test
    void crossedWiresTooCloseAreFoundWhereTheyCross() {
        Contact contact = WireContact.between(straight(0, 0), across(0.7));
        assertThat(contact.depthMm()).isCloseTo(0.3, within(1e-9));
        assertThat(contact.firstMm()).isCloseTo(10, within(1e-6));
        assertThat(contact.place().distance(new Vector3D(0, 0, 0.35))).isLessThan(1e-6);
    }

    @Test
    void aRingClosedFaceToFaceIsNoFaultButOneTurnedThroughItselfIs() {
        var ring = new ProgramBuilder(Frame.ORIGIN).arc(3, 2 * Math.PI - 0.01).build();
        assertThat(WireContact.within(Tube.of(ring, 1))).isNull();
        var through = new ProgramBuilder(Frame.ORIGIN)
                .straight(5)
                .arc(3, 2 * Math.PI)
                .straight(5)
                .build();
        assertThat(WireContact.within(Tube.of(through, 1)).depthMm()).isGreaterThan(0.8);
    }

    @Test
    void anEndMayComeUpToAWireFaceOn() {
        var builder = new ProgramBuilder(new Frame(new Vector3D(0, -10, 0), Vector3D.PLUS_J, Vector3D.PLUS_I));
        Tube upTo = Tube.of(builder.straight(9.5).build(), 1);
        assertThat(WireContact.between(straight(0, 0), upTo)).isNull();
        var further = new ProgramBuilder(new Frame(new Vector3D(0, -10, 0), Vector3D.PLUS_J, Vector3D.PLUS_I));
        Contact contact = WireContact.between(
                straight(0, 0), Tube.of(further.straight(9.8).build(), 1));
        assertThat(contact.depthMm()).isCloseTo(0.3, within(1e-6));
    }

    @Test
    void aCloseCoilTouchesItselfAndATighterOneDoesNotExist() {
        var close = new ProgramBuilder(Frame.ORIGIN)
                .coil(CoilSize.closeOn(3, 1, 6, true))
                .build();
        assertThat(WireContact.within(Tube.of(close, 1))).isNull();
        var crushed = new ProgramBuilder(Frame.ORIGIN)
                .coil(new CoilSize(2, 0.8, 6, true))
                .build();
        assertThat(WireContact.within(Tube.of(crushed, 1)).depthMm()).isBetween(0.19, 0.26);
    }

    /** The distance of two coaxial circles is known: {@code √(Δr² + Δz²)}. */
    @Property(tries = 60)
    void coaxialRingsAreAsFarApartAsPythagorasSays(
            @ForAll @DoubleRange(min = 0, max = 2) double apart, @ForAll @DoubleRange(min = 3, max = 5) double radius) {
        Tube inner = ringAt(3, 0);
        Tube outer = ringAt(radius, apart);
        double distance = Math.hypot(radius - 3, apart);
        Contact contact = WireContact.between(inner, outer);
        if (distance > 1.02) {
            assertThat(contact).isNull();
        } else if (distance < 0.93 && distance > 0.05) {
            assertThat(contact.depthMm()).isCloseTo(1 - distance, within(0.03));
        }
    }

    private static Tube ringAt(double radius, double z) {
        Frame start = new Frame(new Vector3D(radius, 0, z), Vector3D.PLUS_J, Vector3D.MINUS_I);
        return Tube.of(new ProgramBuilder(start).arc(radius, 2 * Math.PI).build(), 1);
    }
}
