/** What each kind of job is called, where it lives, what a list says of it. */
import { refusalWords } from "./refused";
import type { InHand, JobKind } from "../../api/types";
import { many, sizeText, type Units } from "../../quantity/format";
import { operationTitle } from "./operationWords";
import { cutWords } from "./wireCuts";

const PLACES: Record<JobKind, string> = {
  ring: "/rings",
  form: "/shapes",
  weave: "/weaves",
  medallion: "/weaves/medallion",
  piece: "/pieces",
};

/** Where a job is drawn and mended. */
export const placeOfJob = (kind: JobKind, id: string): string => `${PLACES[kind]}/${id}`;

/** "168 rings, 1.20 mm wire, 6.20 mm inside"; "8 copies, 1.63 mm wire, cut 67.0 mm"; "byzantine, 90 rings". */
export function sketchWords(row: InHand, units: Units): string {
  if (!row.glance?.sketch) {
    return "";
  }
  if (row.kind === "ring") {
    const { ringCount, sizes, wireDiameterMm } = row.glance.sketch;
    return [
      many(ringCount, "ring"),
      `${sizeText(wireDiameterMm, units)} wire`,
      ...(sizes ? [`${sizeText(sizes.closedInnerMm, units)} inside`] : []),
    ].join(", ");
  }
  if (row.kind === "form") {
    const { copies, wireDiameterMm, wires } = row.glance.sketch;
    return [
      many(copies, "copy", "copies"),
      `${sizeText(wireDiameterMm, units)} wire`,
      ...(wires.length > 0 ? [`cut ${cutWords(wires, units)}`] : []),
    ].join(", ");
  }
  if (row.kind === "medallion") {
    const { arms, weave, total } = row.glance.sketch;
    return [`${arms} arms of ${weave}`, ...(total > 0 ? [many(total, "ring")] : [])].join(", ");
  }
  if (row.kind === "piece") {
    const { lengthMm, parts, pair } = row.glance.sketch;
    return [
      ...(pair ? ["a pair"] : []),
      ...(parts > 0 ? [many(parts, "part"), `${sizeText(lengthMm, units, 0)} long`] : []),
    ].join(", ");
  }
  const { weave, total } = row.glance.sketch;
  return total > 0 ? `${weave}, ${many(total, "ring")}` : weave;
}

/** What comes next, or why nothing can. */
export function nextWords(row: InHand): string {
  const { glance } = row;
  if (!glance) {
    return "being looked at";
  }
  if (glance.refusal) {
    return refusalWords(glance.refusal);
  }
  if (row.finished) {
    return "made and noted";
  }
  if (!glance.next) {
    return (row.kind === "weave" || row.kind === "medallion") && row.glance?.sketch
      ? `not begun: close ${row.glance.sketch.preClosed}, open ${row.glance.sketch.opened}`
      : "not begun";
  }
  if (glance.next.verb === "PUT_IN") {
    return `next: ring ${glance.count + 1} of ${glance.times}`;
  }
  const counted = glance.next.counted && glance.times > 1 ? `, ${glance.count} of ${glance.times}` : "";
  return `next: ${operationTitle(glance.next).toLowerCase()}${counted}`;
}
