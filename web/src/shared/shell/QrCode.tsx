import qrcode from "qrcode-generator";
import { useMemo } from "react";

/** Squares of quiet around the code, as ISO/IEC 18004 asks for. */
const QUIET = 4;

/** An address as a square a camera reads (ISO/IEC 18004); always dark on light. */
export function QrCode({ text, className }: { text: string; className?: string }) {
  const { path, side } = useMemo(() => squares(text), [text]);
  return (
    <svg className={className} viewBox={`0 0 ${side} ${side}`} role="img" aria-label={`Code for ${text}`}>
      <rect width={side} height={side} fill="#fff" />
      <path d={path} fill="#000" shapeRendering="crispEdges" />
    </svg>
  );
}

function squares(text: string): { path: string; side: number } {
  const code = qrcode(0, "M");
  code.addData(text);
  code.make();
  const count = code.getModuleCount();
  let path = "";
  for (let row = 0; row < count; row++) {
    for (let column = 0; column < count; column++) {
      if (code.isDark(row, column)) {
        path += `M${column + QUIET} ${row + QUIET}h1v1h-1z`;
      }
    }
  }
  return { path, side: count + 2 * QUIET };
}
