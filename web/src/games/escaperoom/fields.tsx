import type { KeyPiece, Room, RoomCover, RoomThing } from "../../generated/types";
import { DescribedPicture } from "../../media/DescribedPicture";
import { LINE_FIELD } from "../../questions/editors/rows";
import { WordsField } from "../../rich/WordsField";
import { written } from "../../rich/words";
import { Box } from "./Box";
import { Check } from "./Check";
import { PickChip, Several } from "./choices";
import { changeCover, changePiece, changeRoom, changeThing, locksOf, roomIn } from "./escaping";
import type { FieldsProps } from "./fieldsProps";
import { Placed } from "./Placed";
import { sheetWords, titleOf } from "./sheetWords";

/** Where something is: its room, and what it lies under. */
export function Where(
  props: FieldsProps & {
    room: string;
    under?: string;
    /** Whether it can lie under a cover. */
    covered?: boolean;
    change: (part: { room?: string; under?: string }) => void;
  },
) {
  const { game, room, under, covered = true, change } = props;
  const here = roomIn(game, room);
  const covers = game.covers.filter((cover) => roomIn(game, cover.room) === here);
  return (
    <p className="py-1 leading-[2.6rem]">
      {sheetWords.in}{" "}
      <PickChip
        label={sheetWords.inLabel}
        value={here}
        names={game.rooms.map((one) => [one.id, titleOf(game, one.id)])}
        change={(id) => id && change({ room: id, under: undefined })}
      />
      {covered && (covers.length > 0 || under !== undefined) && (
        <>
          {" "}
          {sheetWords.under}{" "}
          <PickChip
            label={sheetWords.underLabel}
            value={under}
            none={sheetWords.nothing}
            names={covers.map((one) => [one.id, titleOf(game, one.id)])}
            change={(id) => change({ under: id })}
          />
        </>
      )}
    </p>
  );
}

/** A room that is being written. */
export function RoomFields(props: FieldsProps & { room: Room }) {
  const { useEditor, game, room } = props;
  const { edit } = useEditor.getState();
  const change = (part: Partial<Room>, key?: string) =>
    edit(changeRoom(room.id, part), key && `${room.id} ${key}`);
  const { picture } = room;
  const first = game.rooms[0]?.id === room.id;
  return (
    <Box
      {...props}
      kind="room"
      id={room.id}
      name={room.name}
      rename={(name) => change({ name }, "name")}
    >
      <DescribedPicture
        picture={picture}
        change={(chosen, key) => change({ picture: chosen }, key)}
        alt={sheetWords.alt}
      />
      <WordsField
        label={sheetWords.entering}
        placeholder={`${sheetWords.entering}: ${sheetWords.enteringPlaceholder}`}
        value={room.entering ?? ""}
        className={`${LINE_FIELD} w-full`}
        change={(text) => change({ entering: written(text) }, "entering")}
      />
      <Check
        label={sheetWords.openFromStart}
        checked={room.open || first}
        disabled={first}
        turn={() => change({ open: !room.open })}
      />
      {picture && <Placed useEditor={useEditor} game={game} room={room.id} />}
    </Box>
  );
}

/** A thing that is being written. */
export function ThingFields(props: FieldsProps & { thing: RoomThing }) {
  const { useEditor, game, thing } = props;
  const { edit } = useEditor.getState();
  const change = (part: Partial<RoomThing>, key?: string) =>
    edit(changeThing(thing.id, part), key && `${thing.id} ${key}`);
  const locks = locksOf(game);
  return (
    <Box
      {...props}
      kind="thing"
      id={thing.id}
      name={thing.name}
      rename={(name) => change({ name }, "name")}
    >
      <WordsField
        label={sheetWords.words}
        placeholder={`${sheetWords.words}: ${sheetWords.wordsPlaceholder}`}
        value={thing.words ?? ""}
        className={`${LINE_FIELD} w-full`}
        change={(text) => change({ words: written(text) }, "words")}
      />
      <Several
        lead={sheetWords.helps}
        none={sheetWords.helpsNone}
        chosen={thing.helps.map((id) => [id, titleOf(game, id) || "?"])}
        addLabel={sheetWords.helpsAdd}
        removeLabel={sheetWords.removeEffect}
        remove={(id) => change({ helps: thing.helps.filter((lock) => lock !== id) })}
        more={[
          {
            entries: locks
              .filter(({ id }) => !thing.helps.includes(id))
              .map(({ id }) => [id, titleOf(game, id)]),
          },
        ]}
        add={(id) => change({ helps: [...thing.helps, id] })}
      />
      {thing.helps.length === 0 && (
        <Check
          label={sheetWords.scenery}
          checked={thing.scenery}
          turn={() => change({ scenery: !thing.scenery })}
        />
      )}
      <Where {...props} room={thing.room} under={thing.under} change={change} />
      <Placed useEditor={useEditor} game={game} room={thing.room} chosen={thing.id} />
    </Box>
  );
}

/** A cover that is being written. */
export function CoverFields(props: FieldsProps & { cover: RoomCover }) {
  const { useEditor, game, cover } = props;
  const { edit } = useEditor.getState();
  const change = (part: Partial<RoomCover>, key?: string) =>
    edit(changeCover(cover.id, part), key && `${cover.id} ${key}`);
  return (
    <Box
      {...props}
      kind="cover"
      id={cover.id}
      name={cover.name}
      rename={(name) => change({ name }, "name")}
    >
      <Where
        {...props}
        room={cover.room}
        covered={false}
        change={({ room }) => room && change({ room })}
      />
      <Placed useEditor={useEditor} game={game} room={cover.room} chosen={cover.id} boxed />
    </Box>
  );
}

/** A key piece that is being written. */
export function PieceFields(props: FieldsProps & { piece: KeyPiece }) {
  const { useEditor, piece } = props;
  const { edit } = useEditor.getState();
  const change = (part: Partial<KeyPiece>, key?: string) =>
    edit(changePiece(piece.id, part), key && `${piece.id} ${key}`);
  return (
    <Box
      {...props}
      kind="piece"
      id={piece.id}
      name={piece.text}
      rename={(text) => change({ text }, "text")}
    >
      <Check
        label={sheetWords.strip}
        checked={piece.strip}
        turn={() => change({ strip: !piece.strip })}
      />
    </Box>
  );
}
