import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, expect, it } from "vitest";
import { useState } from "react";
import { PREFERENCES, serve, show, typeInto } from "../../test/app";
import { NumberInput } from "./NumberInput";

afterEach(cleanup);

/** Another answer comes with the press of a button that does not take the focus. */
function Answered() {
  const [value, setValue] = useState(5.5);
  return (
    <>
      <NumberInput label="Aspect ratio" kind="number" value={value} onChange={() => undefined} />
      <button onClick={() => setValue(4.96)}>answer</button>
    </>
  );
}

it("keeps what is entered selected where the number changes before the first key, so that it is typed over", () => {
  serve(PREFERENCES);
  show(<Answered />);
  const field = screen.getByLabelText<HTMLInputElement>("Aspect ratio");
  field.focus();
  expect([field.selectionStart, field.selectionEnd]).toEqual([0, 4]);
  fireEvent.click(screen.getByRole("button", { name: "answer" }));
  expect(field.value).toBe("4.96");
  expect([field.selectionStart, field.selectionEnd]).toEqual([0, 4]);
});

it("leaves what is being typed alone", () => {
  serve(PREFERENCES);
  const taken: number[] = [];
  show(<NumberInput label="Rod" kind="number" value={5} onChange={(value) => taken.push(value)} />);
  typeInto("Rod", "6.5");
  expect(taken).toEqual([6.5]);
});
