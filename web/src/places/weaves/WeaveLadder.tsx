import { scaleLinear } from "d3-scale";
import type { WeaveEntry } from "../../api/types";
import { onScale } from "../../drawing/ladder";
import { plain } from "../../quantity/format";
import { KINDS } from "./weaveWords";

interface Props {
  weaves: WeaveEntry[];
  chosen: string;
  /** True aspect ratio of the ring in hand. */
  ratio: number;
  onChoose: (weave: WeaveEntry) => void;
}

const LOW = 1.5;
const HIGH = 8.5;
const WIDTH = 210;
const ROW = 26;
const x = scaleLinear([LOW, HIGH], [0, WIDTH]).clamp(true);

/**
 * Every weave on one scale of aspect ratio: solid from tight to loose as solved, the trade's habit as a line above it, this ring
 * the blue line through all of them. Also where a weave is chosen.
 */
export function WeaveLadder({ weaves, chosen, ratio, onChoose }: Props) {
  const { beyond } = onScale(ratio, LOW, HIGH);
  return (
    <div className="weave-ladder">
      <div className="ladder-row ladder-head">
        <span className="small soft">
          {beyond === null || ratio === 0 ? (
            "this ring in every weave"
          ) : (
            <span className="mark strong" data-testid="beyond">
              {beyond === "below" ? "←" : "→"} {plain(ratio, 1)}, {beyond} the scale
            </span>
          )}
        </span>
        <svg width={WIDTH} height={18} aria-hidden="true">
          {x.ticks(8).map((mark) => (
            <text key={mark} x={x(mark)} y={14} textAnchor="middle" className="figures soft">
              {mark}
            </text>
          ))}
        </svg>
      </div>
      {Object.entries(KINDS).map(([kind, title]) => (
        <section key={kind} aria-label={title}>
          {weaves
            .filter((weave) => weave.kind === kind)
            .map((weave) => (
              <button
                key={weave.id}
                className="ladder-row"
                aria-pressed={weave.id === chosen}
                data-fits={fits(weave, ratio)}
                onClick={() => onChoose(weave)}
              >
                <span className="ladder-name">{weave.name}</span>
                <Window weave={weave} ratio={ratio} />
                <span className="sr-only">{describe(weave, ratio)}</span>
              </button>
            ))}
        </section>
      ))}
      <p className="small soft mt-2">
        Aspect ratio, true. Bars as solved: from closing to floppy, dark where it drapes. Lines above: usual,
        nominal, common practice.
      </p>
    </div>
  );
}

function fits(weave: WeaveEntry, ratio: number): boolean {
  return (
    weave.usualFrom !== null && weave.usualTo !== null && ratio >= weave.usualFrom && ratio <= weave.usualTo
  );
}

function Window({ weave, ratio }: { weave: WeaveEntry; ratio: number }) {
  const { aspectRatioMin: least, usualFrom, usualTo, floppyFrom } = weave;
  return (
    <svg width={WIDTH} height={ROW} aria-hidden="true">
      <path className="edge" d={`M0 ${ROW - 0.5}H${WIDTH}`} opacity={0.1} />
      {least !== null && usualFrom !== null && usualTo !== null && floppyFrom !== null && (
        <>
          <rect x={x(least)} y={11} width={x(floppyFrom) - x(least)} height={6} className="ladder-range" />
          <rect
            x={x(usualFrom)}
            y={11}
            width={x(usualTo) - x(usualFrom)}
            height={6}
            className="ladder-usual"
          />
        </>
      )}
      {weave.usualLow !== null && weave.usualHigh !== null && (
        <path
          className="ladder-habit"
          d={`M${x(weave.usualLow)} 6.5H${x(weave.usualHigh)}M${x(weave.usualLow)} 4v5M${x(weave.usualHigh)} 4v5`}
        />
      )}
      {onScale(ratio, LOW, HIGH).beyond === null && (
        <path className="marked" strokeWidth="1.6" d={`M${x(ratio)} 0V${ROW}`} />
      )}
    </svg>
  );
}

function describe(weave: WeaveEntry, ratio: number): string {
  return weave.aspectRatioMin === null
    ? "still being solved"
    : `closes from ${plain(weave.aspectRatioMin)}; this ring has ${plain(ratio)}`;
}
