import { useRef, useState } from "react";
import { createPortal } from "react-dom";
import { Dialog } from "../ui/Dialog";
import { words } from "../words/en";
import { FormulaParts } from "./FormulaParts";
import FormulaView from "./FormulaView";
import { missingIn } from "./missing";

/** A formula, typed in TeX with the result beside it. Setting nothing takes it out. */
export function FormulaDialog(props: {
  tex: string;
  set: (tex: string) => void;
  onClose: () => void;
}) {
  const [tex, setTex] = useState(props.tex);
  const field = useRef<HTMLTextAreaElement>(null);
  const missing = missingIn(tex);
  /** The last that could be drawn: it stays in sight while the next one is typed. */
  const drawn = useRef(tex);
  if (!missing) drawn.current = tex;
  const set = () => props.set(tex.trim());
  const put = (piece: string) => {
    const from = field.current?.selectionStart ?? tex.length;
    const to = field.current?.selectionEnd ?? tex.length;
    setTex(tex.slice(0, from) + piece + tex.slice(to));
    // Once the field has it: what is typed next stands behind it.
    setTimeout(() => {
      field.current?.focus();
      field.current?.setSelectionRange(from + piece.length, from + piece.length);
    });
  };
  // Outside of what is edited, which would take its keys for its own.
  return createPortal(
    <Dialog title={words.rich.formula} onClose={props.onClose}>
      <FormulaParts put={put} />
      <div className="grid items-start gap-4 sm:grid-cols-2">
        <label>
          {words.rich.tex}
          <textarea
            ref={field}
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
            <FormulaView tex={drawn.current} />
          </div>
          <p role="status" className="min-h-6 text-sm">
            {missing && (
              <>
                <span aria-hidden="true" className="text-error">
                  △{" "}
                </span>
                {missing}
              </>
            )}
          </p>
        </div>
      </div>
      <button type="button" className="btn btn-primary mt-5" onClick={set}>
        {tex.trim() ? words.rich.texSet : words.rich.texRemove}
      </button>
    </Dialog>,
    document.body,
  );
}
