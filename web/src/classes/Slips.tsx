import type { ClassView, Slip } from "../generated/types";
import { words } from "../words/en";
import { addressOf } from "./address";
import { Printed } from "./Printed";

/** A slip for each learner, six to a page: what they come back with. */
export function Slips(props: {
  view: ClassView;
  slips: Slip[];
  /** Looks away: they can be looked at again. */
  onClose: () => void;
  /** They are written down. */
  done: () => void;
}) {
  const { view, slips, onClose, done } = props;
  const address = addressOf(view);
  return (
    <Printed
      title={words.classes.slips.title}
      note={words.classes.slips.text}
      onClose={onClose}
      done={{ label: words.classes.slips.kept, act: done }}
    >
      <ul className="slips">
        {slips.map((slip) => (
          <li key={slip.learner} className="slip">
            <p className="font-display text-2xl font-semibold [overflow-wrap:anywhere]">
              <bdi>{slip.name}</bdi>
            </p>
            <p className="mb-3">{view.card.name}</p>
            <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
              <dt>{words.classes.slips.address}</dt>
              <dd className="break-all">{address}</dd>
              <dt>{words.classes.slips.code}</dt>
              <dd className="font-display font-semibold tracking-widest">{view.code}</dd>
              <dt>{words.classes.slips.words}</dt>
              <dd className="font-display text-xl font-semibold">{slip.words.join(" ")}</dd>
            </dl>
            <p className="mt-3 text-sm">{words.classes.slips.keep}</p>
          </li>
        ))}
      </ul>
    </Printed>
  );
}
