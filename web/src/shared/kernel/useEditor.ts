import { useEffect, useMemo, useSyncExternalStore } from "react";
import type { Kept } from "../../api/types";
import { Editor } from "./editor";

const editors = new Map<string, Editor<unknown>>();

/** The one editor of a kept thing, wherever it is shown. */
export function editorOf<D>(
  path: string,
  kept: { id: string; version: number | null; data: D },
  project?: (data: D) => D,
): Editor<D> {
  const draft = kept.version === null;
  const key = `${path}/${kept.id}`;
  let editor = editors.get(key) as Editor<D> | undefined;
  if (!editor) {
    editor = new Editor(path, kept.id, kept.version, kept.data, project, draft);
    editors.set(key, editor as unknown as Editor<unknown>);
  }
  return editor;
}

/** The editor that was opened on what stands at that path, "jobs/form/7"; undefined where none was. */
export const openEditor = (at: string): Editor<unknown> | undefined => editors.get(at);

/** Edits a kept thing in a component. */
export function useEditor<D>(path: string, kept: Kept<D>, project?: (data: D) => D) {
  // made once for each thing
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const editor = useMemo(() => editorOf(path, kept, project), [path, kept.id]);
  useEffect(() => editor.refresh(kept), [editor, kept]);
  const snapshot = useSyncExternalStore(editor.subscribe, editor.get);
  return { editor, data: snapshot.data, state: snapshot.state };
}
