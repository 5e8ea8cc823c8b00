import { ArrowLeft } from "lucide-react";
import { randomId } from "../../engine/randomId";
import { limits } from "../../generated/limits";
import type { EffectUnion, Lock, OpenerUnion } from "../../generated/types";
import { LINE_FIELD, Part, Rows } from "../../questions/editors/rows";
import { lineOf } from "../../questions/questionsOf";
import { OpenQuestion } from "../../questions/sheet/OpenQuestion";
import { WordsField } from "../../rich/WordsField";
import { written } from "../../rich/words";
import { Box } from "./Box";
import { Check } from "./Check";
import { Several } from "./choices";
import { addPiece, addRoom, changeLock, locksOf, namedBy, questionOf } from "./escaping";
import { Where } from "./fields";
import type { FieldsProps } from "./fieldsProps";
import { Placed } from "./Placed";
import { effectWords, sheetWords, titleOf } from "./sheetWords";

/** A lock that is being written: what opens it, and what comes of opening it. */
export function LockFields(props: FieldsProps & { lock: Lock }) {
  const { useEditor, game, lock, sheet, takeIn } = props;
  const { edit } = useEditor.getState();
  const change = (part: Partial<Lock>, key?: string) =>
    edit(
      changeLock(lock.id, () => part),
      key && `${lock.id} ${key}`,
    );
  const question = questionOf(game, lock);
  const helping = game.things.filter((thing) => thing.helps.includes(lock.id));
  const place = game.questions.findIndex(({ id }) => id === lock.id);
  const line = lineOf(game.questions, lock.id);
  const typed = question?.kind === "typed-text" || question?.kind === "number";
  return (
    <Box
      {...props}
      kind="lock"
      id={lock.id}
      name={lock.name}
      rename={(name) => change({ name }, "name")}
    >
      {question && (
        <div className="[&>fieldset]:m-0 [&>fieldset]:border-0 [&>fieldset]:p-0 [&>fieldset]:shadow-none">
          <OpenQuestion
            question={question}
            place={place}
            number={line?.number}
            name={line?.name}
            useEditor={useEditor}
            sheet={sheet}
            takeIn={takeIn}
            untilRight
          />
        </div>
      )}
      {typed && lock.by.kind === "answer" && (
        <Check
          label={sheetWords.wheels}
          checked={lock.by.wheels}
          turn={() =>
            lock.by.kind === "answer" && change({ by: { ...lock.by, wheels: !lock.by.wheels } })
          }
        />
      )}
      <Opened {...props} change={(by) => change({ by })} />
      <Effects {...props} />
      <p className="py-1 text-soft">
        {sheetWords.helpedBy(helping.map((thing) => titleOf(game, thing.id)))}
      </p>
      <Where {...props} room={lock.room} under={lock.under} change={change} />
      <Placed useEditor={useEditor} game={game} room={lock.room} chosen={lock.id} />
    </Box>
  );
}

type Props = FieldsProps & { lock: Lock };

