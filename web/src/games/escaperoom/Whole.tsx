import type { EditorStore } from "../../build/editor";
import type { EscapeRoom } from "../../generated/types";
import { PictureChoice } from "../../media/PictureChoice";
import { smallAddress } from "../../rich/media";
import { changeEscape } from "./escaping";
import { sheetWords } from "./sheetWords";

/** The picture that the strips among the key pieces make together. */
export function Whole({ useEditor, game }: { useEditor: EditorStore; game: EscapeRoom }) {
  return (
    <div className="py-2">
      <p className="text-sm text-soft">{sheetWords.whole}</p>
      <PictureChoice
        picture={game.whole}
        change={(whole) => useEditor.getState().edit(changeEscape(() => ({ whole })))}
        lead={
          game.whole && (
            <img
              src={smallAddress(game.whole.medium)}
              alt={game.whole.alt}
              className="h-12 rounded-[4px]"
            />
          )
        }
      />
    </div>
  );
}
