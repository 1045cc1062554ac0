import { useCallback, useEffect, useRef, useState } from "react";
import { useNavigate } from "react-router";
import type { Choices } from "../../api/types";
import { askedOf, keptAt, problem, type Answered, type Reply } from "./line";

/** What becomes of the line. */
interface Taking {
  taken: () => void;
  failed: (how: Answered) => void;
}

/** Keeps what a line came to and goes there; one that is pressed for while it is being kept is not kept twice. */
function useTaking(choices: Choices | undefined, become: Taking) {
  const taking = useRef(false);
  const then = useRef(become);
  useEffect(() => {
    then.current = become;
  });
  const navigate = useNavigate();
  return useCallback(
    async ({ text, reply }: Answered) => {
      if (!choices || taking.current) {
        return;
      }
      taking.current = true;
      try {
        const place = await keptAt(reply, text, choices);
        if (place) {
          then.current.taken();
          await navigate(place);
        }
      } catch (failure) {
        then.current.failed({ text, reply: problem(failure) });
      } finally {
        taking.current = false;
      }
    },
    [choices, navigate],
  );
}

/** What a line came to: known before it is drawn. */
function useAnswer() {
  const [reply, setReply] = useState<Reply | null>(null);
  const answered = useRef<Answered | null>(null);
  const show = useCallback((next: Answered | null) => {
    answered.current = next;
    setReply(next?.reply ?? null);
  }, []);
  return { reply, answered, show };
}

/** What is typed and what it comes to; Enter waits for the answer to what is typed, no earlier one is taken, and none twice. */
export function useLine(choices: Choices | undefined, left: () => void) {
  const [text, setText] = useState("");
  const { reply, answered, show } = useAnswer();
  /** The line Enter was pressed on before it was answered. */
  const entered = useRef<string | null>(null);
  /** How often the same line was asked once more. */
  const [again, setAgain] = useState(0);

  const write = (next: string) => {
    setText(next);
    entered.current = null;
    if (!next.trim()) {
      show(null);
    }
  };

  const take = useTaking(choices, {
    taken: () => {
      setText("");
      show(null);
      left();
    },
    failed: show,
  });

  useEffect(() => {
    if (!text.trim() || !choices) {
      return;
    }
    const abort = new AbortController();
    const answer = (to: Reply) => {
      if (abort.signal.aborted) {
        return;
      }
      show({ text, reply: to });
      if (entered.current === text) {
        entered.current = null;
        void take({ text, reply: to });
      }
    };
    askedOf(text, choices, abort.signal)
      .then(answer)
      .catch((failure: unknown) => answer(problem(failure)));
    return () => abort.abort();
  }, [text, choices, take, show, again]);

  const enter = () => {
    const known = answered.current;
    if (known?.text === text && known.reply.kind !== "problem") {
      void take(known);
      return;
    }
    entered.current = text;
    if (known?.text === text) {
      setAgain((times) => times + 1);
    }
  };
  return { text, reply, write, enter };
}
