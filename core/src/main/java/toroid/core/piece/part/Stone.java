package toroid.core.piece.part;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.form.Solid;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * A drilled stone, shell or piece of glass that hangs by a hole near its top: {@code stone length/hole [width=10] [thick=4] [edge=1.5] [density=2.5]}.
 * What hangs it goes through the hole, which never opens.
 *
 * @param edgeMm from the hole to the rim above it
 */
public record Stone(double lengthMm, double holeMm, double widthMm, double thickMm, double edgeMm, double density)
        implements PartSpec {
    private static final double USUAL_WIDTH = 0.7;
    private static final double USUAL_THICK = 0.35;
    private static final double USUAL_EDGE_MM = 1.5;

    public Stone {
        Checks.within("length", lengthMm, 2, 200, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("hole", holeMm, 0.3, lengthMm / 2, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("width", widthMm, holeMm, 200, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("thick", thickMm, 0.3, 200, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("edge", edgeMm, 0.2, lengthMm / 2, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("density", density, 0.1, 25, Unit.GRAMS_PER_CM3, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
    }

    static Stone read(LineWords words) {
        Value[] sizes = words.pair();
        var values = words.values();
        double length = sizes[0].from();
        var stone = new Stone(
                length,
                sizes[1].from(),
                words.taken(values, "width", USUAL_WIDTH * length),
                words.taken(values, "thick", USUAL_THICK * length),
                words.taken(values, "edge", USUAL_EDGE_MM),
                words.taken(values, "density", FormShape.GLASS));
        words.allTaken(values);
        return stone;
    }

    @Override
    public String written() {
        return "stone " + LineWords.plain(lengthMm) + "/" + LineWords.plain(holeMm)
                + LineWords.unless("width", widthMm, USUAL_WIDTH * lengthMm)
                + LineWords.unless("thick", thickMm, USUAL_THICK * lengthMm)
                + LineWords.unless("edge", edgeMm, USUAL_EDGE_MM)
                + LineWords.unless("density", density, FormShape.GLASS);
    }

    @Override
    public Stone scaled(double factor) {
        return new Stone(
                lengthMm * factor, holeMm * factor, widthMm * factor, thickMm * factor, edgeMm * factor, density);
    }

    @Override
    public boolean isMade() {
        return false;
    }

    @Override
    public List<Field> fields() {
        return List.of(
                new Field("length", lengthMm),
                new Field("hole", holeMm),
                new Field("width", widthMm),
                new Field("thick", thickMm),
                new Field("edge", edgeMm),
                new Field("density", density));
    }

    @Override
    public Stone with(String field, Object value) {
        double number = LineWords.number(field, value);
        return switch (field) {
            case "length" -> new Stone(number, holeMm, widthMm, thickMm, edgeMm, density);
            case "hole" -> new Stone(lengthMm, number, widthMm, thickMm, edgeMm, density);
            case "width" -> new Stone(lengthMm, holeMm, number, thickMm, edgeMm, density);
            case "thick" -> new Stone(lengthMm, holeMm, widthMm, number, edgeMm, density);
            case "edge" -> new Stone(lengthMm, holeMm, widthMm, thickMm, number, density);
            case "density" -> new Stone(lengthMm, holeMm, widthMm, thickMm, edgeMm, number);
            default -> throw LineWords.refused(field, value);
        };
    }

    @Override
    public Body body(PartMaker with) {
        var middle = new Vector3D(lengthMm / 2 - edgeMm, 0, 0);
        return new Body(List.of(), List.of(new Solid(Solid.Kind.BEAD, middle, Vector3D.PLUS_I, widthMm, lengthMm, 0)));
    }

    /** Weighed as an ellipsoid of its three sizes; a slab weighs up to twice that, so approximate. */
    @Override
    public PartWork work(PartMaker with) {
        Port hole = Ends.at("hole", 0, -1, holeMm, edgeMm, Opening.NEVER);
        double mass = Math.PI / 6 * lengthMm * widthMm * thickMm / 1000 * density;
        var bought = new PartWork.Bought(
                PartWork.Bought.Kind.STONE, "stone", List.of(lengthMm, widthMm, thickMm, holeMm), 1);
        return PartWork.plain(
                this, "stone", hole, null, lengthMm - edgeMm, mass, thickMm, PartWork.Takes.bought(List.of(bought)));
    }
}
