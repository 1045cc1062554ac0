import { useEffect, useState } from "react";
import { working, type Working } from "../../api/client";
import { openRing } from "../../drawing/ring";
import { plain } from "../../quantity/format";

/** Says that the server works at something long: a ring that closes as it goes on, where it is known how far it is. */
export function WorkingMark() {
  const [all, setAll] = useState<Map<string, Working>>(new Map());
  useEffect(() => {
    const hear = (number: string, now: Working | null) =>
      setAll((before) => {
        const after = new Map(before);
        if (now) {
          after.set(number, now);
        } else {
          after.delete(number);
        }
        return after;
      });
    working.add(hear);
    return () => void working.delete(hear);
  }, []);
  const longest = [...all.values()].sort((a, b) => b.seconds - a.seconds)[0];
  return (
    <span role="status" className="working tiny soft" data-testid="working">
      {longest && (
        <>
          <svg width="18" height="18" aria-hidden="true">
            <path
              d={openRing(9, 9, 6.5, 20 + 150 * (1 - (longest.share ?? 0)))}
              className="marked"
              strokeWidth="2.4"
            />
          </svg>
          {words(longest, all.size)}
        </>
      )}
    </span>
  );
}

function words({ seconds, share }: Working, number: number): string {
  const far = share === null ? "" : `, ${plain(100 * share, 0)} %`;
  const more = number > 1 ? `; ${number - 1} more wait` : "";
  return `working it out, ${plain(seconds, 0)} s${far}${more}`;
}
