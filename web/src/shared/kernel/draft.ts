/** Something looked at and not kept yet: a ring, a form. It is kept once it is changed or made, and has its address from then on. */
import { useEffect, useState } from "react";
import { newId } from "../../api/newId";
import type { Kept } from "../../api/types";
import type { Editor } from "./editor";

/** A draft of that content, with the id it will be kept under. */
export function useDraft<D>(data: D): Kept<D> {
  const [draft] = useState(() => ({
    id: newId(),
    // a version of nothing: the editor's word for what the server does not have
    version: null as unknown as number,
    updatedAt: new Date().toISOString(),
    deleted: false,
    data,
  }));
  return draft;
}

/** Gives a draft its own address as soon as it is kept, without leaving the page. */
export function useOwnAddress<D>(kept: Kept<D>, editor: Editor<D>, place: string): void {
  useEffect(() => {
    if ((kept.version as number | null) !== null) {
      return;
    }
    return editor.subscribe(() => {
      const own = `${place}/${kept.id}`;
      if (
        editor.isKept &&
        window.location.pathname !== own &&
        window.location.pathname.startsWith(`${place}/new`)
      ) {
        window.history.replaceState(window.history.state, "", own);
      }
    });
  }, [kept, editor, place]);
}
