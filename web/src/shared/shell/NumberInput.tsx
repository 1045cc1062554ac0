import { failureWords } from "../words/refused";
import {
  useEffect,
  useId,
  useLayoutEffect,
  useRef,
  useState,
  type KeyboardEvent,
  type PointerEvent,
} from "react";
import { call } from "../../api/client";
import type { LengthAnswer } from "../../api/types";
import { usePreferences } from "../../api/queries";
import { signedPercent, size } from "../../quantity/format";

interface Props {
  label: string;
  /** Null where nobody has said it. */
  value: number | null;
  onChange: (value: number) => void;
  /** What emptying it does; without this an emptied field is left as it was. */
  onClear?: () => void;
  /** A length is read in both tongues; a number is a bare number. */
  kind?: "length" | "number";
  unit?: string;
  decimals?: number;
  step?: number;
  minimum?: number;
  className?: string;
}

/** Reads what was typed and says, for a while, what was understood when that was not plain. */
function useReading({ label, onChange, kind, decimals }: Props & { decimals: number }) {
  const choices = usePreferences().data?.data;
  const units = choices?.units ?? "MILLIMETRES";
  const [says, setSays] = useState<string | null>(null);
  useEffect(() => {
    if (says) {
      const timer = setTimeout(() => setSays(null), 6000);
      return () => clearTimeout(timer);
    }
  }, [says]);

  const read = async (typed: string) => {
    const bare = Number(typed.replace(",", "."));
    if (kind === "number" || (Number.isFinite(bare) && units === "MILLIMETRES")) {
      if (Number.isFinite(bare)) {
        onChange(decimals === 0 ? Math.round(bare) : bare);
      } else {
        setSays(`"${typed}" is not a number. ${label} was left as it was.`);
      }
      return;
    }
    try {
      const answer = await call<LengthAnswer>("POST", "/api/quantity/length", {
        text: Number.isFinite(bare) ? `${bare} in` : typed,
        bareGauge: choices?.bareGauge,
      });
      onChange(answer.millimetres);
      if (answer.otherName) {
        setSays(
          `Read as ${answer.understoodAs}, ${answer.millimetres.toFixed(2)} mm. ${answer.otherName} would be ${answer.otherMillimetres!.toFixed(2)} mm, ${signedPercent(answer.otherDifferencePercent!)}.`,
        );
      }
    } catch (failure) {
      setSays(failureWords(failure, "The server is not answering; nothing was changed."));
    }
  };
  return { says, read };
}

/** Enter takes what is typed, Escape leaves it, the arrows step, with Shift by ten. */
const keys =
  (nudge: (by: number) => void, step: number, leave: () => void) =>
  (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === "Enter") {
      event.currentTarget.blur();
    } else if (event.key === "Escape") {
      leave();
      event.stopPropagation();
    } else if (event.key === "ArrowUp" || event.key === "ArrowDown") {
      event.preventDefault();
      nudge((event.key === "ArrowUp" ? 1 : -1) * step * (event.shiftKey ? 10 : 1));
    }
  };

/** Dragged sideways it goes by steps; pressed without dragging it is typed into. */
function useDragging(value: number, step: number, put: (to: number) => void) {
  const drag = useRef<{ x: number; from: number; moved: boolean } | null>(null);
  return {
    onPointerDown: (event: PointerEvent<HTMLInputElement>) => {
      if (document.activeElement !== event.currentTarget && event.pointerType !== "touch") {
        drag.current = { x: event.clientX, from: value, moved: false };
        event.currentTarget.setPointerCapture(event.pointerId);
        event.preventDefault();
      }
    },
    onPointerMove: (event: PointerEvent<HTMLInputElement>) => {
      if (drag.current && Math.abs(event.clientX - drag.current.x) > 3) {
        drag.current.moved = true;
        const steps = Math.round((event.clientX - drag.current.x) / 5);
        put(drag.current.from + steps * step);
      }
    },
    onPointerUp: (event: PointerEvent<HTMLInputElement>) => {
      if (drag.current && !drag.current.moved) {
        event.currentTarget.focus();
      }
      drag.current = null;
    },
  };
}

/** The number as it stands in its field, and its unit; a length in the maker's own. */
function useShown(value: number | null, kind: Props["kind"], decimals: number, unit = "") {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  if (value === null) {
    return { value: "", unit: "" };
  }
  return kind === "length" ? size(value, units, decimals) : { value: value.toFixed(decimals), unit };
}

/** What is typed until it is taken, and the ways a number changes. */
function useTyped(props: Props & { decimals: number; minimum: number }) {
  const { value, onChange, onClear, kind, decimals, minimum, unit } = props;
  const shown = useShown(value, kind, decimals, unit);
  const [text, setText] = useState<string | null>(null);
  const { says, read } = useReading(props);

  const commit = async () => {
    const typed = text?.trim();
    setText(null);
    if (typed === "" && onClear) {
      onClear();
    }
    if (!typed || typed === shown.value) {
      return;
    }
    await read(typed);
  };
  const put = (to: number) => onChange(Math.max(minimum, Number(to.toFixed(4))));
  const nudge = (by: number) => {
    setText(null);
    put((value ?? 0) + by);
  };
  return { text, setText, shown, says, commit, nudge, put };
}

/** What is entered is selected, to be typed over; it stays so where another number comes before the first key. */
function useStillSelected(shown: string, untyped: boolean) {
  const field = useRef<HTMLInputElement>(null);
  useLayoutEffect(() => {
    if (untyped && document.activeElement === field.current) {
      field.current?.select();
    }
  }, [shown, untyped]);
  return field;
}

/**
 * A number on the drawing: type it in either tongue, drag it sideways, or step it with the arrow keys. It says what it
 * understood when that was not plain.
 */
export function NumberInput(props: Props) {
  const { label, value, kind = "length", decimals = 2, step = 0.05, minimum = 0, className = "" } = props;
  const { text, setText, shown, says, commit, nudge, put } = useTyped({ ...props, kind, decimals, minimum });
  const saysId = useId();
  const field = useStillSelected(shown.value, text === null);
  const dragged = useDragging(value ?? 0, step, put);

  return (
    <span className={`number ${className}`}>
      <input
        ref={field}
        aria-label={label}
        aria-describedby={says ? saysId : undefined}
        role="spinbutton"
        aria-valuenow={value === null ? undefined : Number(value.toFixed(4))}
        aria-valuetext={value === null ? "not said" : `${shown.value} ${shown.unit}`}
        placeholder={value === null ? "not said" : undefined}
        inputMode={kind === "number" ? "decimal" : "text"}
        autoComplete="off"
        size={Math.max(value === null && text === null ? 6 : 2, (text ?? shown.value).length)}
        value={text ?? shown.value}
        onChange={(event) => setText(event.target.value)}
        onFocus={(event) => event.target.select()}
        onBlur={() => void commit()}
        onKeyDown={keys(nudge, step, () => setText(null))}
        {...dragged}
      />
      {shown.unit && <span className="unit">{shown.unit}</span>}
      {says && (
        <span className="understood" id={saysId} role="status">
          {says}
        </span>
      )}
    </span>
  );
}
