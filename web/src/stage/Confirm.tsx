import { useEffect, useRef, useState } from "react";
import { useReturn } from "../ui/useReturn";
import "./confirm.css";

/** Something that can't be undone by who plays: it is asked once, in place. */
export function Confirm(props: {
  label: string;
  ask: string;
  /** What is said on the button that leaves all as it is. */
  goOn: string;
  act: () => void;
}) {
  const { label, ask, goOn, act } = props;
  const [asking, setAsking] = useState(false);
  const opener = useReturn(asking);
  const stay = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (asking) stay.current?.focus();
  }, [asking]);
  if (!asking) {
    return (
      <button ref={opener} type="button" className="stage-quiet" onClick={() => setAsking(true)}>
        {label}
      </button>
    );
  }
  return (
    <fieldset
      className="stage-ask"
      aria-label={label}
      onKeyDown={(event) => {
        if (event.key !== "Escape") return;
        event.stopPropagation();
        setAsking(false);
      }}
    >
      <p>{ask}</p>
      <button type="button" className="btn btn-outline" onClick={act}>
        {label}
      </button>
      <button ref={stay} type="button" className="btn btn-primary" onClick={() => setAsking(false)}>
        {goOn}
      </button>
    </fieldset>
  );
}
