/** Readings that an earlier version of this app left on the device. */
import * as z from "zod/mini";
import type { Quantity } from "../../api/types";
import type { Sent } from "./reading";
import { stored } from "./stored";

const PREFIX = "toroid:unsaved:readings/";
const EARLIER = ["toroid:unsaved:measurements/", "toroid:unsaved:form-measurements/"];

/** What an earlier version of this app kept here, in today's terms. */
export function takeOver(): void {
  for (const prefix of EARLIER) {
    for (const key of Object.keys(localStorage).filter((one) => one.startsWith(prefix))) {
      const old = stored(key, EARLIER_READING);
      if (old !== null) {
        localStorage.setItem(PREFIX + key.slice(prefix.length), JSON.stringify(inTodaysTerms(old)));
        localStorage.removeItem(key);
      }
    }
  }
}

/** As earlier versions wrote them; what cannot be read as one is left where it lies. */
const EARLIER_READING = z.object({
  measured: z.string() as z.ZodMiniType<Quantity>,
  takenAt: z.string(),
  note: z.string(),
  spoolId: z.nullable(z.string()),
  /** Of a coil or its rings. */
  runId: z.nullish(z.string()),
  step: z.nullish(z.number()),
  valueMm: z.optional(z.number()),
  wireDiameterMm: z.optional(z.number()),
  mandrelDiameterMm: z.optional(z.number()),
  turnsPerRing: z.optional(z.number()),
  predictedMm: z.nullish(z.number()),
  cut: z.optional(
    z.object({
      method: z.string(),
      kerfMm: z.nullable(z.number()),
      trimMm: z.nullable(z.number()),
      flipped: z.nullable(z.boolean()),
    }),
  ),
  /** Of a form. */
  sessionId: z.nullish(z.string()),
  formId: z.optional(z.string()),
  value: z.optional(z.number()),
  wireMm: z.optional(z.number()),
  predicted: z.nullish(z.number()),
  tailMm: z.nullish(z.number()),
});
type Earlier = z.infer<typeof EARLIER_READING>;

/** Of a ring run by its step; of a form by what was sent with it, since its step was not kept. */
function inTodaysTerms(old: Earlier): Sent {
  const { measured: quantity, takenAt, note } = old;
  const lot = old.spoolId ? { lotId: old.spoolId } : {};
  if (old.formId === undefined) {
    const at = quantity.startsWith("COIL")
      ? `coil-${Math.floor((old.step ?? 0) / 5) + 1}/measure-coil`
      : "rings/measure-rings";
    return {
      quantity,
      takenAt,
      note,
      value: old.valueMm!,
      ...lot,
      ...(old.runId && { runId: old.runId, operation: at }),
      context: {
        wireMm: old.wireDiameterMm!,
        rodMm: old.mandrelDiameterMm!,
        turns: old.turnsPerRing ?? 1,
        cut: (old.cut?.method ?? "none") as "none" | "saw" | "flush",
        lossMm: old.cut?.kerfMm ?? old.cut?.trimMm ?? 0,
        flipped: old.cut?.flipped ?? true,
      },
    };
  }
  const tail = old.tailMm ?? null;
  const length = quantity === "CUT_LENGTH" || quantity === "OFFCUT" || quantity === "SHORT";
  return {
    quantity,
    takenAt,
    note,
    value: old.value!,
    ...lot,
    ...(old.sessionId && { sessionId: old.sessionId }),
    ...(old.predicted != null && quantity !== "CUT_LENGTH" && { planned: old.predicted }),
    context: {
      formId: old.formId,
      wireMm: old.wireMm!,
      inPieceMm: quantity === "CUT_LENGTH" ? (old.predicted ?? null) : null,
      tailMm: length ? tail : null,
      leastMm: quantity === "FINISHED" ? (old.predicted ?? null) : null,
      plainMm: quantity === "FINISHED" ? tail : null,
      thickMm: quantity === "FLAT_WIDE" ? tail : null,
    },
  };
}
