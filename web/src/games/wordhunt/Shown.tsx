import type { WordHunt } from "../../generated/types";
import { PictureChoice } from "../../media/PictureChoice";
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
  return (
    <>
      <PictureChoice
        picture={picture}
        change={(chosen) => change({ picture: chosen })}
        lead={
          picture && (
            <img
              src={smallAddress(picture.medium)}
              alt={picture.alt}
              className="h-12 rounded-[4px]"
            />
          )
        }
      />
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
