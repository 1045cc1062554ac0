import { AT, COMES_FIRST, SAFETY } from "../../shared/words/safetyWords";
import { cautionWords } from "../../shared/words/words";

/** The usual cautions on one page, to read and to hang up. */
export function SafetyPage() {
  return (
    <div className="place safety">
      <h1 className="place-title">Safe at the bench</h1>
      <p className="safety-first">{COMES_FIRST}</p>
      <button className="quiet no-print" onClick={() => window.print()}>
        print it
      </button>
      <div className="safety-columns">
        {SAFETY.map(({ name, cautions, more }) => (
          <section key={name}>
            <h2>{name}</h2>
            <ul>
              {cautions.map((caution) => (
                <li key={caution}>
                  <strong>{AT[caution]}.</strong> {cautionWords(caution)}
                </li>
              ))}
              {more.map((words) => (
                <li key={words}>{words}</li>
              ))}
            </ul>
          </section>
        ))}
      </div>
    </div>
  );
}
