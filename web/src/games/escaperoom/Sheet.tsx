import {
  ChevronRight,
  Grid2x2,
  LayoutTemplate,
  type LucideIcon,
  MoveRight,
  Plus,
  Split,
  TableProperties,
} from "lucide-react";
import type { EditorStore } from "../../build/editor";
import { SheetHeading } from "../../build/SheetHeading";
import { escapeLaidOut } from "../../engine/LocalGame";
import { randomId } from "../../engine/randomId";
import type { EscapePattern, EscapeRoom } from "../../generated/types";
import { Menu, MenuItem } from "../../ui/Menu";
import type { SheetProps } from "..";
import {
  addCover,
  addLock,
  addOther,
  addPiece,
  addRoom,
  addThing,
  changeEscape,
  escapeOf,
  locksOf,
  type One,
  onesIn,
} from "./escaping";
import { CoverFields, PieceFields, RoomFields, ThingFields } from "./fields";
import { LockFields } from "./LockFields";
import { Plan } from "./Plan";
import { sheetWords, titleOf } from "./sheetWords";
import { Whole } from "./Whole";

/** The sheet of an escape room: the plan, and below it a line for everything, room by room. */
export default function EscapeSheet(props: SheetProps) {
  const { useEditor, showKeys, takeIn } = props;
  const game = useEditor((editor) => escapeOf(editor.activity));
  if (!game) return null;
  const { edit, unfold } = useEditor.getState();
  const add = (change: (id: string) => Parameters<typeof edit>[0]) => {
    const fresh = randomId();
    edit(change(fresh));
    unfold(fresh);
  };
  const locks = locksOf(game);
  return (
    <section aria-labelledby="sheet">
      <SheetHeading title={sheetWords.title(game.rooms.length, locks.length)} showKeys={showKeys} />
      <Plan useEditor={useEditor} game={game} />
      {game.rooms.map((room) => (
        <section key={room.id} aria-label={titleOf(game, room.id)} className="mt-3">
          <Line {...props} game={game} line={{ kind: "room", one: room }} heading />
          <ul className="border-l-4 border-line pl-2">
            {onesIn(game, room.id).map((line) => (
              <li key={line.one.id}>
                <Line {...props} game={game} line={line} />
              </li>
            ))}
          </ul>
          <Adding
            label={sheetWords.addIn(titleOf(game, room.id))}
            ways={{
              [sheetWords.add.lock]: () => add((id) => addLock(room.id, id)),
              [sheetWords.add.thing]: () => add((id) => addThing(room.id, id)),
              ...(room.picture && {
                [sheetWords.add.cover]: () => add((id) => addCover(room.id, id)),
              }),
              [sheetWords.add.pieces]: () => add((id) => addOther(room.id, "pieces", id)),
              [sheetWords.add.locks]: () => add((id) => addOther(room.id, "locks", id)),
            }}
          />
        </section>
      ))}
      <section aria-label={sheetWords.pieces} className="mt-4">
        <h3 className="text-sm font-semibold tracking-wide text-soft">{sheetWords.pieces}</h3>
        <p className="text-sm text-soft">{sheetWords.piecesHow}</p>
        <ul>
          {game.pieces.map((piece) => (
            <li key={piece.id}>
              <Line {...props} game={game} line={{ kind: "piece", one: piece }} />
            </li>
          ))}
        </ul>
        {game.pieces.some(({ strip }) => strip) && <Whole useEditor={useEditor} game={game} />}
      </section>
      <div className="mt-3 mb-4 flex flex-wrap gap-2">
        <button
          type="button"
          data-place="sheet"
          className="btn btn-ghost border border-dashed border-edge"
          onClick={() => add(addRoom)}
        >
          <Plus size={18} aria-hidden="true" />
          {sheetWords.add.room}
        </button>
        <button
          type="button"
          className="btn btn-ghost border border-dashed border-edge"
          onClick={() => add((id) => addPiece(id))}
        >
          <Plus size={18} aria-hidden="true" />
          {sheetWords.add.piece}
        </button>
        <button
          type="button"
          className="btn btn-ghost border border-dashed border-edge"
          onClick={() => takeIn("")}
        >
          <TableProperties size={18} aria-hidden="true" />
          {sheetWords.paste}
        </button>
        <LayOut useEditor={useEditor} />
      </div>
    </section>
  );
}

const PATTERN_ICONS: Record<EscapePattern, LucideIcon> = {
  "rooms-in-a-row": MoveRight,
  "one-code": Grid2x2,
  "two-ways": Split,
};

/** All questions laid out in a way that works. */
function LayOut({ useEditor }: { useEditor: EditorStore }) {
  return (
    <div className="flex items-center" title={sheetWords.layOutHow}>
      <span className="text-soft">{sheetWords.layOut}</span>
      <Menu label={sheetWords.layOutLabel} icon={LayoutTemplate}>
        {(Object.keys(PATTERN_ICONS) as EscapePattern[]).map((pattern) => (
          <MenuItem
            key={pattern}
            icon={PATTERN_ICONS[pattern]}
            label={sheetWords.patterns[pattern]}
            act={() =>
              useEditor.getState().edit(changeEscape((game) => escapeLaidOut(game, pattern)))
            }
          />
        ))}
      </Menu>
    </div>
  );
}

/** What can be added to a room. */
function Adding(props: { label: string; ways: Record<string, () => void> }) {
  return (
    <fieldset className="flex flex-wrap items-center gap-x-1 pl-2">
      <legend className="sr-only">{props.label}</legend>
      {Object.entries(props.ways).map(([name, act]) => (
        <button
          key={name}
          type="button"
          className="btn btn-ghost btn-sm min-h-9 px-2 font-normal text-soft"
          onClick={act}
        >
          <Plus size={15} aria-hidden="true" />
          {name}
        </button>
      ))}
    </fieldset>
  );
}

type LineProps = SheetProps & { game: EscapeRoom; line: One; heading?: boolean };

/** A line of the sheet: what it is and what it is called; the open one unfolds in place. */
function Line(props: LineProps) {
  const { useEditor, game, line, heading } = props;
  const open = useEditor((editor) => editor.open === line.one.id);
  const { unfold } = useEditor.getState();
  if (open) return <Fields {...props} />;
  return (
    <button
      type="button"
      data-place={`question ${line.one.id}`}
      aria-expanded={false}
      onClick={() => unfold(line.one.id)}
      className="flex min-h-11 w-full cursor-pointer items-center gap-2 border-b border-line px-1 py-1.5 text-start hover:bg-base-200"
    >
      <ChevronRight size={16} aria-hidden="true" className="shrink-0 text-soft" />
      <span className="w-20 shrink-0 text-sm text-soft">{sheetWords[line.kind]}</span>
      <span
        className={`min-w-0 flex-1 truncate ${heading ? "font-display text-lg font-semibold" : ""}`}
      >
        {titleOf(game, line.one.id)}
      </span>
    </button>
  );
}

function Fields(props: LineProps) {
  const { line } = props;
  switch (line.kind) {
    case "room":
      return <RoomFields {...props} room={line.one} />;
    case "thing":
      return <ThingFields {...props} thing={line.one} />;
    case "cover":
      return <CoverFields {...props} cover={line.one} />;
    case "piece":
      return <PieceFields {...props} piece={line.one} />;
    case "lock":
      return <LockFields {...props} lock={line.one} />;
  }
}
