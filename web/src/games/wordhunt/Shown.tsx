import { Image, X } from "lucide-react";
import { useState } from "react";
import type { WordHunt } from "../../generated/types";
import { Picking } from "../../media/Picking";
import { LINE_FIELD } from "../../questions/editors/rows";
import { smallAddress } from "../../rich/media";
import { WordsField } from "../../rich/WordsField";
import { written } from "../../rich/words";
import { sheetWords } from "./sheetWords";

/** What things are looked for in: a picture, a text, a sound. */
export function Shown(props: {
  hunt: WordHunt;
  change: (part: Partial<WordHunt>, key?: string) => void;
}) {
  const { hunt, change } = props;
  const { picture } = hunt;
  const [picking, setPicking] = useState(false);
  return (
    <>
      <div className="flex flex-wrap items-center gap-3 py-1">
        {picture && (
          <img
            src={smallAddress(picture.medium)}
            alt={picture.alt}
            className="h-12 rounded-[4px]"
          />
        )}
        <button
          type="button"
          data-place="board"
          className={`btn btn-sm ${picture ? "btn-outline" : "btn-primary"}`}
          onClick={() => setPicking(true)}
        >
          <Image size={18} aria-hidden="true" />
          {picture ? sheetWords.otherPicture : sheetWords.choose}
        </button>
        {picture && (
          <button
            type="button"
            className="btn btn-ghost btn-sm text-soft"
            onClick={() => change({ picture: undefined })}
          >
            <X size={16} aria-hidden="true" />
            {sheetWords.noPicture}
          </button>
        )}
      </div>
      {picking && (
        <Picking
          kind="picture"
          choose={(card) => {
            setPicking(false);
            const { medium, width, height } = card;
            change({
              picture: { kind: "picture", medium, width, height, alt: picture?.alt ?? "" },
            });
          }}
          onClose={() => setPicking(false)}
        />
      )}
      {picture && (
        <input
          aria-label={sheetWords.alt}
          title={sheetWords.alt}
          placeholder={`${sheetWords.alt}, ${sheetWords.altPlaceholder}`}
          value={picture.alt}
          maxLength={300}
          className={`${LINE_FIELD} w-full`}
          onChange={(event) =>
            change({ picture: { ...picture, alt: event.target.value } }, "hunt alt")
          }
        />
      )}
      <WordsField
        label={sheetWords.text}
        placeholder={sheetWords.textPlaceholder}
        value={hunt.text ?? ""}
        className={`${LINE_FIELD} w-full`}
        change={(text) => change({ text: written(text) }, "hunt text")}
      />
    </>
  );
}
