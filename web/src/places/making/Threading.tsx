import { usePreferences } from "../../api/queries";
import type { PartsHandled } from "../../api/types";
import { many, sizeText } from "../../quantity/format";
import type { OperationProps } from "./operation";
import { alikeAfter, beadsOf } from "./strung";

const SHOWN_MM = 150;
const MARGIN_MM = 3;

interface Props extends OperationProps {
  detail: PartsHandled;
}

/** Which bead is in hand: of several strands that are made alike, each is threaded to its end. */
function inHand({ place, detail }: Props) {
  const beads = beadsOf(detail.strung);
  const index = Math.min(place.count, place.times - 1);
  return { beads, at: index % beads.length, which: Math.floor(index / beads.length) };
}

/** The strand as far as it is threaded, the bead in hand marked. */
export function StrandPicture(props: Props) {
  const { strung } = props.detail;
  const { beads, at } = inHand(props);
  const whole = strung.reduce((sum, run) => sum + run.count * run.lengthMm, 0);
  const wide = Math.min(SHOWN_MM, whole);
  const middle = beads[at]!.atMm;
  const from = Math.max(0, Math.min(whole - wide, middle - wide / 2));
  const high = Math.max(...strung.map((run) => run.widthMm * run.apart));
  return (
    <svg
      className="making-drawing strand-drawing"
      viewBox={`${from - MARGIN_MM} ${-high / 2 - MARGIN_MM} ${wide + 2 * MARGIN_MM} ${high + 2 * MARGIN_MM}`}
      role="img"
      aria-label={`${at} of ${beads.length} beads threaded`}
    >
      <path d={`M${-MARGIN_MM} 0H${whole + MARGIN_MM}`} stroke="var(--soft)" strokeWidth={0.5} />
      {beads.map((bead, i) => {
        const run = strung[bead.run]!;
        const y = (bead.strand - (run.apart - 1) / 2) * run.widthMm;
        return (
          <ellipse
            key={i}
            cx={bead.atMm}
            cy={y}
            rx={run.lengthMm / 2 - 0.1}
            ry={run.widthMm / 2 - 0.1}
            className={i === at ? "bead in-hand" : i < at ? "bead on" : "bead"}
          />
        );
      })}
    </svg>
  );
}

/** The bead in hand, how many like it follow, and what comes then. */
export function ThreadingWords(props: Props) {
  const { strung, parts, wireMm } = props.detail;
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const { beads, at, which } = inHand(props);
  const run = strung[beads[at]!.run]!;
  const more = alikeAfter(beads, at);
  const next = beads[at + more + 1];
  const all = parts * props.place.copies;
  return (
    <>
      <p className="huge" data-testid="big-number">
        {at + 1}
        <small>
          of {beads.length} beads{all > 1 && `, strand ${which + 1} of ${all}`}
        </small>
      </p>
      <p className="what">
        {sizeText(run.lengthMm, units)}
        {run.widthMm !== run.lengthMm && ` long, ${sizeText(run.widthMm, units)} across`}
        {run.strands > 1 && `, over all ${run.strands} wires`}
        {run.apart > 1 && `, on wire ${beads[at]!.strand + 1} alone`}
        {more > 0 && `; ${many(more, "more like it", "more like it")}`}
        {next && `, then ${sizeText(strung[next.run]!.lengthMm, units)}`}.
      </p>
      {wireMm > 0 && (
        <p className="soft">{sizeText(wireMm, units)} beading wire, a stopper at its far end.</p>
      )}
    </>
  );
}
