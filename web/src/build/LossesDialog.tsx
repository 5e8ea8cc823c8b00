import type { Loss } from "../generated/types";
import { Dialog } from "../ui/Dialog";
import { words } from "../words/en";

/** Says what a table or a list can't hold of this activity, before it is saved as one. */
export function LossesDialog(props: {
  ending: "csv" | "md";
  losses: Loss[];
  save: () => void;
  onClose: () => void;
}) {
  const { ending, losses, save, onClose } = props;
  return (
    <Dialog title={words.losses.title[ending]} onClose={onClose}>
      <p className="mb-3">{words.losses.text}</p>
      <ul className="mb-5 list-disc pl-6">
        {losses.map(({ what, questions }) => (
          <li key={what}>
            {words.losses.what[what]}{" "}
            <span className="text-soft">{words.losses.of(questions)}</span>
          </li>
        ))}
      </ul>
      <div className="flex justify-end gap-2">
        <button type="button" className="btn btn-ghost" onClick={onClose}>
          {words.cancel}
        </button>
        <button
          type="button"
          data-first
          className="btn btn-primary"
          onClick={() => {
            save();
            onClose();
          }}
        >
          {words.losses.save}
        </button>
      </div>
    </Dialog>
  );
}
