import { games, type SheetProps } from "../games";
import { words } from "../words/en";

/** The sheet of whichever game this is; a game from a newer version has none here. */
export function Sheet(props: SheetProps) {
  const kind = props.useEditor((editor) => editor.activity.game.kind);
  const game = games[kind];
  if (!game) return <p className="p-4">{words.sheet.unknown}</p>;
  return <game.Sheet {...props} />;
}
