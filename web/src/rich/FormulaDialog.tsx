import { useState } from "react";
import { createPortal } from "react-dom";
import { Dialog } from "../ui/Dialog";
import { words } from "../words/en";
import FormulaView from "./FormulaView";

/** A formula, typed in TeX with the result beside it. Setting nothing takes it out. */
export function FormulaDialog(props: {
  tex: string;
  set: (tex: string) => void;
  onClose: () => void;
}) {
  const [tex, setTex] = useState(props.tex);
  const set = () => props.set(tex.trim());
  // Outside of what is edited, which would take its keys for its own.
  return createPortal(
    <Dialog title={words.rich.formula} onClose={props.onClose}>
      <div className="grid items-start gap-4 sm:grid-cols-2">
        <label>
          {words.rich.tex}
          <textarea
            data-first
            rows={3}
            maxLength={2000}
            spellCheck={false}
            className="w-full rounded-[14px] border border-edge bg-card px-3 py-2 font-mono"
            value={tex}
            onChange={(event) => setTex(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== "Enter" || event.shiftKey) return;
              event.preventDefault();
              set();
            }}
          />
          <span className="block text-sm text-soft">{words.rich.texHint}</span>
        </label>
        <div>
          <p>{words.rich.texResult}</p>
          <div className="grid min-h-24 place-items-center overflow-x-auto rounded-[4px] bg-card p-3 text-2xl">
            <FormulaView tex={tex} />
          </div>
        </div>
      </div>
      <button type="button" className="btn btn-primary mt-5" onClick={set}>
        {tex.trim() ? words.rich.texSet : words.rich.texRemove}
      </button>
    </Dialog>,
    document.body,
  );
}
