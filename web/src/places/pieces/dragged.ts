/** What is carried while something is dragged over the board. */
import type { DragEvent } from "react";

/** A part of the piece, by its number as written. */
export const PART = "application/x-toroid-part";
/** Something from the drawer, as a line writes it. */
export const WARE = "application/x-toroid-ware";

export interface Dropped {
  /** The part that is moved; null for one from the drawer. */
  from: number | null;
  line: string | null;
  /** Whether it was let go over the right half. */
  behind: boolean;
}

/** What was let go over something; null for what is none of ours. */
export function dropped(event: DragEvent<Element>): Dropped | null {
  const part = event.dataTransfer.getData(PART);
  const line = event.dataTransfer.getData(WARE);
  if (part === "" && line === "") {
    return null;
  }
  event.preventDefault();
  const box = event.currentTarget.getBoundingClientRect();
  return {
    from: part === "" ? null : Number(part),
    line: line === "" ? null : line,
    behind: event.clientX > box.left + box.width / 2,
  };
}
