import type { WordHunt } from "../../generated/types";
import { DescribedPicture } from "../../media/DescribedPicture";
import { LINE_FIELD } from "../../questions/editors/rows";
import { WordsField } from "../../rich/WordsField";
import { written } from "../../rich/words";
import { sheetWords } from "./sheetWords";

/** What things are looked for in: a picture, a text, a sound. */
export function Shown(props: {
  hunt: WordHunt;
  change: (part: Partial<WordHunt>, key?: string) => void;
}) {
  const { hunt, change } = props;
  return (
    <>
      <DescribedPicture
        picture={hunt.picture}
        change={(picture, key) => change({ picture }, key && `hunt ${key}`)}
        alt={sheetWords.alt}
        placeholder={`${sheetWords.alt}, ${sheetWords.altPlaceholder}`}
      />
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
