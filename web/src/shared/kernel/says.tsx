import { useEffect, useState } from "react";
import { onUndo } from "./undo";

interface Message {
  words: string;
  action?: { label: string; run: () => void };
}

type Listener = (message: Message) => void;
const listeners = new Set<Listener>();

/** Says something at the foot of the page for a while, with at most one thing to do about it. */
export function say(words: string, action?: Message["action"]): void {
  listeners.forEach((listener) => listener({ words, action }));
}

export function Says() {
  const [message, setMessage] = useState<Message | null>(null);
  useEffect(() => {
    listeners.add(setMessage);
    const off = onUndo((words) => setMessage({ words }));
    return () => {
      listeners.delete(setMessage);
      off();
    };
  }, []);
  useEffect(() => {
    if (message) {
      const timer = setTimeout(() => setMessage(null), message.action ? 9000 : 2600);
      return () => clearTimeout(timer);
    }
  }, [message]);
  return (
    <div aria-live="polite">
      {message && (
        <div className="says no-print">
          <span>{message.words}</span>
          {message.action && (
            <button
              onClick={() => {
                message.action!.run();
                setMessage(null);
              }}
            >
              {message.action.label}
            </button>
          )}
        </div>
      )}
    </div>
  );
}
