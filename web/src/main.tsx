import { QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { queries } from "./api/queries";
import { App } from "./App";
import { keepSending } from "./shared/readings";
import { applyTheme, keptTheme } from "./shared/theme";
import "./index.css";

applyTheme(keptTheme());
keepSending();

createRoot(document.getElementById("root")!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <App />
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
