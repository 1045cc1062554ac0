/** Keys of the page, and whether they belong to what has the focus. */
import { tinykeys, type KeybindingsMap } from "tinykeys";

/** Whether keys belong to what has the focus: text fields, choices, an open dialog. A slider or a tick box types nothing. */
export function typing(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) {
    return false;
  }
  const field = target.closest("input, textarea, select, dialog");
  return field !== null && !field.matches("input[type=range], input[type=radio], input[type=checkbox]");
}

/** Listens to keys of the page, a held one again and again; answers how to stop. They go unheard where they belong to something else. */
export function onKeys(
  keys: KeybindingsMap,
  elsewhere: (target: EventTarget | null) => boolean = typing,
): () => void {
  return tinykeys(window, keys, { ignore: (event) => elsewhere(event.target) });
}
