package toroid.server.piece;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import toroid.core.piece.PieceLists;
import toroid.core.piece.part.PartWork.Bought;
import toroid.core.price.CostLine;
import toroid.core.price.Price;
import toroid.server.preference.Preferences;

/** What a batch of a piece costs and what is asked for it, by the shelf's prices and the workshop's rates: the one price of it. */
@Service
public class PiecePricing {
    private final PieceWorkshop workshop;
    private final PieceStock wires;
    private final BoughtStock bought;
    private final Preferences preferences;

    PiecePricing(PieceWorkshop workshop, PieceStock wires, BoughtStock bought, Preferences preferences) {
        this.workshop = workshop;
        this.wires = wires;
        this.bought = bought;
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
        var lines = new ArrayList<CostLine>();
        List<PieceAnswer.NeedView> needs = wires.of(lists, effort.metal());
        for (int i = 0; i < needs.size(); i++) {
            Double one = needs.get(i).cost();
            Double cost = one == null ? null : Double.valueOf(copies * one);
            lines.add(new CostLine(CostLine.Kind.WIRE, i, copies * needs.get(i).lengthMm(), cost));
        }
        for (int i = 0; i < lists.bought().size(); i++) {
            Bought ware = lists.bought().get(i);
            double amount = copies * ware.amount();
            lines.add(new CostLine(CostLine.Kind.BOUGHT, i, amount, bought.cost(ware, amount)));
        }
        lines.add(new CostLine(CostLine.Kind.HANDS, 0, copies * effort.minutes(), null));
        return lines;
    }
}
