/** Whether keys belong to what has the focus: text fields, choices, an open dialog. A slider or a tick box types nothing. */
export function typing(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) {
    return false;
  }
  const field = target.closest("input, textarea, select, dialog");
  return field !== null && !field.matches("input[type=range], input[type=radio], input[type=checkbox]");
}
