import { useExercise } from "../../api/exercises";
import type { ExerciseView, PractiseSession } from "../../api/exercises";
import { useState } from "react";
import { call } from "../../api/client";
import { changed, usePreferences } from "../../api/queries";
import type { Quantity } from "../../api/types";
import { newId } from "../../api/newId";
import { takeReading, type Taken } from "../../shared/kernel/readings";
import { say } from "../../shared/kernel/says";
import { typedLength } from "../../shared/kernel/typedLength";
import { failureWords } from "../../shared/words/refused";

const GOES_ON_MS = 2 * 60 * 60 * 1000;

/** One that was begun and left goes on where it was. */
function begun(exercise: ExerciseView): PractiseSession | null {
  const last = exercise.sessions.at(-1);
  return last && !last.whole && Date.now() - Date.parse(last.startedAt) < GOES_ON_MS ? last : null;
}

/** What is practised with. */
export interface Setup {
  wireMm: number | null;
  sizeMm: number | null;
}

/** The session in hand of an exercise: what was taken, and how to take more or take the last one back. */
export function usePractice(exercise: ExerciseView) {
  const { info } = exercise;
  const choices = usePreferences().data?.data;
  const [{ id, last }, setSession] = useState(() => {
    const going = begun(exercise);
    return { id: going?.id ?? newId(), last: going ?? exercise.sessions.at(-1) };
  });
  const [setup, setSetup] = useState<Setup>({
    wireMm: last?.wireMm ?? info.usualWireMm,
    sizeMm: last?.wantedMm ?? info.usualSizeMm,
  });
  const fresh = useExercise(info.id).data ?? exercise;
  const session = fresh.sessions.find((one) => one.id === id) ?? null;
  const mine = useMine(session);
  const take = async (criterionId: string, typed: string | number, copy?: number) => {
    const criterion = exercise.criteria.find((one) => one.id === criterionId)!;
    const value = typeof typed === "number" ? typed : await typedLength(typed, choices);
    await mine.counted(() =>
      takeReading({
        quantity: criterion.quantity as Quantity,
        value,
        sessionId: id,
        ...(setup.sizeMm === null ? {} : { planned: setup.sizeMm }),
        ...(copy === undefined ? {} : { copy }),
        context: {
          ...(setup.wireMm === null ? {} : { wireMm: setup.wireMm }),
          practised: { exercise: info.id, criterion: criterionId, weaveId: null },
        },
      }),
    );
  };
  return {
    exercise: fresh,
    session,
    setup,
    setSetup,
    /** What is taken so far, with what is on its way. */
    count: mine.count,
    take,
    takeBack: () => takeBack(session, mine.forget),
    anew: () => {
      mine.forgetAll();
      setSession({ id: newId(), last: session ?? undefined });
    },
  };
}

/** Readings of this page, counted from the press on: hands do not wait for the server. */
function useMine(session: PractiseSession | null) {
  const [taken, setTaken] = useState<readonly string[]>([]);
  const [underWay, setUnderWay] = useState(0);
  const counted = async (taking: () => Promise<Taken>) => {
    setUnderWay((now) => now + 1);
    try {
      const { id } = await taking();
      setTaken((now) => [...now, id]);
    } finally {
      setUnderWay((now) => now - 1);
    }
  };
  const there = new Set([...(session?.taken.map((one) => one.id) ?? []), ...taken]);
  return {
    count: there.size + underWay,
    counted,
    forget: (id: string) => setTaken((now) => now.filter((one) => one !== id)),
    forgetAll: () => setTaken([]),
  };
}

export type Practice = ReturnType<typeof usePractice>;

/** The last one was a slip. */
async function takeBack(session: PractiseSession | null, forget: (id: string) => void): Promise<void> {
  const slip = session?.taken.at(-1);
  if (!slip) {
    return;
  }
  try {
    await call("DELETE", `/api/readings/${slip.id}?version=${slip.version}`);
    forget(slip.id);
    changed("readings");
  } catch (failure) {
    say(failureWords(failure, "The server is not answering; nothing was changed."));
  }
}
