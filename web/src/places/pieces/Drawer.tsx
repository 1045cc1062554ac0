import { useState } from "react";
import { usePictures } from "../../api/queries";
import { WARE } from "./dragged";
import { WordChoice } from "../../shared/shell/WordChoice";
import { PaintedForm } from "../../shared/shell/PaintedForm";
import { KINDS, useWares, type Kind } from "./wares";

export type Where = "PUT_BEHIND" | "PUT_BEFORE" | "HANG" | "REPLACE";

const WHERE: readonly (readonly [Where, string])[] = [
  ["PUT_BEHIND", "behind it"],
  ["PUT_BEFORE", "before it"],
  ["HANG", "hanging from it"],
  ["REPLACE", "in its place"],
];

const MOST = 60;

/** All a piece can be made of, the maker's own first; pressed it goes in beside the part in hand. */
export function Drawer({
  at,
  onPut,
}: {
  /** What is in hand, in words. */
  at: string;
  onPut: (where: Where, line: string) => void;
}) {
  const [kind, setKind] = useState<Kind>("rings");
  const [where, setWhere] = useState<Where>("PUT_BEHIND");
  const [wanted, setWanted] = useState("");
  const wares = useWares(kind, wanted.trim());
  return (
    <section className="parts-drawer" aria-label="Parts to put in">
      <p className="sentence">
        <span>Put</span>
        <WordChoice
          label="Which kind"
          values={KINDS.map((one) => [one, one])}
          value={kind}
          onValue={setKind}
        />
        <WordChoice label="Where" values={WHERE} value={where} onValue={setWhere} />
        <span className="soft">that is, {at}</span>
        {kind === "forms" && (
          <input
            className="plain-input"
            aria-label="Find a form"
            placeholder="hook, bead, frame"
            value={wanted}
            onChange={(event) => setWanted(event.target.value)}
          />
        )}
      </p>
      <ul className="wares">
        {wares.slice(0, MOST).map((ware) => (
          <li key={ware.line}>
            <button
              className="ware"
              draggable
              onDragStart={(event) => event.dataTransfer.setData(WARE, ware.line)}
              onClick={() => onPut(where, ware.line)}
            >
              {ware.form !== undefined && <WarePicture form={ware.form} />}
              <span className="strong">{ware.name}</span>
              <span className="tiny soft">{ware.does}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function WarePicture({ form }: { form: string }) {
  const picture = usePictures().data?.find((one) => one.id === form);
  return picture ? <PaintedForm picture={picture} /> : null;
}
