import { useMemo, type ComponentProps } from "react";
import { some } from "../../drawing/patch";
import { RingsView } from "./RingsView";

interface Props extends Omit<ComponentProps<typeof RingsView>, "patch" | "tools"> {
  /** Every ring of the patch laid: centre, normal, radius. */
  rings: Float32Array;
  /** Places of the rings that are shown. */
  which: readonly number[];
  colours: readonly number[];
  /** Wire of each ring of the whole patch, where they are not of one. */
  wires?: readonly number[];
}

/** Part of a patch; rings are named by their places in the whole patch. */
export function PatchScene({
  rings,
  which,
  colours,
  wires,
  open,
  chosen,
  linked,
  tags,
  onPick,
  focus,
  ...rest
}: Props) {
  const patch = useMemo(() => some(rings, which, colours, wires), [rings, which, colours, wires]);
  const place = useMemo(() => new Map(which.map((n, at) => [n, at])), [which]);
  const openAt = open ? place.get(open.ring) : undefined;
  const shownChosen = useMemo(() => (chosen ? placed(chosen, place) : null), [place, chosen]);
  const shownLinked = useMemo(() => placed(linked ?? new Set(), place), [place, linked]);
  const shownFocus = useMemo(
    () => (focus ? focus.map((n) => place.get(n)).filter((at) => at !== undefined) : null),
    [place, focus],
  );
  return (
    <RingsView
      {...rest}
      patch={patch}
      open={open && openAt !== undefined ? { ring: openAt, angle: open.angle } : null}
      chosen={shownChosen}
      linked={shownLinked}
      focus={shownFocus}
      tags={(tags ?? [])
        .filter((tag) => place.has(tag.ring))
        .map((tag) => ({ ...tag, ring: place.get(tag.ring)! }))}
      onPick={onPick && ((at) => onPick(at === null ? null : which[at]!))}
    />
  );
}

/** Rings of the whole by their place in what is shown; those not shown are left out. */
function placed(rings: ReadonlySet<number>, place: ReadonlyMap<number, number>): Set<number> {
  return new Set([...rings].map((n) => place.get(n)).filter((at) => at !== undefined));
}
