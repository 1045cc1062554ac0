interface Props {
  label: string;
  placeholder: string;
  words: string;
  onWords: (words: string) => void;
}

/** Words looked for as they are typed; Escape takes them away. */
export function SearchField({ label, placeholder, words, onWords }: Props) {
  return (
    <input
      className="plain-input"
      type="search"
      aria-label={label}
      placeholder={placeholder}
      value={words}
      onChange={(event) => onWords(event.target.value)}
      onKeyDown={(event) => event.key === "Escape" && onWords("")}
    />
  );
}
