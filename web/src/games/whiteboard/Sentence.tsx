import { ChoiceChip } from "../../build/chips";
import type { Activity, Whiteboard } from "../../generated/types";
import type { SentenceProps } from "..";
import { sheetWords } from "./sheetWords";

const boardOf = ({ game }: Activity) => (game.kind === "whiteboard" ? game : undefined);

/** How the pages come and how answers are shown, as sentences. */
export default function WhiteboardSentence({ useEditor }: SentenceProps) {
  const board = useEditor((editor) => boardOf(editor.activity));
  const set = (part: Partial<Whiteboard>) =>
    useEditor
      .getState()
      .edit((activity) =>
        activity.game.kind === "whiteboard"
          ? { ...activity, game: { ...activity.game, ...part } }
          : activity,
      );
  if (!board) return null;
  return (
    <>
      {sheetWords.come}{" "}
      <ChoiceChip
        label={sheetWords.comeLabel}
        place="board"
        names={sheetWords.comes}
        value={board.picked ? "picked" : "inOrder"}
        change={(value) => set({ picked: value === "picked" })}
      />
      . {sheetWords.answers}{" "}
      <ChoiceChip
        label={sheetWords.flapsLabel}
        names={sheetWords.flaps}
        value={board.flaps ? "under" : "open"}
        change={(value) => set({ flaps: value === "under" })}
      />
      .{" "}
    </>
  );
}
