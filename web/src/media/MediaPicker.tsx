import { useQueryClient } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { listAnew } from "../api/listAnew";
import { mediaKeys, type Wanted } from "../api/media";
import type { MediaKind, MediumCard } from "../generated/types";
import { Dialog } from "../ui/Dialog";
import { words } from "../words/en";
import { AddMedia } from "./AddMedia";
import { MediaFilter } from "./MediaFilter";
import { MediaGrid } from "./MediaGrid";

/** Chooses one of the teacher's pictures or sounds; a new one that is added is chosen at once. */
export default function MediaPicker(props: {
  kind: MediaKind;
  choose: (card: MediumCard) => void;
  onClose: () => void;
}) {
  const { kind, choose, onClose } = props;
  const [wanted, setWanted] = useState<Wanted>({ kind, search: "" });
  const [refused, setRefused] = useState<string[]>([]);
  const queries = useQueryClient();
  const settled = useDeferredValue(wanted);
  return (
    <Dialog title={words.media.choose[kind]} onClose={onClose} wide>
      <AddMedia
        kind={kind}
        added={(result) => {
          listAnew(queries, mediaKeys.all);
          const fits = result.added.filter((card) => card.kind === kind);
          const others = result.added.filter((card) => card.kind !== kind);
          setRefused([
            ...result.refused,
            ...others.map((card) => words.media.otherKind(card.title, kind)),
          ]);
          if (fits[0]) choose(fits[0]);
        }}
        beside={<MediaFilter wanted={wanted} change={setWanted} settled />}
      >
        {refused.map((why) => (
          <p key={why} role="alert" className="mb-3">
            {why}
          </p>
        ))}
        <MediaGrid wanted={settled} press={choose} />
      </AddMedia>
    </Dialog>
  );
}
