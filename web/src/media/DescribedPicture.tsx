import type { Picture } from "../generated/types";
import { LINE_FIELD } from "../questions/editors/rows";
import { smallAddress } from "../rich/media";
import { PictureChoice } from "./PictureChoice";

/** A picture that something is about, with a line for what it shows to those who can't see it. */
export function DescribedPicture(props: {
  picture?: Picture;
  /** Changes with the same key that follow quickly are one step of undo. */
  change: (picture: Picture | undefined, key?: string) => void;
  alt: string;
  /** What stands in the line while nothing does. */
  placeholder?: string;
}) {
  const { picture, change, alt, placeholder } = props;
  return (
    <>
      <PictureChoice
        picture={picture}
        change={(chosen) => change(chosen)}
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
          aria-label={alt}
          title={alt}
          placeholder={placeholder ?? alt}
          value={picture.alt}
          maxLength={300}
          className={`${LINE_FIELD} w-full`}
          onChange={(event) => change({ ...picture, alt: event.target.value }, "alt")}
        />
      )}
    </>
  );
}
