import { useState } from "react";
import { applyTheme, keptTheme, type Theme } from "../../shared/kernel/theme";
import { Choose } from "./Choose";

export function ThemeChoice() {
  const [theme, setTheme] = useState<Theme>(keptTheme());
  const choose = (value: Theme) => {
    setTheme(value);
    applyTheme(value);
  };
  return (
    <Choose
      name="theme"
      value={theme}
      onChange={choose}
      options={[
        ["auto", "as the device"],
        ["sheet", "light"],
        ["lamp", "dark"],
      ]}
    />
  );
}
