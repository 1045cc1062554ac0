import { useQuery } from "@tanstack/react-query";
import { Link, Navigate, useParams } from "react-router";
import { call } from "../../api/client";
import { failureWords } from "../../shared/words/refused";

/** From a label's code to its lot. */
export function CodeDoor() {
  const { code = "" } = useParams();
  const found = useQuery({
    queryKey: ["lot-code", code],
    queryFn: () => call<{ lots: string[] }>("GET", `/api/lot-codes/${encodeURIComponent(code)}`),
  });
  if (found.data) {
    return <Navigate to={`/stock/lot/${found.data.lots[0]}`} replace />;
  }
  return found.error ? (
    <div className="place">
      <h1 className="place-title">No such label</h1>
      <p className="mt-3">
        {failureWords(found.error, "The server is not answering.")} <Link to="/stock">Back to the shelf</Link>
      </p>
    </div>
  ) : null;
}
