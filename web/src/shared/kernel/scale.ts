import { useSyncExternalStore } from "react";
import { MM_PER_INCH } from "../../quantity/inches";

/**
 * Pixels per millimetre of this very screen, set once against a bank-size card (ISO/IEC 7810 ID-1, 85.60 mm wide). Kept in the
 * browser, since it belongs to the screen and not to the workshop.
 */
export const CARD_WIDTH_MM = 85.6;
export const CARD_HEIGHT_MM = 53.98;
const KEY = "toroid:pixels-per-mm";
/** What a browser takes a screen for: CSS counts 96 px to an inch. */
const UNSET = 96 / MM_PER_INCH;
const listeners = new Set<() => void>();

function read(): number {
  const kept = Number(localStorage.getItem(KEY));
  return kept >= 1 && kept <= 30 ? kept : UNSET;
}

export function setPixelsPerMm(value: number): void {
  localStorage.setItem(KEY, String(value));
  listeners.forEach((listener) => listener());
}

export function isCalibrated(): boolean {
  return localStorage.getItem(KEY) !== null;
}

export function usePixelsPerMm(): number {
  return useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, read);
}
