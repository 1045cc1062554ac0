/**
 * A hand scanner types like a keyboard, faster than hands do, and ends with Enter. What it types where nothing is typed is taken whole:
 * the first sign is heard by the page at once, as every key is, since nobody knows yet what follows; signs that come right behind it are
 * held until the next is late, and given to the page then as if just pressed.
 */
const CODE = /^[2-9A-HJ-NP-TV-Z]{8}$/i;
const LONGEST = 300;
/** Opens a field at once, where what follows is typed: no scan begins with it. */
const OPENS = "/?";
/** A scanner's signs come closer than this. */
const APART_MS = 70;

/** The code in what was scanned: the bars hold it alone, the square code at the end of an address. */
export function codeIn(scanned: string): string | null {
  const last = scanned.trim().split("/").at(-1) ?? "";
  return CODE.test(last) ? last.toUpperCase() : null;
}

/**
 * Hears a scanner; answers how to stop.
 *
 * @param belongs whether keys belong to a field just now
 */
export function onScan(
  found: (code: string) => void,
  belongs: (target: EventTarget | null) => boolean,
): () => void {
  let first = "";
  let at = -Infinity;
  let held: KeyboardEvent[] = [];
  let timer: ReturnType<typeof setTimeout> | undefined;
  let replaying = false;
  const release = () => {
    clearTimeout(timer);
    const keys = held;
    held = [];
    replaying = true;
    keys.forEach((key) => key.target?.dispatchEvent(new KeyboardEvent("keydown", again(key))));
    replaying = false;
  };
  const hold = (event: KeyboardEvent) => {
    swallow(event);
    held.push(event);
    clearTimeout(timer);
    timer = setTimeout(release, APART_MS);
  };
  const hear = (event: KeyboardEvent) => {
    if (replaying || event.key === "Shift") {
      return;
    }
    const plain = !modified(event) && !belongs(event.target);
    const opens = held.length === 0 && OPENS.includes(event.key);
    const close = Date.now() - at <= APART_MS;
    if (plain && isSign(event) && !opens && held.length < LONGEST) {
      at = Date.now();
      if (close) {
        hold(event);
      } else {
        release();
        first = event.key;
      }
      return;
    }
    const scanned = first + held.map((key) => key.key).join("");
    const code = plain && close && event.key === "Enter" ? codeIn(scanned) : null;
    at = -Infinity;
    if (code === null) {
      release();
      return;
    }
    held = [];
    clearTimeout(timer);
    swallow(event);
    found(code);
  };
  window.addEventListener("keydown", hear, true);
  return () => {
    clearTimeout(timer);
    window.removeEventListener("keydown", hear, true);
  };
}

function swallow(event: KeyboardEvent): void {
  event.preventDefault();
  event.stopImmediatePropagation();
}

const modified = (event: KeyboardEvent) => event.ctrlKey || event.altKey || event.metaKey;
const isSign = (event: KeyboardEvent) => event.key.length === 1 && event.key !== " ";

const again = ({ key, code, shiftKey, repeat }: KeyboardEvent): KeyboardEventInit => ({
  key,
  code,
  shiftKey,
  repeat,
  bubbles: true,
  cancelable: true,
});
