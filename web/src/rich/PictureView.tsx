import { ImageOff } from "lucide-react";
import { useState } from "react";
import type { Picture } from "../generated/types";
import { words } from "../words/learner";
import { useMediaAddress } from "./media";

/** A picture, fitted to its place; where it can't be fetched, what it shows stands there in words. */
export function PictureView({ picture }: { picture: Picture }) {
  const address = useMediaAddress()(picture.medium);
  const [missing, setMissing] = useState("");
  if (missing === address) {
    return (
      <span className="flex items-center gap-[0.5em] rounded-[4px] border-2 border-dashed border-edge p-[0.5em] text-[length:var(--small)] font-normal">
        <ImageOff aria-hidden="true" className="size-[1.4em] shrink-0" />
        {words.medium.pictureMissing(picture.alt)}
      </span>
    );
  }
  return (
    <img
      src={address}
      alt={picture.alt}
      width={picture.width}
      height={picture.height}
      draggable={false}
      onError={() => setMissing(address)}
      className="rich-picture"
    />
  );
}
