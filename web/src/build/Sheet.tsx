import { Suspense } from "react";
import { partsOf, type SheetProps } from "../games";
import { Loading } from "../ui/Notice";
import { words } from "../words/en";

/** The sheet of whichever game this is; a game from a newer version has none here. */
export function GameSheet(props: SheetProps) {
  const kind = props.useEditor((editor) => editor.activity.game.kind);
  const Sheet = partsOf(kind)?.Sheet;
  if (!Sheet) return <p className="p-4">{words.sheet.unknown}</p>;
  return (
    <Suspense fallback={<Loading inside />}>
      <Sheet {...props} />
    </Suspense>
  );
}
