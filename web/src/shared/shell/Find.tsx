import { useState, type ReactNode } from "react";
import { Link } from "react-router";
import {
  useCatalogue,
  useFormJobs,
  useJobs,
  useMedallionJobs,
  usePieceJobs,
  useStarters,
  useWeaveJobs,
  useWeaves,
} from "../../api/queries";
import { SearchField } from "./SearchField";
import {
  formToFind,
  OTHERS,
  ownToFind,
  ranked,
  starterToFind,
  weaveToFind,
  type Findable,
  type FoundIn,
} from "../kernel/finder";

const PLACES: FoundIn[] = ["Rings", "Shapes", "Weaves", "Pieces"];
const SHOWN = 6;

/** Looked for in one place, found in all. */
export function FindField(props: { words: string; onWords: (words: string) => void }) {
  return <SearchField label="Find a ring, a shape, a weave" placeholder="find anything" {...props} />;
}

/** Beside a place's head, what is looked for; under it what was found. What is typed is nobody else's, so that no key draws the place anew. */
export function Finding({ head, beside }: { head: ReactNode; beside?: ReactNode }) {
  const [words, setWords] = useState("");
  return (
    <div className="finding">
      <div className="flex flex-wrap items-baseline justify-between gap-x-8">
        {head}
        <span className="flex items-baseline gap-6">
          <FindField words={words} onWords={setWords} />
          {beside}
        </span>
      </div>
      <Found words={words} />
    </div>
  );
}

interface FoundProps {
  words: string;
  without?: FoundIn;
}

/** Everything of those words, place by place. */
export function Found(props: FoundProps) {
  return props.words.trim() === "" ? null : <FoundOf {...props} />;
}

function FoundOf({ words, without }: FoundProps) {
  const all = useFindable();
  const found = ranked(
    all.filter((one) => one.place !== without),
    (one) => one,
    words,
  );
  return (
    <div className="found" role="status">
      {PLACES.filter((place) => found.some((one) => one.place === place)).map((place) => (
        <Group key={place} place={place} found={found.filter((one) => one.place === place)} />
      ))}
      {found.length === 0 && without === undefined && (
        <p className="soft mt-4">
          Nothing is called that. Try ring, hoop, loop, clasp, ear, bead, chain, spiral.
        </p>
      )}
    </div>
  );
}

function Group({ place, found }: { place: FoundIn; found: Findable[] }) {
  return (
    <section aria-label={`Found in ${place}`}>
      <h2>in {place}</h2>
      <ul>
        {found.slice(0, SHOWN).map((one) => (
          <li key={`${one.to}${one.name}`}>
            <Link to={one.to} className="found-line">
              <span className="strong">{one.name}</span> <span className="small soft">{one.does}</span>
            </Link>
          </li>
        ))}
      </ul>
      {found.length > SHOWN && <p className="small soft mt-1">and {found.length - SHOWN} more</p>}
    </section>
  );
}

function useFindable(): Findable[] {
  const forms = useCatalogue().data ?? [];
  const weaves = useWeaves().data ?? [];
  const rings = useJobs().data ?? [];
  const shapes = useFormJobs().data ?? [];
  const pieces = useWeaveJobs().data ?? [];
  const wholes = usePieceJobs().data ?? [];
  const starters = useStarters().data ?? [];
  const medallions = useMedallionJobs().data ?? [];
  return [
    ...ownToFind("Rings", rings),
    ...ownToFind("Shapes", shapes),
    ...ownToFind("Weaves", pieces),
    ...ownToFind("Weaves", medallions, "/weaves/medallion"),
    ...OTHERS,
    ...ownToFind("Pieces", wholes),
    ...forms.map(formToFind),
    ...weaves.map(weaveToFind),
    ...starters.map(starterToFind),
  ];
}
