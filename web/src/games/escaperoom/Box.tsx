import { ArrowDown, ArrowUp, Trash2 } from "lucide-react";
import type { ReactNode } from "react";
import { placeOf } from "../../build/places";
import { LINE_FIELD } from "../../questions/editors/rows";
import { IconButton } from "../../ui/IconButton";
import type { One } from "./escaping";
import type { FieldsProps } from "./fieldsProps";
import { sheetWords, titleOf } from "./sheetWords";

type Kind = One["kind"];

/** What is open on the sheet: its name, its own fields, and what can be done with it as a whole. */
export function Box(
  props: FieldsProps & {
    kind: Kind;
    id: string;
    name: string;
    rename: (name: string) => void;
    children: ReactNode;
  },
) {
  const { useEditor, sheet, game, kind, id, name, rename, children } = props;
  const title = titleOf(game, id);
  return (
    <fieldset className="my-2 min-w-0 rounded-[14px] border-2 border-primary bg-card p-3.5 shadow-lift">
      <legend className="sr-only">
        {sheetWords[kind]}: {title}
      </legend>
      <div className="flex items-center gap-2">
        <span className="shrink-0 text-sm font-semibold text-soft">{sheetWords[kind]}</span>
        <input
          aria-label={`${sheetWords.name}: ${sheetWords[kind]}`}
          data-place={placeOf.question(id)}
          // biome-ignore lint/a11y/noAutofocus: the line that was opened takes the cursor
          autoFocus={useEditor.getState().takesCursor && (kind !== "lock" || name === "")}
          placeholder={sheetWords.namePlaceholders[kind]}
          value={name}
          maxLength={kind === "piece" ? 60 : 100}
          className={`${LINE_FIELD} font-display font-semibold`}
          onKeyDown={(event) => {
            if (event.key !== "Enter") return;
            event.preventDefault();
            const box = event.currentTarget.closest("fieldset");
            const text = box?.querySelector<HTMLElement>("fieldset textarea");
            if (text) text.focus();
            else sheet.addAfter(id);
          }}
          onChange={(event) => rename(event.target.value)}
        />
        <div className="flex shrink-0">
          <IconButton label={sheetWords.up} icon={ArrowUp} act={() => sheet.move(-1)} />
          <IconButton label={sheetWords.down} icon={ArrowDown} act={() => sheet.move(1)} />
          <IconButton label={sheetWords.remove(title)} icon={Trash2} act={sheet.remove} />
        </div>
      </div>
      {children}
    </fieldset>
  );
}
