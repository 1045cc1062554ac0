import { useInspection } from "../../../api/queries";
import type { Units } from "../../../quantity/format";
import { apartWords, checkFigure, foundWords } from "../../../shared/words/checkWords";
import { madeWords } from "../../../shared/words/quantityWords";
import type { Quantity } from "../../../api/types";

/** What the finished piece measured, copy by copy, against what is allowed; nothing where it was not measured. */
export function LookedOver({ run, units }: { run: string; units: Units }) {
  const findings = (useInspection(run) ?? []).filter((one) => one.found.length > 0);
  return findings.length === 0 ? null : (
    <section aria-label="Looked over">
      <h2>Looked over</h2>
      {findings.map((finding) => (
        <p key={finding.check.kind}>
          <span className="soft">{madeWords(finding.check.quantity as Quantity, null)}: </span>
          {finding.found.map((one, i) => (
            <span key={one.copy}>
              {i > 0 && "; "}
              <strong className="figures">{checkFigure(finding.check, one.value, units)}</strong>,{" "}
              {foundWords(finding.check, one, units)}
            </span>
          ))}
          . {apartWords(finding, units)}
        </p>
      ))}
    </section>
  );
}
