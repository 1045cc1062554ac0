/** What this device keeps, read again: a stranger's or an older version's writing is checked before it is believed. */
import type * as z from "zod/mini";

/** What lies under that key; null where nothing does, or nothing of that shape. */
export function stored<T>(key: string, shape: z.ZodMiniType<T>): T | null {
  const text = localStorage.getItem(key);
  if (text === null) {
    return null;
  }
  try {
    const read = shape.safeParse(JSON.parse(text));
    return read.success ? read.data : null;
  } catch {
    return null;
  }
}
