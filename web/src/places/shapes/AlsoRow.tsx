import type { FormJobData } from "../../api/types";
import type { ChangeForm } from "./FormSentence";

const ALSO: [string, string][] = [
  ["straighten", "straighten"],
  ["anneal", "anneal first"],
  ["harden", "twist hard"],
  ["file", "file the ends"],
  ["solder", "solder"],
  ["hammer", "hammer"],
  ["dome", "dome"],
];

/** Steps any form may have besides its own: each on or off. */
export function AlsoRow({ data, change }: { data: FormJobData; change: ChangeForm }) {
  const chosen = (data.parameters.also ?? []) as string[];
  const toggle = (word: string) => {
    const now = chosen.includes(word) ? chosen.filter((one) => one !== word) : [...chosen, word];
    const { also: _, ...rest } = data.parameters;
    change({ parameters: now.length === 0 ? rest : { ...rest, also: now } }, `also ${word}`);
  };
  return (
    <div className="also" role="group" aria-label="Besides its own steps">
      <span>besides</span>
      {ALSO.map(([word, said]) => (
        <button
          key={word}
          className="quiet small"
          aria-pressed={chosen.includes(word)}
          onClick={() => toggle(word)}
        >
          {said}
        </button>
      ))}
    </div>
  );
}
