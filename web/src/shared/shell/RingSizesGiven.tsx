import type { WeaveEntry } from "../../api/types";
import { RingGiven } from "./RingGiven";
import type { ComponentProps } from "react";

/** Every size of ring a weave takes, one after the other in its sentence. */
export function RingSizesGiven({
  sizes,
  wire,
  inner,
  after = "",
  onChange,
}: {
  sizes: WeaveEntry["sizes"];
  wire: ComponentProps<typeof RingGiven>["wire"];
  /** Inner diameter of each size, mm. */
  inner: readonly number[];
  /** What the sentence sets behind the last. */
  after?: string;
  /** All of them anew, and which was changed. */
  onChange: (innerMm: number[], which: number) => void;
}) {
  return sizes.map((ring, i) => (
    <span key={ring.id} className="contents">
      <span className={i === 0 ? "comma" : ""}>{i === 0 ? `, ${ring.name}s` : `and ${ring.name}s`}</span>
      <RingGiven
        label={`${ring.name}, inside`}
        wire={wire}
        value={inner[i] ?? 1}
        after={i === sizes.length - 1 ? after : ""}
        onChange={(value) =>
          onChange(
            sizes.map((_, k) => (k === i ? value : (inner[k] ?? value))),
            i,
          )
        }
      />
    </span>
  ));
}
