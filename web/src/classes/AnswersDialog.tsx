import { useEffect, useRef } from "react";
import type { GlanceLine } from "../generated/types";
import { Answers } from "../results/Answers";
import { Dialog } from "../ui/Dialog";
import { words } from "../words/en";

/** What a learner answered in the game that counts; it opens at the item that was pressed. */
export function AnswersDialog(props: {
  activity: string;
  line: GlanceLine;
  item?: string;
  onClose: () => void;
}) {
  const { activity, line, item, onClose } = props;
  const inside = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const place = inside.current;
    if (!item || !place) return;
    const show = () =>
      place.querySelector(`[data-about="question ${CSS.escape(item)}"]`)?.scrollIntoView();
    const seen = new MutationObserver(show);
    seen.observe(place, { childList: true, subtree: true });
    const enough = setTimeout(() => seen.disconnect(), 2_000);
    show();
    return () => {
      clearTimeout(enough);
      seen.disconnect();
    };
  }, [item]);
  return (
    <Dialog title={words.classes.glance.answers(line.name)} onClose={onClose} wide>
      <div ref={inside}>
        {line.sitting && <Answers activity={activity} sitting={line.sitting} />}
      </div>
    </Dialog>
  );
}
