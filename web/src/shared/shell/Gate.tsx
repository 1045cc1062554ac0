import { failureWords } from "../words/refused";
import { useEffect, useState, type ReactNode } from "react";
import { call } from "../../api/client";
import { queries, useSession } from "../../api/queries";

/** Asks for the workshop's password where one is set; otherwise lets in. */
export function Gate({ children }: { children: ReactNode }) {
  const session = useSession();
  useEffect(() => {
    const shut = () => void queries.invalidateQueries({ queryKey: ["session"] });
    window.addEventListener("toroid:shut", shut);
    return () => window.removeEventListener("toroid:shut", shut);
  }, []);
  if (session.isPending) {
    return null;
  }
  if (session.isError) {
    return (
      <p className="place" role="alert">
        The server is not answering. It is started with ./toroid start; this page tries again by itself.
      </p>
    );
  }
  return session.data.in ? <>{children}</> : <Door />;
}

function Door() {
  const [password, setPassword] = useState("");
  const [refusal, setRefusal] = useState<string | null>(null);
  const knock = async () => {
    try {
      await call("POST", "/api/session", { password });
      await queries.invalidateQueries();
    } catch (failure) {
      setRefusal(failureWords(failure, "The server is not answering."));
    }
  };
  return (
    <main className="grid min-h-dvh place-items-center">
      <form
        className="w-80"
        onSubmit={(event) => {
          event.preventDefault();
          void knock();
        }}
      >
        <h1 className="text-4xl font-extrabold">Toroid</h1>
        <label className="mt-6 block soft" htmlFor="password">
          The workshop's password
        </label>
        <input
          id="password"
          type="password"
          autoComplete="current-password"
          autoFocus
          className="plain-input w-full text-xl"
          value={password}
          onChange={(event) => setPassword(event.target.value)}
        />
        {refusal && (
          <p className="stop mt-3" role="alert">
            {refusal}
          </p>
        )}
        <button className="action mt-6">Come in</button>
      </form>
    </main>
  );
}
