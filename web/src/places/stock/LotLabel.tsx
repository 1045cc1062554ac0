import { useQuery } from "@tanstack/react-query";
import { fetchFile } from "../../api/client";

/** A lot's label at true size, as the server draws it. */
export function LotLabel({ lot, version, name }: { lot: string; version: number; name: string }) {
  const label = useQuery({
    queryKey: ["label", lot, version],
    queryFn: async () => (await fetchFile(`/api/lots/${lot}/label`)).text(),
    placeholderData: (before) => before,
  });
  return label.data ? (
    <img
      className="lot-label"
      alt={`Label of ${name}`}
      src={`data:image/svg+xml;charset=utf-8,${encodeURIComponent(label.data)}`}
    />
  ) : null;
}
