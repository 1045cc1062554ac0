/** What is marked in a photo: where the card's corners are, and what is measured. Kept on this device with the photo. */
import { createStore, del, get, set } from "idb-keyval";
import type { components } from "../../../api/schema";

export type Spot = components["schemas"]["SpotAt"];
export type Card = components["schemas"]["PhotoQuestion"]["card"];
export type MarkKind = components["schemas"]["MarkAt"]["kind"];
export type PhotoSize = components["schemas"]["PhotoSize"];

export interface Mark {
  kind: MarkKind;
  wireMm: number;
  spots: Spot[];
}

export interface Marked {
  picture: Blob;
  width: number;
  height: number;
  card: Card;
  corners: Spot[];
  marks: Mark[];
}

/** Fewer say nothing yet. */
export const LEAST: Record<MarkKind, number> = { ROUND: 3, ACROSS: 2 };
/** More are no way across. */
export const MOST: Record<MarkKind, number> = { ROUND: 24, ACROSS: 2 };

const here = () => createStore("toroid-photo-sizes", "marked");
const PICTURE = "picture";
const MARKS = "marks";

export async function kept(): Promise<Marked | undefined> {
  const picture = await get<Blob>(PICTURE, here());
  const marks = await get<Omit<Marked, "picture">>(MARKS, here());
  return picture && marks ? { ...marks, picture } : undefined;
}

export const keepPicture = (picture: Blob): Promise<void> => set(PICTURE, picture, here());

/** The marks alone: they change with every move, the photo does not. */
export function keepMarks({ width, height, card, corners, marks }: Marked): Promise<void> {
  return set(MARKS, { width, height, card, corners, marks }, here());
}

export async function forget(): Promise<void> {
  await del(MARKS, here());
  await del(PICTURE, here());
}

/** Corners to be drawn to the card's, in the middle of the picture. */
export function begun(picture: Blob, width: number, height: number): Marked {
  const w = Math.min(width, height) * 0.6;
  const h = w * 0.63;
  const x = (width - w) / 2;
  const y = (height - h) / 2;
  return {
    picture,
    width,
    height,
    card: "BANK_CARD",
    corners: [
      { x, y },
      { x: x + w, y },
      { x: x + w, y: y + h },
      { x, y: y + h },
    ],
    marks: [],
  };
}

const inside = ({ width, height }: Marked, { x, y }: Spot): Spot => ({
  x: Math.max(0, Math.min(width, x)),
  y: Math.max(0, Math.min(height, y)),
});

export function movedCorner(marked: Marked, at: number, to: Spot): Marked {
  return { ...marked, corners: marked.corners.map((one, i) => (i === at ? inside(marked, to) : one)) };
}

/** The mark with its spots changed. */
export function withSpots(marked: Marked, at: number, spots: (before: Spot[]) => Spot[]): Marked {
  return {
    ...marked,
    marks: marked.marks.map((one, i) => (i === at ? { ...one, spots: spots(one.spots) } : one)),
  };
}

export function movedSpot(marked: Marked, mark: number, at: number, to: Spot): Marked {
  return withSpots(marked, mark, (spots) => spots.map((one, i) => (i === at ? inside(marked, to) : one)));
}

/** One more spot of that mark; a way across that has both begins anew. */
export function withSpot(marked: Marked, mark: number, spot: Spot): Marked {
  return withSpots(marked, mark, (spots) =>
    marked.marks[mark]!.spots.length >= MOST[marked.marks[mark]!.kind]
      ? [inside(marked, spot)]
      : [...spots, inside(marked, spot)],
  );
}

export function withMark(marked: Marked, kind: MarkKind): Marked {
  const wireMm = marked.marks.at(-1)?.wireMm ?? 1;
  return { ...marked, marks: [...marked.marks, { kind, wireMm, spots: [] }] };
}
