import { type KeyboardEvent, useState } from "react";
import { words } from "../words/en";

/** What can be put together without a word of TeX, and what TeX it is. */
const PARTS = {
  fraction: (above: string, below: string) => `\\frac{${above}}{${below}}`,
  power: (base: string, exponent: string) => `${group(base)}^{${exponent}}`,
  root: (of: string, nth: string) => (nth ? `\\sqrt[${nth}]{${of}}` : `\\sqrt{${of}}`),
  index: (base: string, index: string) => `${group(base)}_{${index}}`,
} satisfies Record<string, (first: string, second: string) => string>;

type Part = keyof typeof PARTS;

/** The part of a root that may be left out: it is then a square root. */
const OPTIONAL: Partial<Record<Part, true>> = { root: true };

const group = (text: string) => (text.length > 1 ? `{${text}}` : text);

const SIGNS = ["×", "÷", "±", "≤", "≥", "≠", "π", "°"] as const;
const SIGN_TEX: Record<(typeof SIGNS)[number], string> = {
  "×": "\\times ",
  "÷": "\\div ",
  "±": "\\pm ",
  "≤": "\\le ",
  "≥": "\\ge ",
  "≠": "\\ne ",
  π: "\\pi ",
  "°": "^\\circ ",
};

/** Common formulas, put together from what stands above and below; and signs that no key has. */
export function FormulaParts({ put }: { put: (tex: string) => void }) {
  const [part, setPart] = useState<Part>();
  const [first, setFirst] = useState("");
  const [second, setSecond] = useState("");
  const whole = first.trim() !== "" && (second.trim() !== "" || (part && OPTIONAL[part]));
  const done = () => {
    if (!part || !whole) return;
    put(PARTS[part](first.trim(), second.trim()));
    setPart(undefined);
    setFirst("");
    setSecond("");
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.key !== "Enter") return;
    event.preventDefault();
    done();
  };
  return (
    <div className="mb-4">
      <div className="flex flex-wrap gap-1.5">
        {(Object.keys(PARTS) as Part[]).map((one) => (
          <button
            key={one}
            type="button"
            aria-expanded={part === one}
            className={`btn btn-sm h-11 ${part === one ? "btn-neutral" : "btn-outline"}`}
            onClick={() => setPart(part === one ? undefined : one)}
          >
            {words.rich.parts[one].name}
          </button>
        ))}
        {SIGNS.map((sign) => (
          <button
            key={sign}
            type="button"
            className="btn btn-sm btn-ghost h-11 min-w-11 text-lg"
            onClick={() => put(SIGN_TEX[sign])}
          >
            {sign}
          </button>
        ))}
      </div>
      {part && (
        <div className="mt-2 flex flex-wrap items-end gap-2">
          <Field
            autoFocus
            label={words.rich.parts[part].first}
            value={first}
            change={setFirst}
            onKeyDown={onKey}
          />
          <Field
            label={words.rich.parts[part].second}
            value={second}
            change={setSecond}
            onKeyDown={onKey}
          />
          <button type="button" className="btn btn-outline" disabled={!whole} onClick={done}>
            {words.rich.putIn}
          </button>
        </div>
      )}
    </div>
  );
}

function Field(props: {
  label: string;
  value: string;
  change: (value: string) => void;
  onKeyDown: (event: KeyboardEvent) => void;
  autoFocus?: boolean;
}) {
  return (
    <label>
      <span className="block text-sm text-soft">{props.label}</span>
      <input
        // biome-ignore lint/a11y/noAutofocus: as whoever shows it says
        autoFocus={props.autoFocus}
        value={props.value}
        maxLength={60}
        onChange={(event) => props.change(event.target.value)}
        onKeyDown={props.onKeyDown}
        className="h-11 w-32 rounded-[14px] border border-edge bg-card px-3"
      />
    </label>
  );
}
