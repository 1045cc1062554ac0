package toroid.server.piece;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import toroid.core.piece.PieceLists;
import toroid.core.piece.PieceTime;
import toroid.core.price.CostLine;
import toroid.core.price.Price;
import toroid.server.preference.Preferences;

/** What a batch of a piece costs and what is asked for it, by the shelf's prices and the workshop's rates: the one price of it. */
@Service
public class PiecePricing {
    private final PieceWorkshop workshop;
    private final PieceStock stock;
    private final HandPace hands;
    private final Preferences preferences;

    PiecePricing(PieceWorkshop workshop, PieceStock stock, HandPace hands, Preferences preferences) {
        this.workshop = workshop;
        this.stock = stock;
        this.hands = hands;
        this.preferences = preferences;
    }

    /**
     * Its lines name wires and bought things by their places in the piece's answer.
     *
     * @param copies in the batch; a pair is one
     */
    public Price of(PieceQuestion piece, int copies) {
        return Price.of(
                lines(piece, copies), copies, preferences.current().data().rates());
    }

    private List<CostLine> lines(PieceQuestion piece, int copies) {
        PieceWorkshop.Effort effort = workshop.effort(piece);
        PieceLists lists = effort.lists();
        PieceSupply supply =
                stock.taken(effort.work(), effort.pair(), lists, effort.maker().metalId(), copies);
        var lines = new ArrayList<CostLine>();
        List<PieceLists.WireNeed> wires = lists.wires(effort.maker().metalId());
        for (int i = 0; i < wires.size(); i++) {
            add(lines, CostLine.Kind.WIRE, i, supply.of(wires.get(i)));
        }
        for (int i = 0; i < lists.rings().size(); i++) {
            add(
                    lines,
                    CostLine.Kind.RINGS,
                    i,
                    supply.of(effort.maker().metalId(), lists.rings().get(i)));
        }
        for (int i = 0; i < lists.bought().size(); i++) {
            add(lines, CostLine.Kind.BOUGHT, i, supply.of(lists.bought().get(i)));
        }
        add(lines, CostLine.Kind.SOLDER, 0, supply.solder());
        lines.add(new CostLine(CostLine.Kind.HANDS, 0, copies * minutes(effort, supply), null));
        return lines;
    }

    /** Of one; of both of a pair. */
    private double minutes(PieceWorkshop.Effort effort, PieceSupply supply) {
        return hands.paces()
                .total(PieceTime.of(
                        effort.work(),
                        effort.lists(),
                        effort.pair(),
                        effort.maker(),
                        effort.order(),
                        rings -> supply.of(effort.maker().metalId(), rings).amount() > 0))
                .minutes();
    }

    /** What none is taken of costs nothing and is not told. */
    private static void add(List<CostLine> lines, CostLine.Kind kind, int at, PieceSupply.Tally tally) {
        if (tally.amount() > 0) {
            lines.add(new CostLine(kind, at, tally.amount(), tally.cost()));
        }
    }
}
