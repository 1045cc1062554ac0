/** A list this device keeps, shared by all that look at it, in every tab. */
import { useSyncExternalStore } from "react";
import * as z from "zod/mini";
import { stored } from "./stored";

export interface DeviceList<T> {
  read: () => T[];
  write: (list: T[]) => void;
  use: () => T[];
}

export function deviceList<T>(key: string, shape: z.ZodMiniType<T>): DeviceList<T> {
  const listeners = new Set<() => void>();
  let text: string | null = null;
  let list: T[] = [];
  const tell = () => listeners.forEach((listener) => listener());
  const read = () => {
    const now = localStorage.getItem(key);
    if (now !== text) {
      text = now;
      list = stored(key, z.array(shape)) ?? [];
    }
    return list;
  };
  const subscribe = (listener: () => void) => {
    const elsewhere = (event: StorageEvent) => event.key === key && listener();
    listeners.add(listener);
    window.addEventListener("storage", elsewhere);
    return () => {
      listeners.delete(listener);
      window.removeEventListener("storage", elsewhere);
    };
  };
  return {
    read,
    write: (to) => {
      try {
        localStorage.setItem(key, JSON.stringify(to));
      } catch {
        // a private window keeps nothing: the list holds until it is shut
      }
      text = localStorage.getItem(key);
      list = to;
      tell();
    },
    use: () => useSyncExternalStore(subscribe, read),
  };
}
