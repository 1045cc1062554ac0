import { QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { queries } from "./api/queries";
import { App, fetchAt } from "./App";
import { sendPhotos } from "./shared/kernel/photos";
import { keepSending } from "./shared/kernel/readings";
import { loadTheRest } from "./shared/shell/place";
import { applyTheme, keptTheme } from "./shared/kernel/theme";
import "./index.css";

fetchAt(window.location.pathname);
applyTheme(keptTheme());
keepSending();
void sendPhotos();
window.addEventListener("online", () => void sendPhotos());

createRoot(document.getElementById("root")!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <App />
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);

/** Once the first place stands and the browser has time. */
const LATER_MS = 1500;
window.addEventListener("load", () => setTimeout(() => void loadTheRest(), LATER_MS));
