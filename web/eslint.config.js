import js from "@eslint/js";
import react from "eslint-plugin-react";
import hooks from "eslint-plugin-react-hooks";
import globals from "globals";
import tseslint from "typescript-eslint";

export default tseslint.config(
  { ignores: ["dist", "src/api/schema.ts"] },
  js.configs.recommended,
  ...tseslint.configs.recommendedTypeChecked,
  react.configs.flat.recommended,
  react.configs.flat["jsx-runtime"],
  hooks.configs.flat["recommended-latest"],
  {
    files: ["**/*.{ts,tsx}"],
    languageOptions: {
      globals: globals.browser,
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    settings: { react: { version: "detect" } },
    rules: {
      "@typescript-eslint/no-unused-vars": ["error", { argsIgnorePattern: "^_", varsIgnorePattern: "^_" }],
      "@typescript-eslint/no-non-null-assertion": "off",
      "react/no-unstable-nested-components": ["error", { allowAsProps: true }],
      // prose has apostrophes
      "react/no-unescaped-entities": "off",
      // one idea a function; a test may tell a long story
      "max-lines-per-function": ["error", { max: 60 }],
      // a wrong list of dependencies shows what is no longer so
      "react-hooks/exhaustive-deps": "error",
    },
  },
  {
    files: ["**/*.test.{ts,tsx}", "src/test/**", "checks/**"],
    rules: { "max-lines-per-function": "off" },
  },
);
