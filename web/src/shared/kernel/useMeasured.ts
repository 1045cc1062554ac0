import { useState, type FormEvent } from "react";
import { useInstrument, type InstrumentKind, type InstrumentReading } from "./instruments";
import { failureWords } from "../words/refused";

/**
 * A measurement being typed: what is entered is taken, and the field is empty for the next at once; what is refused comes back into it,
 * with the reason, where nothing else is being typed.
 *
 * @param take keeps what was typed; throws where it is refused
 * @param unanswered what to say where the server does not answer
 * @param instrument what speaks into it: a caliper enters what it is pressed for, a scale shows what lies on it until that is taken
 */
export function useMeasured(
  take: (typed: string) => Promise<void>,
  unanswered: string,
  instrument: InstrumentKind | null = "CALIPER",
) {
  const [onScale, setOnScale] = useState<InstrumentReading | null>(null);
  const [text, setText] = useState("");
  const [refusal, setRefusal] = useState<string | null>(null);
  const enter = async (typed: string) => {
    if (!typed) {
      setRefusal("Type what was measured.");
      return;
    }
    // the next is typed before this one is answered
    setText("");
    try {
      await take(typed);
      setRefusal(null);
    } catch (failure) {
      setText((next) => next || typed);
      setRefusal(failureWords(failure, unanswered));
    }
  };
  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    void enter(text.trim());
  };
  useInstrument(instrument, (reading) => {
    if (reading.kind === "SCALE") {
      setOnScale(reading);
    } else {
      void enter(`${told(reading.value)} mm`);
    }
  });
  const takeWeight = () => onScale && void enter(told(onScale.value));
  return { text, setText, refusal, onSubmit, onScale, takeWeight };
}

/** As instruments show it, without what arithmetic adds. */
const told = (value: number) => String(Math.round(value * 1e4) / 1e4);
