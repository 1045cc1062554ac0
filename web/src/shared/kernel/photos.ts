/**
 * Photos on their way. One lies on the device (IndexedDB) from before it is sent until the server has it or refuses it, under an id it
 * keeps at every try; a mark beside it tells the outbox. What is sent is drawn anew, smaller, so that where and with what it was taken
 * does not leave the device; a kind this browser cannot read goes as it is, and the server leaves that out.
 */
import { createStore, del, entries, set } from "idb-keyval";
import { call } from "../../api/client";
import { newId } from "../../api/newId";
import { changed } from "../../api/queries";
import { refusalWords } from "../words/refused";
import { isRefused } from "./refusedForGood";
import { say } from "./says";

const MARK = "toroid:unsaved:photo-files/";
const AGAIN_MS = 5000;

/** No side of what is sent is longer; the server keeps less. */
const MOST_PIXELS = 2400;
const QUALITY = 0.9;

interface Waiting {
  run: string;
  operation: string | null;
  takenAt: number;
  picture: Blob;
}

const here = () => createStore("toroid-photos", "waiting");

/**
 * Takes a photo in.
 *
 * @param operation at which it is taken, by its id; null for the whole
 * @returns whether the server has it; else it waits on this device
 * @throws Problem where the server refuses it; nothing is kept then
 */
export async function takePhoto(run: string, operation: string | null, file: Blob): Promise<boolean> {
  const id = newId();
  const one: Waiting = { run, operation, takenAt: Date.now(), picture: await upright(file, MOST_PIXELS) };
  const keeps = await lies(id, one);
  try {
    await send(id, one);
    await forget(id);
    return true;
  } catch (failure) {
    if (!keeps || isRefused(failure)) {
      await forget(id);
      throw failure;
    }
    later();
    return false;
  }
}

/** Upright, no side of it longer than that many points; as it is where this browser cannot read it. */
export async function upright(file: Blob, mostPixels: number): Promise<Blob> {
  try {
    const picture = await createImageBitmap(file);
    const share = Math.min(1, mostPixels / Math.max(picture.width, picture.height));
    const canvas = document.createElement("canvas");
    canvas.width = Math.max(1, Math.round(picture.width * share));
    canvas.height = Math.max(1, Math.round(picture.height * share));
    const onto = canvas.getContext("2d")!;
    onto.fillStyle = "#fff";
    onto.fillRect(0, 0, canvas.width, canvas.height);
    onto.drawImage(picture, 0, 0, canvas.width, canvas.height);
    picture.close();
    return await new Promise((resolve) =>
      canvas.toBlob((drawn) => resolve(drawn ?? file), "image/jpeg", QUALITY),
    );
  } catch {
    return file;
  }
}

/** Whether the device keeps it: a private window may not. */
async function lies(id: string, one: Waiting): Promise<boolean> {
  try {
    await set(id, one, here());
    localStorage.setItem(MARK + id, JSON.stringify({ name: "" }));
    return true;
  } catch {
    return false;
  }
}

async function forget(id: string): Promise<void> {
  localStorage.removeItem(MARK + id);
  await del(id, here()).catch(() => {
    // a device that keeps nothing has nothing to forget
  });
}

async function send(id: string, { run, operation, picture }: Waiting): Promise<void> {
  const at = operation === null ? "" : `&operation=${encodeURIComponent(operation)}`;
  await call(
    "PUT",
    `/api/photos/${id}/picture?run=${run}${at}`,
    picture,
    undefined,
    "application/octet-stream",
  );
  changed("photos");
}

let sending: Promise<void> | null = null;
let timer: ReturnType<typeof setTimeout> | undefined;

/** Sends all that waits on this device, in the order taken; what cannot be sent yet is tried again by itself. */
export function sendPhotos(): Promise<void> {
  return (sending ??= sendAll().finally(() => (sending = null)));
}

async function sendAll(): Promise<void> {
  clearTimeout(timer);
  const waiting = await entries<string, Waiting>(here()).catch(() => []);
  waiting.sort(([, a], [, b]) => a.takenAt - b.takenAt);
  for (const [id, one] of waiting) {
    if (localStorage.getItem(MARK + id) === null) {
      await forget(id); // given up in the outbox
      continue;
    }
    try {
      await send(id, one);
    } catch (failure) {
      if (!isRefused(failure)) {
        later();
        return;
      }
      say(`A photo kept here was refused: ${refusalWords(failure.body)}`);
    }
    await forget(id);
  }
}

function later(): void {
  clearTimeout(timer);
  timer = setTimeout(() => void sendPhotos(), AGAIN_MS);
}
