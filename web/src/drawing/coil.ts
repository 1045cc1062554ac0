/** The coil strip: where lead, spoilt turns, rings, spare and tail fall along the wire's coil. */

export type Part = "lead" | "spoilt" | "keep" | "spare" | "leftover" | "tail";

export interface Segment {
  part: Part;
  from: number;
  to: number;
  turns: number;
}

export interface CoilToDraw {
  rings: number;
  turnsWound: number;
  spoiltTurns: number;
  leadMm: number;
  tailMm: number;
  woundLengthMm: number;
}

/** Leads and tails stick out straight; more than this is drawn broken off. */
const DRAWN_LEAD_MM = 18;

/**
 * Segments along the rod in mm from the left end of the lead. Turns are spread over the wound length; {@code spare} rings are
 * the last ones.
 */
export function coilSegments(coil: CoilToDraw, spare: number, turnsPerRing: number): Segment[] {
  const pitch = coil.woundLengthMm / (coil.turnsWound + 1);
  const spoilt = coil.spoiltTurns / 2;
  const rings = coil.turnsWound - coil.spoiltTurns;
  const perRing = coil.rings === 0 ? 0 : Math.min(rings / coil.rings, turnsPerRing * 1.5);
  const keep = Math.max(0, coil.rings - spare) * perRing;
  const spares = Math.min(spare, coil.rings) * perRing;
  const runs: [Part, number][] = [
    ["spoilt", spoilt],
    ["keep", keep],
    ["spare", spares],
    ["leftover", Math.max(0, rings - keep - spares)],
    ["spoilt", spoilt],
  ];
  const lead = Math.min(coil.leadMm, DRAWN_LEAD_MM);
  const segments: Segment[] = [{ part: "lead", from: 0, to: lead, turns: 0 }];
  let at = lead;
  for (const [part, turns] of runs) {
    if (turns > 1e-6) {
      segments.push({ part, from: at, to: at + turns * pitch, turns });
      at += turns * pitch;
    }
  }
  segments.push({ part: "tail", from: at, to: at + Math.min(coil.tailMm, DRAWN_LEAD_MM), turns: 0 });
  return segments;
}

/** Edges of whole turns within a segment, in mm; at most {@code most}, so that a long coil stays drawable. */
export function turnEdges(segment: Segment, most = 400): number[] {
  const count = Math.min(Math.round(segment.turns), most);
  const width = (segment.to - segment.from) / Math.max(1, count);
  return Array.from({ length: count }, (_, i) => segment.from + i * width);
}
