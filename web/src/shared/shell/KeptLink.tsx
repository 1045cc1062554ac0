import type { ReactNode } from "react";
import { Link, useNavigate } from "react-router";
import { queries } from "../../api/queries";
import type { Editor } from "../kernel/editor";

/** A link to another page of what is edited here: it is kept first, so that the page finds it, a draft too. */
export function KeptLink<D>({
  editor,
  path,
  to,
  className = "quiet",
  children,
}: {
  editor: Editor<D>;
  /** Under what the kept are listed: "jobs/ring". */
  path: string;
  to: string;
  className?: string;
  children: ReactNode;
}) {
  const navigate = useNavigate();
  const go = async () => {
    const draft = !editor.isKept;
    await editor.flush();
    if (draft) {
      await queries.refetchQueries({ queryKey: [path] });
    }
    if (editor.isKept) {
      await navigate(to);
    }
  };
  return (
    <Link
      className={className}
      to={to}
      onClick={(event) => {
        event.preventDefault();
        void go();
      }}
    >
      {children}
    </Link>
  );
}
