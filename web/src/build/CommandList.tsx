import { type KeyboardEvent, useRef, useState } from "react";
import { Dialog } from "../ui/Dialog";
import { words } from "../words/en";
import type { Command } from "./commands";

/** Every action by its name: type a part of it, choose with the arrows, Enter does it. */
export function CommandList(props: { commands: Command[]; onClose: () => void }) {
  const { commands, onClose } = props;
  const [text, setText] = useState("");
  const [place, setPlace] = useState(0);
  const list = useRef<HTMLDivElement>(null);
  const parts = text.toLowerCase().split(/\s+/);
  const found = commands.filter((command) =>
    parts.every((part) => command.name.toLowerCase().includes(part)),
  );
  const run = (command?: Command) => {
    if (!command) return;
    onClose();
    // The dialog gives the focus back first; then the command may take it elsewhere.
    setTimeout(command.run);
  };
  const go = (to: number) => {
    const next = (to + found.length) % Math.max(1, found.length);
    setPlace(next);
    list.current?.children[next]?.scrollIntoView({ block: "nearest" });
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.key === "ArrowDown") go(place + 1);
    else if (event.key === "ArrowUp") go(place - 1);
    else if (event.key === "Enter") run(found[place]);
    else return;
    event.preventDefault();
  };
  return (
    <Dialog title={words.commands.title} onClose={onClose}>
      <input
        data-first
        role="combobox"
        aria-label={words.commands.label}
        aria-expanded="true"
        aria-controls="commands"
        aria-activedescendant={found[place] && `command-${place}`}
        placeholder={words.commands.placeholder}
        className="mb-3 h-12 w-full rounded-[14px] border border-edge bg-card px-3 text-lg"
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setPlace(0);
        }}
        onKeyDown={onKey}
      />
      <div ref={list} id="commands" role="listbox" aria-label={words.commands.title}>
        {found.map((command, i) => (
          <div
            key={command.name}
            id={`command-${i}`}
            role="option"
            tabIndex={-1}
            aria-selected={i === place}
            onClick={() => run(command)}
            onKeyDown={onKey}
            onPointerMove={() => setPlace(i)}
            className={`flex min-h-11 cursor-pointer items-center justify-between gap-4 rounded-[14px] px-3 ${i === place ? "bg-primary text-primary-content" : ""}`}
          >
            {command.name}
            {(command.keys ?? command.hint) && (
              <kbd className="font-display text-sm whitespace-nowrap">
                {command.keys ?? command.hint}
              </kbd>
            )}
          </div>
        ))}
      </div>
      {found.length === 0 && <p role="status">{words.commands.none}</p>}
    </Dialog>
  );
}
