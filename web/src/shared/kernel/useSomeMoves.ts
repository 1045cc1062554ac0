import { useState } from "react";
import { useMoves } from "../../api/queries";

/** So many at first, and so many more each time. */
const FIRST = 14;
const MORE = 60;

/** The latest moves of a lot; and those before them, where there are any: asked for once all that came is shown. */
export function useSomeMoves(lot: string) {
  const pages = useMoves(lot);
  const [most, setMost] = useState(FIRST);
  const all = pages.data?.pages.flat() ?? [];
  const earlier = () => {
    setMost(most + MORE);
    if (most + MORE > all.length && pages.hasNextPage) {
      void pages.fetchNextPage();
    }
  };
  return { moves: all.slice(0, most), earlier: all.length > most || pages.hasNextPage ? earlier : null };
}
