import { useRef, type ReactNode } from "react";

/** A button that asks for a file. The same one may be chosen again: it may have been mended. */
export function FileButton({
  label,
  accept,
  className = "quiet",
  onFile,
  children,
}: {
  /** What the file is, for those who do not see the button. */
  label: string;
  accept: string;
  className?: string;
  onFile: (file: File) => void;
  children: ReactNode;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button className={className} onClick={() => input.current?.click()}>
        {children}
      </button>
      <input
        ref={input}
        type="file"
        hidden
        aria-label={label}
        accept={accept}
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = "";
          if (chosen) {
            onFile(chosen);
          }
        }}
      />
    </>
  );
}
