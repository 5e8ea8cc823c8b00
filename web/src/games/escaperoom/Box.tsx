import { ArrowDown, ArrowUp, Trash2 } from "lucide-react";
import type { ReactNode } from "react";
import { placeOf } from "../../build/places";
import { LINE_FIELD } from "../../questions/editors/rows";
import { IconButton } from "../../ui/IconButton";
import { moveOne, type One, removeOne } from "./escaping";
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
  const { useEditor, game, kind, id, name, rename, children } = props;
  const { edit, unfold } = useEditor.getState();
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
          onChange={(event) => rename(event.target.value)}
        />
        <div className="flex shrink-0">
          <IconButton label={sheetWords.up} icon={ArrowUp} act={() => edit(moveOne(id, -1))} />
          <IconButton label={sheetWords.down} icon={ArrowDown} act={() => edit(moveOne(id, 1))} />
          <IconButton
            label={sheetWords.remove(title)}
            icon={Trash2}
            act={() => {
              edit(removeOne(id));
              unfold(undefined);
            }}
          />
        </div>
      </div>
      {children}
    </fieldset>
  );
}
