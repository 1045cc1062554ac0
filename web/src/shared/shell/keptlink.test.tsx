import { cleanup, fireEvent, screen } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { queries } from "../../api/queries";
import { Refused, serve, show } from "../../test/app";
import { Editor } from "../kernel/editor";
import { KeptLink } from "./KeptLink";

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const draft = () => new Editor("jobs/ring", "d", null, { name: "New rings" }, undefined, true);

function Pages({ editor }: { editor: Editor<{ name: string }> }) {
  return (
    <Routes>
      <Route
        path="/"
        element={
          <KeptLink editor={editor} path="jobs/ring" to="/print/d">
            print sheet
          </KeptLink>
        }
      />
      <Route path="/print/:id" element={<p>the sheet</p>} />
    </Routes>
  );
}

it("keeps a draft before it leads to a page of it", async () => {
  const asked = serve({
    "PUT /api/jobs/ring/d": (body: unknown) => ({ ...(body as object), id: "d", version: 0 }),
  });
  const refetch = vi.spyOn(queries, "refetchQueries");
  show(<Pages editor={draft()} />);
  fireEvent.click(screen.getByText("print sheet"));
  expect(await screen.findByText("the sheet")).toBeTruthy();
  expect(asked.map((one) => `${one.method} ${one.path}`)).toEqual(["PUT /api/jobs/ring/d"]);
  expect(refetch).toHaveBeenCalledWith({ queryKey: ["jobs/ring"] });
});

it("stays where it is when it could not be kept", async () => {
  serve({ "PUT /api/jobs/ring/d": new Refused({ code: "out-of-range" }) });
  const editor = draft();
  show(<Pages editor={editor} />);
  fireEvent.click(screen.getByText("print sheet"));
  await vi.waitFor(() => expect(editor.get().state.kind).toBe("refused"));
  expect(screen.queryByText("the sheet")).toBeNull();
});
