import { failureWords } from "../../shared/words/refused";
import { useState } from "react";
import { call } from "../../api/client";
import { changed } from "../../api/queries";
import type { WeaveEntry } from "../../api/types";
import { FileButton } from "../../shared/shell/FileButton";
import { say } from "../../shared/kernel/says";
import { broughtBack } from "../../shared/kernel/takeAway";

/** Takes a file in; its id among the weaves. */
async function takenIn(file: File): Promise<string> {
  const text = await file.text();
  const weave = await call<WeaveEntry>("POST", "/api/own-weaves", text, undefined, "text/plain");
  changed("weaves");
  say(`${weave.name} is among the weaves.`);
  return weave.id;
}

/** Takes one away, and offers to bring it back. */
async function taken({ own, name }: WeaveEntry): Promise<void> {
  await call("DELETE", `/api/own-weaves/${own}`);
  changed("weaves");
  say(`${name} was taken away.`, {
    label: "bring it back",
    run: () => void broughtBack("own-weaves", own!, "weaves"),
  });
}

/** Weaves of the maker's own, in the open format: in, out, away. */
export function OwnWeaves({ weave, onTaken }: { weave: WeaveEntry; onTaken: (id: string) => void }) {
  const [refused, setRefused] = useState<string | null>(null);
  const take = async (chosen: File) => {
    setRefused(null);
    try {
      onTaken(await takenIn(chosen));
    } catch (failure) {
      setRefused(failureWords(failure, "The server is not answering; the file was not taken in."));
    }
  };
  const away = async () => {
    try {
      await taken(weave);
    } catch (failure) {
      setRefused(failureWords(failure, "The server is not answering; nothing was changed."));
    }
  };
  return (
    <div className="own-weaves small">
      <FileButton
        label="A weave as a file"
        accept=".json,application/json"
        className="quiet small"
        onFile={(chosen) => void take(chosen)}
      >
        bring a weave in
      </FileButton>
      <a className="quiet small" href={`/api/weaves/${weave.id}/file`} download={`${weave.id}.json`}>
        this one as a file
      </a>
      {weave.own && (
        <button className="quiet small" onClick={() => void away()}>
          take it away
        </button>
      )}
      {refused && (
        <p className="stop" role="alert">
          {refused}
        </p>
      )}
    </div>
  );
}
