import type { EditorStore } from "../../build/editor";
import type { EscapeRoom } from "../../generated/types";
import { DescribedPicture } from "../../media/DescribedPicture";
import { changeEscape } from "./escaping";
import { sheetWords } from "./sheetWords";

/** The picture that the strips among the key pieces make together. */
export function Whole({ useEditor, game }: { useEditor: EditorStore; game: EscapeRoom }) {
  return (
    <div className="py-2">
      <p className="text-sm text-soft">{sheetWords.whole}</p>
      <DescribedPicture
        picture={game.whole}
        change={(whole, key) =>
          useEditor.getState().edit(
            changeEscape(() => ({ whole })),
            key && `whole ${key}`,
          )
        }
        alt={sheetWords.alt}
      />
    </div>
  );
}
