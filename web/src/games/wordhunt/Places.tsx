import { useState } from "react";
import type { Area, Form, Spot, Thing } from "../../generated/types";
import { AreaBoard } from "../../questions/editors/AreaBoard";
import { AreaTools } from "../../questions/editors/AreaTools";
import { sheetWords } from "./sheetWords";

/** The picture with the places of the things: the chosen thing's is drawn, moved and reshaped. */
export function Places(props: {
  picture: string;
  things: Thing[];
  chosen?: Thing;
  choose: (id: string | undefined) => void;
  place: (id: string, place: Area | undefined, key?: string) => void;
}) {
  const { picture, things, chosen, choose, place } = props;
  const [tool, setTool] = useState<Form>();
  const name = chosen?.names[0]?.trim() || sheetWords.thisThing;
  /** The next thing without a place is then drawn with the same form, until all have theirs. */
  const draw = (form: Form, corners: Spot[]) => {
    if (!chosen) return setTool(undefined);
    const from = things.indexOf(chosen);
    const later = [...things.slice(from + 1), ...things.slice(0, from)];
    const next = later.find((thing) => !thing.place && thing.names[0]?.trim());
    place(chosen.id, { id: chosen.id, name: "", form, corners, right: true });
    if (!chosen.place && next) choose(next.id);
    else setTool(undefined);
  };
  const areas = things.flatMap((thing) =>
    thing.place ? [{ ...thing.place, id: thing.id, right: thing.id === chosen?.id }] : [],
  );
  return (
    <section aria-label={sheetWords.places} className="mb-4">
      <h3 className="text-sm font-semibold text-soft">{sheetWords.places}</h3>
      <div className="flex flex-wrap items-center gap-2 py-1">
        <AreaTools
          names={sheetWords.forms}
          tool={tool}
          choose={setTool}
          draw={draw}
          disabled={!chosen}
        />
        {chosen?.place && (
          <button
            type="button"
            className="btn btn-ghost btn-sm text-soft"
            onClick={() => place(chosen.id, undefined)}
          >
            {sheetWords.noPlace}
          </button>
        )}
      </div>
      <p className="min-h-6 text-sm text-soft" role="status">
        {tool ? sheetWords.drawing[tool](name) : sheetWords.drawFor(name)}
      </p>
      <AreaBoard
        picture={picture}
        areas={areas}
        numbers={Object.fromEntries(things.map((thing, i) => [thing.id, i + 1]))}
        tool={chosen && tool}
        chosen={chosen?.id}
        choose={(id) => id !== undefined && choose(id)}
        draw={draw}
        leave={() => setTool(undefined)}
        reshape={(id, corners, key) => {
          const thing = things.find((one) => one.id === id);
          if (thing?.place) place(id, { ...thing.place, corners }, key);
        }}
      />
    </section>
  );
}
