import type { EditorStore } from "../../build/editor";
import { copyOf, insertAfter } from "../../build/edits";
import type { SheetActions } from "../../build/sheetActions";
import { randomId } from "../../engine/randomId";
import type { EscapeRoom } from "../../generated/types";
import {
  addLock,
  addPiece,
  addRoom,
  addThing,
  changeEscape,
  changeLock,
  escapeOf,
  locksOf,
  moveOne,
  type One,
  onesIn,
  questionOf,
  removeOne,
} from "./escaping";

/** What stands on the sheet under an id; nothing where nothing does. */
function oneOf(game: EscapeRoom, id: string | undefined): One | undefined {
  const room = game.rooms.find((one) => one.id === id);
  if (room) return { kind: "room", one: room };
  const piece = game.pieces.find((one) => one.id === id);
  if (piece) return { kind: "piece", one: piece };
  return game.rooms.flatMap(({ id: here }) => onesIn(game, here)).find(({ one }) => one.id === id);
}

/** What the actions of a sheet do here, where more than questions stands on it. */
export function escapeActions(useEditor: EditorStore): Partial<SheetActions> {
  const { edit, unfold } = useEditor.getState();
  const game = () => escapeOf(useEditor.getState().activity);
  const open = () => {
    const there = game();
    return there && oneOf(there, useEditor.getState().open);
  };
  const addAfter = (id?: string) => {
    const there = game();
    if (!there) return;
    const after = oneOf(there, id);
    const fresh = randomId();
    const first = there.rooms[0]?.id ?? "";
    switch (after?.kind) {
      case "room":
        edit(addLock(after.one.id, fresh));
        break;
      case "piece":
        edit(addPiece(fresh));
        break;
      case "thing":
        edit(addThing(after.one.room, fresh));
        break;
      default:
        edit(addLock(after?.one.room ?? first, fresh));
    }
    unfold(fresh);
  };
  return {
    addAfter,
    next: (id) => {
      const locks = locksOf(game() as EscapeRoom);
      const following = locks[locks.findIndex((lock) => lock.id === id) + 1];
      if (following) unfold(following.id);
      else addAfter(id);
    },
    move: (by) => {
      const here = open();
      if (here) edit(moveOne(here.one.id, by));
    },
    remove: () => {
      const here = open();
      if (!here) return;
      edit(removeOne(here.one.id));
      unfold(undefined);
    },
    duplicate: () => {
      const here = open();
      const there = game();
      if (!here || !there) return;
      const id = randomId();
      if (here.kind === "room") edit(addRoom(id));
      else if (here.kind === "lock") {
        const question = questionOf(there, here.one);
        edit((activity) => {
          const asked = question
            ? insertAfter(here.one.id, { ...copyOf(question), id })(activity)
            : activity;
          const { by, name, room } = here.one;
          return question
            ? changeLock(id, () => ({ by, name, room }))(asked)
            : changeEscape(({ locks }) => ({ locks: [...locks, { ...here.one, id, does: [] }] }))(
                activity,
              );
        });
      } else {
        const list = `${here.kind}s` as "things" | "covers" | "pieces";
        edit(changeEscape((all) => ({ [list]: [...all[list], { ...here.one, id }] })));
      }
      unfold(id);
    },
  };
}
