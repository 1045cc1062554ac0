/** Takes kept things away, brings them back, and saves them as files. */
import { failureWords } from "../words/refused";
import type { NavigateFunction } from "react-router";
import { call, fetchFile } from "../../api/client";
import { changed, readAnew } from "../../api/queries";
import type { Kept } from "../../api/types";
import { say } from "./says";
import { editorOf } from "./useEditor";

/**
 * @param path where such jobs are kept: "jobs/form"
 * @param home where to go when it is gone
 */
export async function takeAway<D extends { name: string }>(
  path: string,
  kept: Kept<D>,
  home: string,
  navigate: NavigateFunction,
): Promise<void> {
  try {
    await editorOf(path, kept).flush();
    const now = await call<Kept<D>>("GET", `/api/${path}/${kept.id}`);
    await call("DELETE", `/api/${path}/${kept.id}?version=${now.version}`);
    changed("bench");
    await readAnew(path);
    await navigate(home);
    say(`${now.data.name} was taken away.`, {
      label: "bring it back",
      run: () => void broughtBack(path, kept.id, "bench"),
    });
  } catch (failure) {
    say(failureWords(failure, "The server is not answering; nothing was changed."));
  }
}

/**
 * Brings back what was taken away, in its list and in all that shows it; says so where it could not.
 *
 * @param path where such things are kept: "jobs/form", "spools"
 */
export async function broughtBack(path: string, id: string, ...alsoShown: string[]): Promise<void> {
  try {
    await call("POST", `/api/${path}/${id}/restore`);
  } catch (failure) {
    say(failureWords(failure, "The server is not answering; nothing was brought back."));
    return;
  }
  changed(...alsoShown);
  await readAnew(path);
}

/** Saves a kept job's export as a file, what is typed included. */
export async function takeFile<D extends { name: string }>(
  path: string,
  kept: Kept<D>,
  format: string,
): Promise<void> {
  await editorOf(path, kept).flush();
  await saveFile(kept.data.name, format, () => fetchFile(`/api/${path}/${kept.id}/export/${format}`));
}

/** Saves what is fetched under that name; says so where nothing came. */
export async function saveFile(name: string, format: string, fetched: () => Promise<Blob>): Promise<void> {
  try {
    const link = document.createElement("a");
    link.href = URL.createObjectURL(await fetched());
    link.download = `${fileName(name)}.${format}`;
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), KEPT_MS);
  } catch (failure) {
    say(failureWords(failure, "The server is not answering; no file was made."));
  }
}

/** Long enough for any browser to have begun saving it. */
const KEPT_MS = 60_000;

function fileName(name: string): string {
  const plain = name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "");
  return plain || "toroid";
}
