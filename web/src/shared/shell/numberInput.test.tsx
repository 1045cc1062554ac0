import { cleanup, screen } from "@testing-library/react";
import { afterEach, expect, it } from "vitest";
import { QueryClientProvider } from "@tanstack/react-query";
import { queries } from "../../api/queries";
import { PREFERENCES, serve, show, typeInto } from "../../test/app";
import { NumberInput } from "./NumberInput";

afterEach(cleanup);

const within = (value: number) => (
  <QueryClientProvider client={queries}>
    <NumberInput label="Aspect ratio" kind="number" value={value} onChange={() => undefined} />
  </QueryClientProvider>
);

it("keeps what is entered selected where the number changes before the first key, so that it is typed over", () => {
  serve(PREFERENCES);
  const shown = show(within(5.5));
  const field = screen.getByLabelText<HTMLInputElement>("Aspect ratio");
  field.focus();
  expect([field.selectionStart, field.selectionEnd]).toEqual([0, 4]);
  shown.rerender(within(4.96));
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
