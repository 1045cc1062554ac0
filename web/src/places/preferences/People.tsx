import { useState } from "react";
import { call, fetchFile } from "../../api/client";
import { useBodies } from "../../api/queries";
import type { BodyPart, Choices, Person } from "../../api/types";
import { say } from "../../shared/kernel/says";
import { saveFile } from "../../shared/kernel/takeAway";
import { failureWords } from "../../shared/words/refused";
import { FileButton } from "../../shared/shell/FileButton";
import { NumberInput } from "../../shared/shell/NumberInput";
import { BODY_WORDS, isAtTheEar } from "../../shared/words/pieceWords";

interface Props {
  people: readonly Person[];
  change: (patch: Partial<Choices>, tag: string) => void;
}

/** Whom pieces are made for, as measured once: a name, where, how far round, how much longer they like it. */
export function People({ people, change }: Props) {
  const put = (next: readonly Person[], tag: string) => change({ people: [...next] }, tag);
  const set = (at: number, patch: Partial<Person>) =>
    put(
      people.map((one, i) => (i === at ? { ...one, ...patch } : one)),
      `person ${at}`,
    );
  return (
    <>
      {people.length > 0 && (
        <ul className="people">
          {people.map((person, i) => (
            <Row
              key={i}
              person={person}
              onSet={(patch) => set(i, patch)}
              onRemove={() =>
                put(
                  people.filter((_, k) => k !== i),
                  "people",
                )
              }
            />
          ))}
        </ul>
      )}
      <Another onAdd={(person) => put([...people, person], "people")} />
      <Shared people={people} onPeople={(more) => put([...people, ...more], "people")} />
    </>
  );
}

function Row({
  person,
  onSet,
  onRemove,
}: {
  person: Person;
  onSet: (patch: Partial<Person>) => void;
  onRemove: () => void;
}) {
  return (
    <li>
      <strong>{person.name}</strong>
      <span className="soft">{BODY_WORDS[person.part]}</span>
      {isAtTheEar(person.part) && <span className="soft">{measured(person.part)}</span>}
      <NumberInput
        label={`${person.name}, ${measured(person.part)}`}
        decimals={person.part === "EAR_EDGE" ? 1 : 0}
        step={person.part === "EAR_EDGE" ? 0.1 : 1}
        minimum={isAtTheEar(person.part) ? 0 : 30}
        value={person.girthMm}
        onChange={(girthMm) => onSet({ girthMm })}
      />
      {!isAtTheEar(person.part) && (
        <>
          <span className="soft">longer by</span>
          <NumberInput
            label={`${person.name}, longer by`}
            decimals={0}
            step={1}
            minimum={-50}
            value={person.easeMm}
            onChange={(easeMm) => onSet({ easeMm })}
          />
        </>
      )}
      <button
        className="quiet small"
        aria-label={`Take ${person.name}'s sizes along`}
        onClick={() => void takeAlong(person.name, [person])}
      >
        file
      </button>
      <button className="quiet small" aria-label={`Leave ${person.name} out`} onClick={onRemove}>
        leave out
      </button>
    </li>
  );
}

const takeAlong = (name: string, people: readonly Person[]) =>
  saveFile(name, "json", () => fetchFile("/api/people/export", { people }));

/** Their sizes to another workshop, and from one. */
function Shared({
  people,
  onPeople,
}: {
  people: readonly Person[];
  onPeople: (more: readonly Person[]) => void;
}) {
  const read = async (file: File) => {
    try {
      const text = await file.text();
      const told = await call<{ people: Person[] }>(
        "POST",
        "/api/people/import",
        text,
        undefined,
        "text/plain",
      );
      onPeople(told.people.filter((one) => !people.some((here) => same(here, one))));
    } catch (failure) {
      say(failureWords(failure, "The server is not answering; nobody was put down."));
    }
  };
  return (
    <p className="flex flex-wrap gap-x-6 small">
      {people.length > 1 && (
        <button className="quiet small" onClick={() => void takeAlong("people", people)}>
          all as a file
        </button>
      )}
      <FileButton
        label="A file of sizes"
        accept=".json,application/json"
        className="quiet small"
        onFile={(file) => void read(file)}
      >
        bring sizes in
      </FileButton>
    </p>
  );
}

/** The same measurement of the same person is not put down twice. */
const same = (one: Person, other: Person) =>
  one.name === other.name &&
  one.part === other.part &&
  one.girthMm === other.girthMm &&
  one.easeMm === other.easeMm;

/** What its size is. */
function measured(part: BodyPart): string {
  return part === "EAR" ? "drop" : part === "EAR_EDGE" ? "thickness" : "girth";
}

const MEASURED: readonly BodyPart[] = [
  "WRIST",
  "NECK",
  "ANKLE",
  "ANKLE_AND_FOOT",
  "WAIST",
  "FINGER",
  "EAR",
  "EAR_EDGE",
];

/** A name and what was measured; the sizes are usual ones until they are typed over. */
function Another({ onAdd }: { onAdd: (person: Person) => void }) {
  const bodies = useBodies().data ?? [];
  const [name, setName] = useState("");
  const [part, setPart] = useState<BodyPart>("WRIST");
  const view = bodies.find((one) => one.part === part);
  const add = () => {
    if (view && name.trim()) {
      onAdd({
        name: name.trim(),
        part,
        girthMm: view.usualGirthMm,
        easeMm: (view.eases[1] ?? view.eases[0])?.easeMm ?? 0,
      });
      setName("");
    }
  };
  return (
    <form
      className="people-another"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <input
        aria-label="Name of somebody"
        placeholder="a name"
        required
        maxLength={120}
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <select
        className="word-select"
        aria-label="What was measured"
        value={part}
        onChange={(event) => setPart(event.target.value as BodyPart)}
      >
        {MEASURED.map((one) => (
          <option key={one} value={one}>
            {BODY_WORDS[one]}
          </option>
        ))}
      </select>
      <button className="quiet">put down</button>
    </form>
  );
}
