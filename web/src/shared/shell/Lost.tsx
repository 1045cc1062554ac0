import { Link } from "react-router";

export function Lost() {
  return (
    <div className="place">
      <h1 className="place-title">Nothing lies here</h1>
      <p className="mt-3">
        The address names no place of the workshop. <Link to="/">Back to the bench</Link>
      </p>
    </div>
  );
}
