import { QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { queries } from "./api/queries";
import { App } from "./App";
import { resumeUnsent } from "./shared/editor";
import { applyTheme, keptTheme } from "./shared/theme";
import "./index.css";

applyTheme(keptTheme());
resumeUnsent("measurements");

createRoot(document.getElementById("root")!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <App />
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
