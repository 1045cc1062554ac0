import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it } from "vitest";
import { PREFERENCES, serve, show } from "../../test/app";
import { useMeasured } from "./useMeasured";

afterEach(cleanup);

let answer: Record<string, (fails: boolean) => void> = {};

const take = (typed: string) =>
  new Promise<void>((kept, refused) => {
    answer[typed] = (fails) => (fails ? refused(new Error("no")) : kept());
  });

function Field() {
  const { text, setText, refusal, onSubmit } = useMeasured(take, "not taken", null);
  return (
    <form onSubmit={onSubmit}>
      <input aria-label="measured" value={text} onChange={(event) => setText(event.target.value)} />
      {refusal && <p role="alert">{refusal}</p>}
    </form>
  );
}

function typed(words: string) {
  const field = screen.getByLabelText<HTMLInputElement>("measured");
  fireEvent.change(field, { target: { value: field.value + words } });
  return field;
}

it("is empty for the next before the last is answered, and one that is refused comes back where nothing is typed", async () => {
  answer = {};
  serve(PREFERENCES);
  show(<Field />);
  fireEvent.submit(typed("2.48").form!);
  const field = typed("2.52");
  expect(field.value).toBe("2.52");
  fireEvent.submit(field.form!);
  await waitFor(() => expect(Object.keys(answer)).toEqual(["2.48", "2.52"]));
  answer["2.52"]!(true);
  await waitFor(() => expect(field.value).toBe("2.52"));
  expect(screen.getByRole("alert")).toBeTruthy();
  fireEvent.change(field, { target: { value: "2.6" } });
  answer["2.48"]!(true);
  await waitFor(() => expect(screen.getByRole("alert")).toBeTruthy());
  expect(field.value).toBe("2.6");
});
