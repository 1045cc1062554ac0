/** Takes a kept job away, and offers to bring it back. */
import type { NavigateFunction } from "react-router";
import { call, Problem } from "../api/client";
import { changed } from "../api/queries";
import type { Kept } from "../api/types";
import { say } from "./says";
import { editorOf } from "./useEditor";

/**
 * @param path where such jobs are kept: "form-jobs"
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
    changed(path, "bench");
    await navigate(home);
    say(`${now.data.name} was taken away.`, {
      label: "bring it back",
      run: () => {
        void call("POST", `/api/${path}/${kept.id}/restore`).then(() => changed(path, "bench"));
      },
    });
  } catch (failure) {
    say(
      failure instanceof Problem ? failure.body.detail : "The server is not answering; nothing was changed.",
    );
  }
}

/** Saves a kept job's export as a file, what is typed included. */
export async function takeFile<D>(path: string, kept: Kept<D>, format: string): Promise<void> {
  await editorOf(path, kept).flush();
  const link = document.createElement("a");
  link.href = `/api/${path}/${kept.id}/export/${format}`;
  link.download = "";
  link.click();
}
