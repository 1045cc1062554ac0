import { useState } from "react";
import { call } from "../../api/client";
import { changed, useExercise, usePreferences } from "../../api/queries";
import type { ExerciseView, PractiseSession, Quantity } from "../../api/types";
import { newId } from "../../api/newId";
import { takeReading } from "../../shared/kernel/readings";
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
  const take = async (criterionId: string, typed: string | number, copy?: number) => {
    const criterion = info && exercise.criteria.find((one) => one.id === criterionId)!;
    await takeReading({
      quantity: criterion.quantity as Quantity,
      value: typeof typed === "number" ? typed : await typedLength(typed, choices),
      sessionId: id,
      ...(setup.sizeMm === null ? {} : { planned: setup.sizeMm }),
      ...(copy === undefined ? {} : { copy }),
      context: {
        ...(setup.wireMm === null ? {} : { wireMm: setup.wireMm }),
        practised: { exercise: info.id, criterion: criterionId, weaveId: null },
      },
    });
  };
  return {
    exercise: fresh,
    session,
    setup,
    setSetup,
    take,
    takeBack: () => takeBack(session),
    anew: () => setSession({ id: newId(), last: session ?? undefined }),
  };
}

export type Practice = ReturnType<typeof usePractice>;

/** The last one was a slip. */
async function takeBack(session: PractiseSession | null): Promise<void> {
  const slip = session?.taken.at(-1);
  if (!slip) {
    return;
  }
  try {
    await call("DELETE", `/api/readings/${slip.id}?version=${slip.version}`);
    changed("readings");
  } catch (failure) {
    say(failureWords(failure, "The server is not answering; nothing was changed."));
  }
}
