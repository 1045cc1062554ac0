/** Light or dark belongs to the screen and so to the browser. */
export type Theme = "auto" | "sheet" | "lamp";
const KEY = "toroid:theme";

export function keptTheme(): Theme {
  const kept = localStorage.getItem(KEY);
  return kept === "sheet" || kept === "lamp" ? kept : "auto";
}

export function applyTheme(theme: Theme): void {
  if (theme === "auto") {
    localStorage.removeItem(KEY);
    document.documentElement.removeAttribute("data-theme");
  } else {
    localStorage.setItem(KEY, theme);
    document.documentElement.setAttribute("data-theme", theme);
  }
}
