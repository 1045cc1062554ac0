import { useQuery } from "@tanstack/react-query";
import { call } from "../../api/client";
import { usePreferences } from "../../api/queries";
import type { OnAJaw } from "../../api/types";
import { sizeText } from "../../quantity/format";

/** Where on the maker's own tapered jaws something is bent, from the tip; nothing where no jaw has that diameter. */
export function OnJaws({ diameterMm }: { diameterMm: number }) {
  const units = usePreferences().data?.data.units ?? "MILLIMETRES";
  const jaws = useQuery({
    queryKey: ["lots", "jaws", diameterMm],
    queryFn: ({ signal }) => call<OnAJaw[]>("GET", `/api/jaws?diameterMm=${diameterMm}`, undefined, signal),
  });
  return (jaws.data ?? []).map(({ lot, name, place }) => (
    <span key={lot} className="on-jaw">
      {" "}
      {name}: <strong className="figures">{sizeText(place.fromTipMm, units, 1)}</strong> from the tip
      {place.mark !== null && `, at mark ${place.mark}`}.
    </span>
  ));
}
