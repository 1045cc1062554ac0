import { useNavigate } from "react-router";
import { usePreferences } from "../../api/queries";
import type { FormJobData } from "../../api/types";
import { takeForm } from "../../shared/kernel/newPiece";
import { say } from "../../shared/kernel/says";
import { failureWords } from "../../shared/words/refused";

/** A whole piece of the form as it stands. What has rows of its own is not written in a piece. */
export function IntoAPiece({ data }: { data: FormJobData }) {
  const navigate = useNavigate();
  const choices = usePreferences().data?.data;
  if (!choices || Object.values(data.parameters).some(Array.isArray)) {
    return null;
  }
  const begin = async () => {
    try {
      await navigate(`/pieces/${await takeForm(data, choices)}`);
    } catch (failure) {
      say(failureWords(failure, "The server is not answering; nothing was begun."));
    }
  };
  return (
    <p className="mt-4">
      <button className="quiet" onClick={() => void begin()}>
        make a piece of it
      </button>
    </p>
  );
}
