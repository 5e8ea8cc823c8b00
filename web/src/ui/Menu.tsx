import type { LucideIcon } from "lucide-react";
import { type KeyboardEvent, type ReactNode, useId, useRef, useState } from "react";

/** A button that opens a short list of actions: arrows move, Enter acts, Esc closes. */
export function Menu(props: {
  label: string;
  icon: LucideIcon;
  /** Whether its words stand beside its sign. */
  worded?: boolean;
  children: ReactNode;
}) {
  const { label, children } = props;
  const id = useId();
  const menu = useRef<HTMLDivElement>(null);
  const button = useRef<HTMLButtonElement>(null);
  const [open, setOpen] = useState(false);
  const items = () =>
    [...(menu.current?.querySelectorAll<HTMLElement>("[role=menuitem]:enabled") ?? [])].filter(
      (item) => item.checkVisibility?.() ?? true,
    );
  const onKey = (event: KeyboardEvent) => {
    const all = items();
    const here = all.indexOf(document.activeElement as HTMLElement);
    const to = {
      ArrowDown: (here + 1) % all.length,
      ArrowUp: (here - 1 + all.length) % all.length,
      Home: 0,
      End: all.length - 1,
    }[event.key];
    if (to === undefined) return;
    event.preventDefault();
    all[to]?.focus();
  };
  return (
    <>
      <button
        ref={button}
        type="button"
        className={`btn ${props.worded ? "btn-outline btn-sm h-11" : "btn-ghost btn-square"}`}
        aria-label={label}
        aria-haspopup="menu"
        aria-expanded={open}
        popoverTarget={id}
        style={{ anchorName: `--menu-${id}` } as React.CSSProperties}
      >
        <props.icon size={props.worded ? 16 : 18} aria-hidden="true" />
        {props.worded && label}
      </button>
      <div
        ref={menu}
        id={id}
        popover="auto"
        role="menu"
        aria-label={label}
        tabIndex={-1}
        onToggle={(event) => {
          const opens = event.newState === "open";
          setOpen(opens);
          if (opens) items()[0]?.focus();
        }}
        onKeyDown={onKey}
        onClick={() => menu.current?.hidePopover()}
        className="menu-popover w-max min-w-56 max-w-80 rounded-[14px] border border-line bg-card p-1.5 text-base-content shadow-lift"
        style={{ positionAnchor: `--menu-${id}` } as React.CSSProperties}
      >
        {children}
      </div>
    </>
  );
}

/** One action of a menu. */
export function MenuItem(props: {
  icon: LucideIcon;
  label: string;
  act: () => void;
  /** What keys do the same. */
  keys?: string;
  disabled?: boolean;
  /** Where it is shown, if not everywhere. */
  className?: string;
}) {
  return (
    <button
      type="button"
      role="menuitem"
      tabIndex={-1}
      disabled={props.disabled}
      className={`flex min-h-11 w-full cursor-pointer items-center gap-3 rounded-[10px] px-3 text-start hover:bg-base-200 focus-visible:bg-base-200 disabled:cursor-default disabled:text-soft ${props.className ?? ""}`}
      onClick={props.act}
    >
      <props.icon size={18} aria-hidden="true" className="text-soft" />
      <span className="flex-1">{props.label}</span>
      {props.keys && (
        <kbd className="font-display text-sm whitespace-nowrap text-soft">{props.keys}</kbd>
      )}
    </button>
  );
}
