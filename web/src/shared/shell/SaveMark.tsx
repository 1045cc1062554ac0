import { useEffect, useRef } from "react";
import type { Editor, SaveState } from "../kernel/editor";
import { refusalWords } from "../words/refused";

/** Says whether what is typed is kept; a refusal in a sentence; two tabs at odds, a choice. */
export function SaveMark<D>({
  editor,
  state,
  describe,
}: {
  editor: Editor<D>;
  state: SaveState<D>;
  describe: (data: D) => string;
}) {
  return (
    <>
      <span
        className={`tiny ${state.kind === "refused" ? "stop" : "soft"}`}
        role="status"
        data-save={state.kind}
      >
        {state.kind === "saved" && "saved"}
        {(state.kind === "saving" || state.kind === "waiting") && "saving"}
        {state.kind === "refused" && (
          <>
            Not saved. <span className="why-not">{refusalWords(state.problem)}</span>
          </>
        )}
        {state.kind === "conflict" && "changed elsewhere"}
      </span>
      {state.kind === "conflict" && (
        <Choice
          mine={describe(editor.get().data)}
          theirs={describe(state.theirs.data)}
          onMine={() => editor.keepMine()}
          onTheirs={() => editor.takeTheirs()}
        />
      )}
    </>
  );
}

function Choice(props: { mine: string; theirs: string; onMine: () => void; onTheirs: () => void }) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => dialog.current?.showModal(), []);
  return (
    <dialog
      ref={dialog}
      className="sheet-dialog"
      aria-labelledby="two-edits"
      onCancel={(event) => event.preventDefault()}
    >
      <h2 id="two-edits" className="text-2xl font-bold">
        Changed in another tab
      </h2>
      <p className="mt-2">Both stand below. Nothing is lost until you choose.</p>
      <dl className="my-5 grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        <dt className="soft">here</dt>
        <dd className="strong">{props.mine}</dd>
        <dt className="soft">there</dt>
        <dd className="strong">{props.theirs}</dd>
      </dl>
      <div className="flex flex-wrap gap-4">
        <button className="action" onClick={props.onMine}>
          Keep what is here
        </button>
        <button className="quiet" onClick={props.onTheirs}>
          Take what is there
        </button>
      </div>
    </dialog>
  );
}
