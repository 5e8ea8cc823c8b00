import { ChoiceChip, NumberChip } from "../../build/chips";
import type { Pennants, WatchRule } from "../../generated/types";
import type { SentenceProps } from "..";
import { sheetWords } from "./sheetWords";
import { changeVideo, videoOf } from "./video";

const says = sheetWords.rules;
const yes = (is: boolean) => (is ? "yes" : "no");

/** How learners may watch, as sentences. */
export default function VideoSentence({ useEditor }: SentenceProps) {
  const video = useEditor((editor) => videoOf(editor.activity));
  const { edit } = useEditor.getState();
  if (!video) return null;
  const { watching } = video;
  const set = (part: Partial<WatchRule>, key?: string) =>
    edit(
      changeVideo((now) => ({ watching: { ...now.watching, ...part } })),
      key,
    );
  const chip = (
    what: "back" | "ahead" | "skip" | "again",
    label: string,
    names: Record<"yes" | "no", string>,
  ) => (
    <ChoiceChip
      label={label}
      names={names}
      value={yes(watching[what])}
      change={(is) => set({ [what]: is === "yes" })}
    />
  );
  return (
    <>
      {says.watch} {says.shareBefore}{" "}
      <NumberChip
        label={says.shareLabel}
        value={watching.share}
        most={100}
        change={(share) => set({ share }, "watching share")}
      />
      {says.shareAfter} {says.stops}{" "}
      <ChoiceChip
        label={says.stopsLabel}
        names={says.pennants}
        value={watching.pennants}
        change={(pennants: Pennants) => set({ pennants })}
      />{" "}
      {says.learners} {chip("ahead", says.aheadLabel, says.ahead)}{" "}
      {chip("skip", says.skipLabel, says.skip)} {says.speed}{" "}
      <ChoiceChip
        label={says.speedLabel}
        names={says.speeds}
        value={String(watching.fastest)}
        change={(fastest) => set({ fastest: Number(fastest) })}
      />{" "}
      {says.going} {chip("back", says.backLabel, says.back)} {says.over}{" "}
      {chip("again", says.againLabel, says.again)}
    </>
  );
}
