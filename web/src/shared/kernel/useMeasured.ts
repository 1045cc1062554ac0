import { useState, type FormEvent } from "react";
import { failureWords } from "../words/refused";

/**
 * A measurement being typed: what is entered is taken, and the field is empty for the next when it is kept; what is refused stays in the
 * field, with the reason.
 *
 * @param take keeps what was typed; throws where it is refused
 * @param unanswered what to say where the server does not answer
 */
export function useMeasured(take: (typed: string) => Promise<void>, unanswered: string) {
  const [text, setText] = useState("");
  const [refusal, setRefusal] = useState<string | null>(null);
  const enter = async () => {
    const typed = text.trim();
    if (!typed) {
      setRefusal("Type what was measured.");
      return;
    }
    try {
      await take(typed);
      setText("");
      setRefusal(null);
    } catch (failure) {
      setRefusal(failureWords(failure, unanswered));
    }
  };
  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    void enter();
  };
  return { text, setText, refusal, onSubmit };
}
