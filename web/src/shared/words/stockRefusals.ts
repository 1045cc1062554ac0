/** What is refused of lots, counts and tables of stock, as sentences with the way out. */
import type { RefusalCode } from "../../api/types";
import type { Said } from "./said";

const mend = "Mend it in the file.";

export const STOCK_REFUSALS = {
  "fact-missing": (said) => `${said.what()} is not said. Say it.`,
  "fact-no-number": (said) => `${said.what()} is "${said.value}", which is no number. Give a number.`,
  "fact-not-whole": (said) => `${said.what()} is ${said.value}. Give a whole number.`,
  "fact-no-word": (said) =>
    `${said.what()} has at most ${said.number("most", 0)} plain characters. Shorten it.`,
  "fact-not-an-option": (said) =>
    `${said.what()} cannot be "${said.value}". Say one of: ${said.list("options")}.`,
  "unknown-fact": (said) =>
    `Nothing of this kind is told by "${said.field}". It is told by: ${said.list("options")}.`,
  "unknown-stock-kind": (said) =>
    `There is no kind of stock "${said.value}". There are: ${said.list("options")}.`,
  "weighs-unknown": () =>
    "Nothing tells what one of these weighs, so a scale cannot count them. Say the weight of one, or count them.",
  "bad-day": () => "Days are written 2026-03-14, from 1900 to 2199. Write it so.",
  "counted-in-whole-ones": (said) => `${said.what()} is ${said.value}, but these are counted in whole ones.`,
  "move-of-a-run": () => "A run used this. Take the step back in the run, and it comes back.",
  "place-too-long": (said) => `A place has at most ${said.number("most", 0)} characters. Shorten it.`,
  "no-offcut-of-this": () => "Offcuts are made of wire whose length is known. Count it first.",
  "rings-lie-ready": (said) =>
    `All rings ${said.value ? `of ${said.value} ` : ""}lie ready on the shelf: there is nothing to wind. Begin with those.`,
  "offcut-in-use": () => "That offcut was used or counted since. Count both lots instead.",
  "backup-failed": (said) =>
    `The backup could not be written${said.value ? ` to ${said.value}` : ": this server keeps none by itself"}. Make room there, or set TOROID_BACKUPS to another folder and start again.`,
  "backup-damaged": () =>
    "This file is damaged, was cut short, or is none. Nothing was changed. Take another; they are kept for days, weeks and months.",
  "no-workshop-json": () =>
    "This is no workshop as open JSON, or it breaks off. Take a file that Toroid wrote.",
  "workshop-json-of-other-tables": () =>
    "This file is of another version of Toroid. Bring the older of the two up to date and take it out again; a backup of any earlier version comes in as it is.",
  "workshop-json-refused": () =>
    "Rows of this file are not taken, so none is. Look through it again: it says which, and why.",
  "row-not-taken": () =>
    "One of its values is not what stands there. Compare it with docs/workshop.schema.json.",
  "row-refers-to-nothing": () => "It belongs to something that is neither here nor in the file.",
  "row-held-by-another": () =>
    "Another one that is here stands in its place: take that away or finish it first.",
  "no-backup-file": () =>
    "This file is no backup of Toroid. Nothing was changed. Take one that ends in .zip.",
  "backup-newer": () => "This backup was made by a newer Toroid. Bring this one up to date first.",
  "backup-refused": () =>
    "This backup holds what the database does not take. Nothing was changed. Take another one.",
  "backup-changed-meanwhile": () => "Another file was brought in meanwhile. Bring yours in again.",
  "no-backups-here": () =>
    "This server keeps no backups, so nothing can be brought in here: what is there could not be put back. ./toroid restore does it.",
  "no-such-strip": () => "The shelf has no such length any more. Look at the list again.",
  "cut-in-use": () => "A run has used what was cut here. Take its step back first.",
  "strip-too-short": (said) =>
    `The strip holds ${said.number("heldMm", 1) || said.value} mm and all of this needs ${said.number("needsMm", 1)} mm. Measure it again, or cut less of it.`,
  "unknown-lot-code": (said) => `No lot has the code "${said.value}". Check it against its label.`,
  "lot-of-other-kind": (said) => `The lot with that code is ${said.text("kept")}, not ${said.value}. ${mend}`,
  "no-stock-table": () => "This is no table: commas between the columns, one name for each. Check the file.",
  "stock-table-lacks-column": (said) => `The table has no column "${said.value}". Add it.`,
  "stock-table-unknown-column": (said) =>
    `No kind of stock has anything called "${said.value}". Rename that column or leave it out.`,
  "stock-table-refused": (said) =>
    `${said.number("rows", 0)} of its rows cannot be taken in, so none was. Mend them in the file.`,
  "stock-changed-meanwhile": () =>
    "The shelf changed since this table was looked at. Nothing was taken in: look again.",
} satisfies Partial<Record<RefusalCode, (said: Said) => string>>;
