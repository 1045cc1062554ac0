import { useFormInMaking, usePieceInMaking } from "../../../api/queries";
import type { Kept, NotebookEntry, RunData } from "../../../api/types";
import { size, type Units } from "../../../quantity/format";
import { PiecePicture } from "../../../shared/shell/PiecePicture";
import { WirePicture } from "../../../shared/shell/WirePicture";
import { isAtTheEar } from "../../../shared/words/pieceWords";

interface Props {
  run: Kept<RunData>;
  entry: NotebookEntry;
  units: Units;
}

const HUNG = ["down"] as const;
const LAID = ["along"] as const;

/** What was made, as it was frozen with its run, and the one number that tells it. */
export function RecordPicture({ run, entry, units }: Props) {
  const { data } = run;
  switch (data.kind) {
    case "form":
      return (
        <Form
          run={run}
          form={data.facts.form}
          metal={data.facts.metal}
          copies={data.plan.copies + data.more}
        />
      );
    case "piece": {
      const length = size(data.facts.lengthMm, units, 1);
      return (
        <div>
          <Piece
            run={run}
            metal={data.facts.job.metal}
            ear={isAtTheEar(data.facts.job.body?.part ?? "EAR")}
            pair={data.facts.pair}
          />
          <Number value={length.value} unit={`${length.unit}, ${data.facts.pair ? "a pair" : "long"}`} />
        </div>
      );
    }
    case "ring": {
      const made = entry.made.find((one) => one.quantity === "RING_INNER")?.spread.mean;
      const inside = size(made ?? data.facts.sizes.closedInnerMm, units);
      return (
        <Number
          value={inside.value}
          unit={`${inside.unit} inside, ${made === undefined ? "planned" : "as made"}`}
        />
      );
    }
    default:
      return <Number value={String(data.facts.total)} unit="rings" />;
  }
}

function Number({ value, unit }: { value: string; unit: string }) {
  return (
    <p className="record-number">
      {value} <small>{unit}</small>
    </p>
  );
}

function Form({
  run,
  form: name,
  metal,
  copies,
}: {
  run: Kept<RunData>;
  form: string;
  metal: string;
  copies: number;
}) {
  const form = useFormInMaking(run.id).data;
  const shape = form?.shapes.at(-1);
  const wires =
    form && shape ? form.form.wires.map((wire, i) => ({ ...wire, points: shape.free[i] ?? [] })) : [];
  return (
    <div>
      {wires.length > 0 && (
        <WirePicture
          className="record-picture"
          wires={wires}
          solids={form!.form.solids}
          metal={metal}
          look={wires.length > 2 ? "corner" : "face"}
          label={name}
        />
      )}
      <Number value={String(copies)} unit={copies === 1 ? name : `copies, ${name}`} />
    </div>
  );
}

function Piece({
  run,
  metal,
  ear,
  pair,
}: {
  run: Kept<RunData>;
  metal: string;
  ear: boolean;
  pair: boolean;
}) {
  const piece = usePieceInMaking(run.id);
  return piece?.drawing ? (
    <div className={`record-picture ${ear ? "" : "is-long"}`}>
      <PiecePicture
        drawing={piece.drawing}
        ways={ear ? HUNG : LAID}
        aside={ear}
        metal={metal}
        {...(pair && { pair: "both" as const })}
        label="The piece"
      />
    </div>
  ) : null;
}
