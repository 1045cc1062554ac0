import { useNavigate } from "react-router";
import { usePreferences, useSpools } from "../../api/queries";
import { blankJob, keepJob } from "../../shared/kernel/newJob";

export function NewJob() {
  const navigate = useNavigate();
  const choices = usePreferences().data?.data;
  const spools = useSpools().data;
  const start = async () => {
    if (choices) {
      await navigate(`/rings/${await keepJob(blankJob(choices, spools?.[0]))}`);
    }
  };
  return (
    <button className="quiet" onClick={() => void start()}>
      new ring job
    </button>
  );
}
