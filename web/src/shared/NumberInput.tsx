import { useEffect, useId, useRef, useState } from "react";
import { call, Problem } from "../api/client";
import type { LengthAnswer } from "../api/types";
import { usePreferences } from "../api/queries";
import { signedPercent, size } from "../quantity/format";

interface Props {
  label: string;
  value: number;
  onChange: (value: number) => void;
  /** A length is read in both tongues; a number is a bare number. */
  kind?: "length" | "number";
  unit?: string;
  decimals?: number;
  step?: number;
  minimum?: number;
  className?: string;
}

/**
 * A number on the drawing: type it in either tongue, drag it sideways, or step it with the arrow keys. It says what it
 * understood when that was not plain.
 */
export function NumberInput(props: Props) {
  const {
    label,
    value,
    onChange,
    kind = "length",
    decimals = 2,
    step = 0.05,
    minimum = 0,
    className = "",
  } = props;
  const choices = usePreferences().data?.data;
  const units = choices?.units ?? "MILLIMETRES";
  const shown =
    kind === "length"
      ? size(value, units, decimals)
      : { value: value.toFixed(decimals), unit: props.unit ?? "", other: "" };
  const [text, setText] = useState<string | null>(null);
  const [says, setSays] = useState<string | null>(null);
  const drag = useRef<{ x: number; from: number; moved: boolean } | null>(null);
  const saysId = useId();

  useEffect(() => {
    if (says) {
      const timer = setTimeout(() => setSays(null), 6000);
      return () => clearTimeout(timer);
    }
  }, [says]);

  const commit = async () => {
    const typed = text?.trim();
    setText(null);
    if (!typed || typed === shown.value) {
      return;
    }
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
      setSays(
        failure instanceof Problem
          ? failure.body.detail
          : "The server is not answering; nothing was changed.",
      );
    }
  };

  const nudge = (by: number) => {
    setText(null);
    onChange(Math.max(minimum, Number((value + by).toFixed(4))));
  };

  return (
    <span className={`number ${className}`}>
      <input
        aria-label={label}
        aria-describedby={says ? saysId : undefined}
        role="spinbutton"
        aria-valuenow={Number(value.toFixed(4))}
        aria-valuetext={`${shown.value} ${shown.unit}`}
        inputMode={kind === "number" ? "decimal" : "text"}
        autoComplete="off"
        size={Math.max(2, (text ?? shown.value).length)}
        value={text ?? shown.value}
        onChange={(event) => setText(event.target.value)}
        onFocus={(event) => event.target.select()}
        onBlur={() => void commit()}
        onKeyDown={(event) => {
          if (event.key === "Enter") {
            event.currentTarget.blur();
          } else if (event.key === "Escape") {
            setText(null);
            event.stopPropagation();
          } else if (event.key === "ArrowUp" || event.key === "ArrowDown") {
            event.preventDefault();
            nudge((event.key === "ArrowUp" ? 1 : -1) * step * (event.shiftKey ? 10 : 1));
          }
        }}
        onPointerDown={(event) => {
          if (document.activeElement !== event.currentTarget && event.pointerType !== "touch") {
            drag.current = { x: event.clientX, from: value, moved: false };
            event.currentTarget.setPointerCapture(event.pointerId);
            event.preventDefault();
          }
        }}
        onPointerMove={(event) => {
          if (drag.current && Math.abs(event.clientX - drag.current.x) > 3) {
            drag.current.moved = true;
            const steps = Math.round((event.clientX - drag.current.x) / 5);
            onChange(Math.max(minimum, Number((drag.current.from + steps * step).toFixed(4))));
          }
        }}
        onPointerUp={(event) => {
          if (drag.current && !drag.current.moved) {
            event.currentTarget.focus();
          }
          drag.current = null;
        }}
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
