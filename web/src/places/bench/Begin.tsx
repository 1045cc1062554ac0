import { useState } from "react";
import { call } from "../../api/client";
import { changed, useMandrels, useSpools } from "../../api/queries";
import type { BodyPart } from "../../api/types";
import { many } from "../../quantity/format";
import { say } from "../../shared/kernel/says";
import { StarterTiles } from "../../shared/shell/StarterTiles";
import { failureWords } from "../../shared/words/refused";
import { OtherWays } from "./OtherWays";

const WANTED: readonly (readonly [string, readonly BodyPart[]])[] = [
  ["a bracelet", ["WRIST", "ANKLE", "ANKLE_AND_FOOT"]],
  ["a necklace", ["NECK"]],
  ["earrings", ["EAR", "EAR_EDGE"]],
  ["a finger ring", ["FINGER"]],
  ["a belt", ["WAIST"]],
];

/** The first minute: what is to be made, pieces to begin from drawn large, a kit laid out at one press. */
export function Begin() {
  const [wanted, setWanted] = useState(0);
  const [, parts] = WANTED[wanted]!;
  return (
    <div className="place catalogue begin">
      <h1 className="place-title">What do you want to make?</h1>
      <p className="begin-wanted" role="radiogroup" aria-label="What do you want to make?">
        {WANTED.map(([word], at) => (
          <button key={word} role="radio" aria-checked={at === wanted} onClick={() => setWanted(at)}>
            {word}
          </button>
        ))}
      </p>
      <p className="mt-2 max-w-prose soft">
        Take one that is built like yours: its sizes are worked out for whoever you make it for.
      </p>
      <StarterTiles only={(starter) => parts.includes(starter.body)} />
      <section aria-label="Or begin elsewhere">
        <h2>or begin elsewhere</h2>
        <p className="mt-2 max-w-prose">
          Press <kbd>/</kbd> and say a ring, <strong>1.0 on 4.5</strong>, or a piece,{" "}
          <strong>s-hook - 30 * ring 1.2/5.5</strong>.
        </p>
        <div className="mt-2 flex flex-wrap items-center gap-x-6">
          <OtherWays />
          <Kit />
        </div>
      </section>
    </div>
  );
}

interface Laid {
  wires: number;
  rods: number;
  cutters: number;
}

/** Wires, rods and cutters most have, until the maker's own are measured. */
function Kit() {
  const spools = useSpools().data;
  const rods = useMandrels().data;
  if (!spools || !rods || (spools.length > 0 && rods.length > 0)) {
    return null;
  }
  const lay = async () => {
    try {
      const laid = await call<Laid>("POST", "/api/usual-kit");
      changed("spools", "mandrels", "cutters", "bench");
      say(
        `${many(laid.wires, "wire")}, ${many(laid.rods, "rod")} and ${many(laid.cutters, "cutter")} laid out, assumed until you measure them.`,
      );
    } catch (failure) {
      say(failureWords(failure, "The server is not answering; nothing was laid out."));
    }
  };
  return (
    <button className="quiet" onClick={() => void lay()}>
      lay out a usual kit
    </button>
  );
}
