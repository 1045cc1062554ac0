import { useLots, useStockKinds } from "../../../api/queries";
import type { Kept, RunData } from "../../../api/types";
import type { Units } from "../../../quantity/format";
import { amountText } from "../../../shared/words/stockWords";

/** What left the shelf for a run, lot by lot. */
export function Materials({ run, units }: { run: Kept<RunData>; units: Units }) {
  const lots = useLots().data;
  const kinds = useStockKinds().data;
  const drawn = Object.entries(run.data.drawn).filter(([, amount]) => amount > 0);
  if (!lots || !kinds) {
    return null;
  }
  return (
    <section>
      <h2>From the shelf</h2>
      {drawn.length === 0 && <p className="soft">Nothing: it was made of wire that is not in stock here.</p>}
      <table className="ruled">
        <tbody>
          {drawn.map(([id, amount]) => {
            const lot = lots.find((one) => one.id === id);
            const kind = kinds.find((one) => one.id === lot?.data.kind);
            return (
              <tr key={id}>
                <th scope="row">{lot?.data.name ?? "a lot that was taken away"}</th>
                <td className="figures right font-bold">
                  {kind ? amountText(kind.measure, amount, units) : ""}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
