interface Props {
  added: number;
  changed: number;
  alike: number;
  refused: number;
}

/** What a table would do, in numbers. */
export function TableSum({ added, changed, alike, refused }: Props) {
  return (
    <p className="table-sum">
      <strong className="figures">{added}</strong> new, <strong className="figures">{changed}</strong>{" "}
      changed, <strong className="figures">{alike}</strong> as they are
      {refused > 0 && (
        <>
          , <strong className="figures care">{refused}</strong> that cannot be taken in
        </>
      )}
    </p>
  );
}
