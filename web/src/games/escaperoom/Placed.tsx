import { useState } from "react";
import type { EditorStore } from "../../build/editor";
import type { Area, EscapeRoom, Form, Spot } from "../../generated/types";
import { AreaBoard } from "../../questions/editors/AreaBoard";
import { AreaTools } from "../../questions/editors/AreaTools";
import { changeCover, changeLock, changeThing, onesIn, roomIn } from "./escaping";
import { sheetWords } from "./sheetWords";

/** The picture of a room with everything on it: what is chosen is drawn, moved and reshaped. */
export function Placed(props: {
  useEditor: EditorStore;
  game: EscapeRoom;
  room: string;
  /** What is placed; without it things are only chosen. */
  chosen?: string;
  /** Whether it is a rectangle in any case. */
  boxed?: boolean;
}) {
  const { useEditor, game, chosen, boxed } = props;
  const [tool, setTool] = useState<Form>();
  const id = roomIn(game, props.room);
  const room = game.rooms.find((one) => one.id === id);
  if (!room) return null;
  if (!room.picture) return <p className="py-1 text-sm text-soft">{sheetWords.noPicture}</p>;
  const { edit, unfold } = useEditor.getState();
  const ones = onesIn(game, room.id);
  const areas = ones.flatMap(({ one }) => {
    const place = "place" in one ? one.place : undefined;
    return place ? [{ ...place, id: one.id, right: one.id === chosen }] : [];
  });
  const placed = areas.some((area) => area.id === chosen);
  const set = (which: string, place: Area | undefined, key?: string) => {
    const kind = ones.find(({ one }) => one.id === which)?.kind;
    const change =
      kind === "cover"
        ? place && changeCover(which, { place })
        : kind === "thing"
          ? changeThing(which, { place })
          : changeLock(which, () => ({ place }));
    if (change) edit(change, key && `place ${which} ${key}`);
  };
  const draw = (form: Form, corners: Spot[]) => {
    if (chosen) set(chosen, { id: chosen, name: "", form, corners, right: true });
    setTool(undefined);
  };
  return (
    <section aria-label={sheetWords.places} className="py-1">
      {chosen && (
        <div className="flex flex-wrap items-center gap-2 py-1">
          <span className="text-sm text-soft">{sheetWords.place}</span>
          <AreaTools
            names={sheetWords.forms}
            forms={boxed ? ["rectangle"] : undefined}
            tool={tool}
            choose={setTool}
            draw={draw}
          />
          {placed && !boxed && (
            <button
              type="button"
              className="btn btn-ghost btn-sm text-soft"
              onClick={() => set(chosen, undefined)}
            >
              {sheetWords.noPlace}
            </button>
          )}
        </div>
      )}
      {chosen && (
        <p className="min-h-6 text-sm text-soft" role="status">
          {tool ? sheetWords.drawing : !placed && sheetWords.drawHow}
        </p>
      )}
      <AreaBoard
        picture={room.picture.medium}
        areas={areas}
        tool={chosen === undefined ? undefined : tool}
        chosen={chosen}
        choose={(which) => which !== undefined && which !== chosen && unfold(which, false)}
        draw={draw}
        leave={() => setTool(undefined)}
        reshape={(which, corners, key) => {
          const area = areas.find((one) => one.id === which);
          if (area) set(which, { ...area, corners }, key);
        }}
      />
    </section>
  );
}
