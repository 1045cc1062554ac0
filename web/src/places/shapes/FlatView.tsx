import { useMemo } from "react";
import { usePreferences } from "../../api/queries";
import type { FormAnswer, FormSolid } from "../../api/types";
import { tick } from "../../drawing/ring";
import { sizeText } from "../../quantity/format";
import { usePixelsPerMm } from "../../shared/kernel/scale";
import { useSize } from "../../shared/kernel/useSize";
import { pictureBox } from "../../drawing/marks";
import { WireBody } from "../../shared/shell/WirePicture";
import type { ViewKind, ViewWire } from "./view";

interface Props {
  wires: readonly ViewWire[];
  solids: readonly FormSolid[];
  form: FormAnswer;
  kind: Exclude<ViewKind, "solid">;
  dimensioned: boolean;
}

const ROOM = 58;

/** The form laid flat with its sizes over all; at true size a ring or the wire itself can be laid on the glass. */
export function FlatView({ wires, solids, form, kind, dimensioned }: Props) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const truePixels = usePixelsPerMm();
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const look = kind === "edge" ? "edge" : "face";
  const box = useMemo(() => pictureBox(wires, solids, look), [wires, solids, look]);
  const fit = Math.min((width - 2 * ROOM) / box.width, (height - 2 * ROOM) / box.height);
  const scale = kind === "true" ? truePixels : Math.max(0.5, Math.min(fit, 60));
  const left = width / 2 - (box.x + box.width / 2) * scale;
  const top = height / 2 - (box.y + box.height / 2) * scale;
  const x0 = left + box.x * scale;
  const y0 = top + box.y * scale;
  const x1 = x0 + box.width * scale;
  const y1 = y0 + box.height * scale;
  const across = look === "edge" ? form.extentMm.z : form.extentMm.x;
  return (
    <div ref={ref} className="flat-view" data-testid="flat-view" data-scale={scale}>
      {width > 0 && (
        <svg
          width={width}
          height={height}
          role="img"
          aria-label={`${form.name}, ${kind === "true" ? "true size" : `${look}-on`}`}
        >
          <g transform={`translate(${left} ${top}) scale(${scale})`}>
            <WireBody wires={wires} solids={solids} metal={form.metal} look={look} />
          </g>
          {dimensioned && (
            <>
              <path className="extension" d={`M${x0} ${y0 - 4}V${y0 - 34}M${x1} ${y0 - 4}V${y0 - 34}`} />
              <path
                className="dimension"
                d={`M${x0} ${y0 - 28}H${x1}${tick(x0, y0 - 28)}${tick(x1, y0 - 28)}`}
              />
              <text className="figures halo" x={(x0 + x1) / 2} y={y0 - 23} textAnchor="middle">
                {sizeText(across, units, 1)}
              </text>
              <path className="extension" d={`M${x1 + 4} ${y0}H${x1 + 34}M${x1 + 4} ${y1}H${x1 + 34}`} />
              <path
                className="dimension"
                d={`M${x1 + 28} ${y0}V${y1}${tick(x1 + 28, y0)}${tick(x1 + 28, y1)}`}
              />
              <text className="figures halo" x={x1 + 30} y={(y0 + y1) / 2 + 4} textAnchor="middle">
                {sizeText(form.extentMm.y, units, 1)}
              </text>
            </>
          )}
        </svg>
      )}
    </div>
  );
}
