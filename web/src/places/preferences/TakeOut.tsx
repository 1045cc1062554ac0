import { fetchFile } from "../../api/client";
import { saveFile } from "../../shared/kernel/takeAway";

const TABLES = [
  ["rings", "/api/tables/rings"],
  ["shapes", "/api/tables/shapes"],
  ["weaves", "/api/tables/weaves"],
  ["medallions", "/api/tables/medallions"],
  ["pieces", "/api/tables/pieces"],
  ["notebook", "/api/tables/notebook"],
  ["measurements", "/api/tables/measurements"],
  ["stock", "/api/stock-table"],
] as const;

/** What each place keeps, as a table for a spreadsheet. */
export function Tables() {
  return (
    <p className="sentence -ml-1">
      {TABLES.map(([name, path]) => (
        <button
          key={name}
          className="quiet"
          onClick={() => void saveFile(`toroid ${name}`, "csv", () => fetchFile(path))}
        >
          {name}
        </button>
      ))}
    </p>
  );
}

/** What whoever helps needs to know of this server; text, to be read before it is sent. */
export function SupportFile() {
  return (
    <button
      className="quiet -ml-1"
      onClick={() => void saveFile("toroid support", "txt", () => fetchFile("/api/support.txt"))}
    >
      a file for whoever helps
    </button>
  );
}
