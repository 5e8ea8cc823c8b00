import { useState } from "react";
import { Dialog } from "../ui/Dialog";
import { FIELD } from "../ui/field";
import { words } from "../words/en";
import { isLink } from "./schema";

/** Where a link leads; nothing typed takes it away. */
export function LinkDialog(props: {
  address: string;
  set: (address: string) => void;
  onClose: () => void;
}) {
  const [typed, setTyped] = useState(props.address);
  const [wrong, setWrong] = useState(false);
  const set = () => {
    const text = typed.trim();
    // An address without its beginning is meant as one of the web.
    const address = text && !/^[a-z]+:/i.test(text) ? `https://${text}` : text;
    if (address && !isLink(address)) return setWrong(true);
    props.set(address);
  };
  return (
    <Dialog title={words.rich.link} onClose={props.onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          set();
        }}
      >
        <label>
          {words.rich.linkTo}
          <input
            data-first
            inputMode="url"
            className={FIELD}
            maxLength={2000}
            value={typed}
            onChange={(event) => {
              setTyped(event.target.value);
              setWrong(false);
            }}
          />
          <span className="block text-sm text-soft">{words.rich.linkHint}</span>
        </label>
        {wrong && <p role="alert">{words.rich.linkWrong}</p>}
        <button type="submit" className="btn btn-primary mt-5">
          {typed.trim() ? words.rich.linkSet : words.rich.linkRemove}
        </button>
      </form>
    </Dialog>
  );
}
