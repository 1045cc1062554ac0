import type { NotebookEntry } from "../../api/types";
import { reasonWords, SKIPPED, SPOILT } from "../../shared/words/astrayWords";

type Told = NonNullable<NotebookEntry["glance"]>;

const many = (times: number) => (times > 1 ? `${times} ` : "");

/** What failed in a run and what was passed by, each with its reason. */
export function Otherwise({ glance }: { glance: Told }) {
  const { failed, passed } = glance;
  const said = [
    ...failed.map(
      (one) =>
        `${many(one.times)}failed${one.part && ` at the ${one.part}`}: ${reasonWords(SPOILT, one.why, one.said)}`,
    ),
    ...passed.map(
      (one) =>
        `skipped ${verbOf(one.verb)}${one.part && ` of the ${one.part}`}: ${reasonWords(SKIPPED, one.why, one.said)}`,
    ),
  ];
  return said.length === 0 ? null : <p className="small soft">{said.join("; ")}</p>;
}

const verbOf = (verb: string) => verb.toLowerCase().replaceAll("_", " ");
