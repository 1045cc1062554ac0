import { failureWords } from "../../shared/words/refused";
import type { ReactNode } from "react";
import { Link } from "react-router";
import { call } from "../../api/client";
import { changed, readAnew } from "../../api/queries";
import type { Kept } from "../../api/types";
import { SaveMark } from "../../shared/shell/SaveMark";
import { say } from "../../shared/kernel/says";
import { broughtBack } from "../../shared/kernel/takeAway";
import { remember } from "../../shared/kernel/undo";
import { useEditor } from "../../shared/kernel/useEditor";
import { newId } from "../../api/newId";

/** Keeps a new thing; the row appears with the list. */
export async function addKept<D>(path: string, data: D): Promise<void> {
  const id = newId();
  try {
    await call("PUT", `/api/${path}/${id}`, { version: null, data });
    remember(
      "a new row",
      () => void takeAway(path, id),
      () => void bringBack(path, id),
    );
    changed(path, "lots", "spools", "ring-table", "sheet");
  } catch (failure) {
    say(failureWords(failure, "The server is not answering; nothing was added."));
  }
}

async function takeAway(path: string, id: string): Promise<void> {
  const kept = await call<Kept<unknown>>("GET", `/api/${path}/${id}`);
  await call("DELETE", `/api/${path}/${id}?version=${kept.version}`);
  changed(path, "lots", "ring-table", "sheet", "bench");
  // nothing is typed into a row that is about to go
  await readAnew(path);
}

const bringBack = (path: string, id: string) => broughtBack(path, id, "lots", "ring-table", "sheet", "bench");

interface RowProps<D> {
  path: string;
  kept: Kept<D>;
  cells: (data: D, change: (patch: Partial<D>, tag: string) => void) => ReactNode;
  /** What it is called. */
  nameOf: (data: D) => string;
  /** Where more of it is shown. */
  more?: string;
}

/** One editable row: its cells, whether it is saved, and a way to take it away and bring it back. */
export function KeptRow<D extends object>({ path, kept, cells, nameOf, more }: RowProps<D>) {
  const { editor, data, state } = useEditor(path, kept);
  const remove = async () => {
    try {
      await editor.flush();
      await takeAway(path, kept.id);
    } catch (failure) {
      say(failureWords(failure, "The server is not answering; nothing was taken away."));
      return;
    }
    remember(
      `took away ${nameOf(data)}`,
      () => void bringBack(path, kept.id),
      () => void takeAway(path, kept.id),
    );
    say(`${nameOf(data)} is taken away.`, {
      label: "Bring it back",
      run: () => void bringBack(path, kept.id),
    });
  };
  return (
    <tr>
      {cells(data, (patch, tag) => editor.change(patch, tag))}
      <td className="text-right whitespace-nowrap">
        <span className={state.kind === "saved" ? "sr-only" : "inline-block max-w-[220px] whitespace-normal"}>
          <SaveMark
            editor={editor}
            state={state}
            describe={(row) => Object.values(row).filter(Boolean).join(", ")}
          />
        </span>
        {more && (
          <Link className="quiet small" to={more} aria-label={`Open ${nameOf(data)}`}>
            open
          </Link>
        )}{" "}
        <button
          className="quiet small"
          aria-label={`Take away ${nameOf(data)}`}
          onClick={() => void remove()}
        >
          take away
        </button>
      </td>
    </tr>
  );
}

export function NameCell({ name, onChange }: { name: string; onChange: (name: string) => void }) {
  return (
    <td>
      <input
        className="plain-input w-full min-w-[136px]"
        aria-label="Name"
        maxLength={120}
        value={name}
        onChange={(e) => onChange(e.target.value)}
      />
    </td>
  );
}
