import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { call, Problem } from "../../api/client";
import { usePreferences } from "../../api/queries";
import type { RingSheet } from "../../api/types";
import { size, sizeText } from "../../quantity/format";
import { ringsOf } from "../kernel/newJob";
import { NumberInput } from "./NumberInput";

interface RingWire {
  spoolId: string | null;
  metal: string;
  wireDiameterMm: number;
}

/** Rings this near are one and the same, mm. */
const SAME_MM = 0.005;

/** A ring for a weave, given by its inside or by the rod it is wound on: what it will be is the Rings place's own answer. */
export function RingGiven({
  label,
  wire,
  value,
  after = "",
  onChange,
}: {
  label: string;
  wire: RingWire;
  value: number;
  /** What the sentence sets behind it, on the same line. */
  after?: string;
  onChange: (innerMm: number) => void;
}) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const rods = useRodRings(wire);
  const on = rods.find((rod) => Math.abs(rod.closedInnerMm - value) < SAME_MM);
  return (
    <>
      <NumberInput label={label} value={value} minimum={0.3} onChange={onChange} />
      {rods.length === 0 ? (
        <span>inside{after}</span>
      ) : (
        <select
          className="word-select"
          aria-label={`${label}, given by`}
          value={on?.id ?? ""}
          onChange={(event) => {
            const rod = rods.find((one) => one.id === event.target.value);
            if (rod) {
              onChange(Number(rod.closedInnerMm.toFixed(4)));
            }
          }}
        >
          <option value="">inside{after}</option>
          {rods.map((rod) => (
            <option key={rod.id} value={rod.id}>
              inside, wound on the {size(rod.diameterMm, units, 1).value} rod
              {rod === on ? after : `: ${sizeText(rod.closedInnerMm, units)}`}
            </option>
          ))}
        </select>
      )}
    </>
  );
}

interface RodRing {
  id: string;
  diameterMm: number;
  closedInnerMm: number;
}

/** The ring this wire gives on each rod of the shelf, closed, cut as the maker usually cuts. */
function useRodRings(wire: RingWire): RodRing[] {
  const choices = usePreferences().data?.data;
  const job =
    choices &&
    ringsOf(choices, {
      name: "Rings",
      spoolId: wire.spoolId,
      metal: wire.metal,
      wireMm: wire.wireDiameterMm,
      innerMm: 4 * wire.wireDiameterMm,
      count: 1,
    });
  const { data } = useQuery({
    queryKey: ["sheet", job],
    queryFn: ({ signal }) => call<RingSheet>("POST", "/api/rings/sheet", job, signal),
    enabled: job !== undefined,
    placeholderData: keepPreviousData,
    retry: (times, failure) => !(failure instanceof Problem) && times < 20,
    retryDelay: 1000,
  });
  return (data?.rods ?? []).flatMap((rod) =>
    rod.closedInnerMm === null
      ? []
      : [{ id: rod.id, diameterMm: rod.diameterMm, closedInnerMm: rod.closedInnerMm }],
  );
}
