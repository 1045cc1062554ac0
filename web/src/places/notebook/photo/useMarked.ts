import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import { call } from "../../../api/client";
import { upright } from "../../../shared/kernel/photos";
import { begun, forget, keepMarks, keepPicture, kept, LEAST, type Marked, type PhotoSize } from "./marks";

/** Finer than this no hand marks. */
const MOST_PIXELS = 4096;

/** The photo and its marks, as they were left on this device. */
export function useMarked() {
  const [marked, setMarked] = useState<Marked | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    void kept()
      .then((one) => one && setMarked((now) => now ?? one))
      .catch(() => undefined);
  }, []);
  const change = (to: Marked) => {
    setMarked(to);
    void keepMarks(to).catch(() => undefined);
  };
  const open = async (file: Blob) => {
    try {
      const picture = await upright(file, MOST_PIXELS);
      const { width, height } = await createImageBitmap(picture);
      setFault(null);
      void keepPicture(picture).catch(() => undefined);
      change(begun(picture, width, height));
    } catch {
      setFault("This is no picture that this browser can read. Take a JPEG, PNG or WebP.");
    }
  };
  const clear = () => {
    setMarked(null);
    void forget().catch(() => undefined);
  };
  const picture = marked?.picture;
  const url = useMemo(() => (picture ? URL.createObjectURL(picture) : null), [picture]);
  useEffect(() => () => (url ? URL.revokeObjectURL(url) : undefined), [url]);
  return { marked, url, fault, change, open, clear };
}

/** The size of each mark that has spots enough, in their order; null for the others. */
export function usePhotoSizes(marked: Marked | null) {
  const ready = (marked?.marks ?? []).map((one) => one.spots.length >= LEAST[one.kind]);
  const asked = marked && {
    card: marked.card,
    corners: marked.corners,
    marks: marked.marks.filter((_, i) => ready[i]),
  };
  const { data, error } = useQuery({
    enabled: asked !== null && asked.marks.length > 0,
    queryKey: ["photo-sizes", asked],
    queryFn: ({ signal }) => call<{ sizes: PhotoSize[] }>("POST", "/api/photo-sizes", asked, signal),
    placeholderData: keepPreviousData,
    retry: false,
  });
  let next = 0;
  const sizes = ready.map((one) => (one && !error ? (data?.sizes[next++] ?? null) : null));
  return { sizes, error };
}
