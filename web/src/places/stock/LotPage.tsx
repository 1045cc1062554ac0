import { Link, useNavigate, useParams } from "react-router";
import { useLots, useStandings, useStockKinds } from "../../api/queries";
import type { Kept, LotData, Standing, StockKindView } from "../../api/types";
import { takeAway } from "../../shared/kernel/takeAway";
import { useEditor } from "../../shared/kernel/useEditor";
import { Lost } from "../../shared/shell/Lost";
import { NameHead } from "../../shared/shell/NameHead";
import { kindWord } from "../../shared/words/stockWords";
import { Bought } from "./Bought";
import { LotAmount } from "./LotAmount";
import { LotFacts } from "./LotFacts";
import { LotLabel } from "./LotLabel";
import { LotMoves } from "./LotMoves";
import { LotPicture } from "./LotPicture";

/** One lot: what it is, how much of it there is and why. */
export function LotPage() {
  const { id } = useParams();
  const lots = useLots().data;
  const kinds = useStockKinds().data;
  const lot = lots?.find((one) => one.id === id);
  const kind = kinds?.find((one) => one.id === lot?.data.kind);
  const standing = useStandings().data?.find((one) => one.lot === id);
  if (!lots || !kinds) {
    return null;
  }
  return lot && kind ? <OneLot key={lot.id} {...{ lot, kind, standing }} /> : <Lost />;
}

interface Props {
  lot: Kept<LotData>;
  kind: StockKindView;
  standing: Standing | undefined;
}

export const shelfOf = (kind: string) => (kind === "wire" ? "/stock" : `/stock/${kind}`);

function OneLot({ lot, kind, standing }: Props) {
  const { editor, data, state } = useEditor("lots", lot);
  const navigate = useNavigate();
  const change = (patch: Partial<LotData>, tag: string) => editor.change(patch, tag);
  return (
    <div className="place lot-page" style={{ maxWidth: "none" }}>
      <p className="no-print">
        <Link className="quiet" to={shelfOf(kind.id)}>
          ← {kindWord(kind.id)}
        </Link>
      </p>
      <NameHead
        {...{ editor, state }}
        label="Name of the lot"
        name={data.name}
        onName={(name) => change({ name }, "name")}
        describe={(row) => [row.name, row.note].filter(Boolean).join(", ")}
      >
        <button
          className="quiet no-print whitespace-nowrap"
          onClick={() => void takeAway("lots", lot, shelfOf(kind.id), navigate)}
        >
          take away
        </button>
      </NameHead>
      <div className="lot-body">
        <div>
          {!kind.tool && <LotAmount {...{ lot, kind, standing, data }} />}
          <LotFacts kind={kind} facts={data.facts} onFacts={(facts, tag) => change({ facts }, tag)} />
          <Bought {...{ data, kind, change }} />
        </div>
        <div>
          <LotPicture kind={kind.id} facts={data.facts} large={3} />
          <LotLabel lot={lot.id} version={lot.version} name={data.name} />
          {kind.id === "wire" && (
            <p>
              <Link className="quiet" to={`/notebook/wire/${lot.id}`}>
                what its coils have taught
              </Link>
            </p>
          )}
          <LotMoves lot={lot.id} kind={kind} />
        </div>
      </div>
    </div>
  );
}