/** What opens it, where no answer does: key pieces in their order, or other locks. */
function Opened(props: Props & { change: (by: OpenerUnion) => void }) {
  const { game, lock, change } = props;
  const { by } = lock;
  if (by.kind === "answer") return null;
  if (by.kind === "locks") {
    return (
      <Several
        lead={sheetWords.together}
        none={sheetWords.togetherNone}
        chosen={by.locks.map((id) => [id, titleOf(game, id) || "?"])}
        addLabel={sheetWords.togetherAdd}
        removeLabel={sheetWords.removeEffect}
        remove={(id) => change({ ...by, locks: by.locks.filter((one) => one !== id) })}
        more={[
          {
            entries: locksOf(game)
              .filter(({ id }) => id !== lock.id && !by.locks.includes(id))
              .map(({ id }) => [id, titleOf(game, id)]),
          },
        ]}
        add={(id) => change({ ...by, locks: [...by.locks, id] })}
      />
    );
  }
  return (
    <>
      <WordsField
        label={sheetWords.lockText}
        placeholder={`${sheetWords.lockText}: ${sheetWords.lockTextPlaceholder}`}
        value={by.text ?? ""}
        className={`${LINE_FIELD} w-full`}
        change={(text) => change({ ...by, text: written(text) })}
      />
      <Several
        lead={sheetWords.order}
        none={sheetWords.orderNone}
        chosen={by.order.map((id) => [id, titleOf(game, id) || "?"])}
        addLabel={sheetWords.orderAdd}
        removeLabel={sheetWords.pieceOut}
        remove={(_, place) => change({ ...by, order: by.order.toSpliced(place, 1) })}
        beside={(id, place) =>
          place > 0 && (
            <button
              type="button"
              className="grid size-9 cursor-pointer place-items-center text-soft"
              aria-label={sheetWords.pieceUp(titleOf(game, id))}
              onClick={() =>
                change({ ...by, order: by.order.toSpliced(place, 1).toSpliced(place - 1, 0, id) })
              }
            >
              <ArrowLeft size={15} aria-hidden="true" />
            </button>
          )
        }
        more={[
          {
            entries: game.pieces
              .filter(({ id }) => !by.order.includes(id))
              .map(({ id }) => [id, titleOf(game, id)]),
          },
        ]}
        add={(id) => change({ ...by, order: [...by.order, id] })}
      />
      <Part title={sheetWords.hintAdd}>
        <Rows
          rich
          texts={by.hints}
          most={limits.ByPieces.hints.most}
          label={sheetWords.hint}
          placeholder={() => sheetWords.hintAdd}
          change={(hints) => change({ ...by, hints })}
          remove={(place) => change({ ...by, hints: by.hints.toSpliced(place, 1) })}
          next={() => undefined}
        />
      </Part>
    </>
  );
}

/** What comes of opening it, one or several. */
function Effects({ useEditor, game, lock }: Props) {
  const { edit } = useEditor.getState();
  const set = (does: EffectUnion[]) => edit(changeLock(lock.id, () => ({ does })));
  const named = new Set(lock.does.map((effect) => `${effect.kind} ${namedBy(effect) ?? ""}`));
  const entries = (kind: EffectUnion["kind"], ids: string[]): [string, string][] =>
    ids
      .filter((id) => !named.has(`${kind} ${id}`))
      .map((id) => [`${kind} ${id}`, titleOf(game, id)]);
  const add = (picked: string) => {
    const [kind = "", id = ""] = picked.split(" ");
    if (id !== "new") return set([...lock.does, effectOf(kind, id)]);
    const fresh = randomId();
    edit((activity) => {
      const there = kind === "gives" ? addPiece(fresh)(activity) : addRoom(fresh)(activity);
      return changeLock(lock.id, ({ does }) => ({ does: [...does, effectOf(kind, fresh)] }))(there);
    });
  };
  return (
    <Several
      lead={sheetWords.opening}
      none={sheetWords.doesNothing}
      chosen={lock.does.map((effect) => [effect.kind, effectWords(game, effect)])}
      addLabel={sheetWords.doesAdd}
      removeLabel={sheetWords.removeEffect}
      remove={(_, place) => set(lock.does.toSpliced(place, 1))}
      more={[
        { entries: named.has("leads-out ") ? [] : [["leads-out", sheetWords.leadsOut]] },
        {
          name: sheetWords.groups["opens-way"],
          entries: [
            ...entries(
              "opens-way",
              game.rooms.map(({ id }) => id),
            ),
            ["opens-way new", sheetWords.newRoom],
          ],
        },
        {
          name: sheetWords.groups.gives,
          entries: [
            ...entries(
              "gives",
              game.pieces.map(({ id }) => id),
            ),
            ["gives new", sheetWords.newPiece],
          ],
        },
        {
          name: sheetWords.groups.brings,
          entries: entries(
            "brings",
            game.things.map(({ id }) => id),
          ),
        },
        {
          name: sheetWords.groups.uncovers,
          entries: entries(
            "uncovers",
            game.covers.map(({ id }) => id),
          ),
        },
      ]}
      add={add}
    />
  );
}

function effectOf(kind: string, id: string): EffectUnion {
  switch (kind) {
    case "uncovers":
      return { kind, cover: id };
    case "brings":
      return { kind, thing: id };
    case "gives":
      return { kind, piece: id };
    case "opens-way":
      return { kind, room: id };
    default:
      return { kind: "leads-out" };
  }
}
