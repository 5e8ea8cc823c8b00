import { useQueryClient } from "@tanstack/react-query";
import { Download, Trash2 } from "lucide-react";
import { useState } from "react";
import { Link } from "react-router";
import { listAnew } from "../api/listAnew";
import { describeMedium, mediaKeys, removeMedium } from "../api/media";
import type { MediumCard } from "../generated/types";
import { mediumAddress } from "../rich/media";
import { Dialog } from "../ui/Dialog";
import { FIELD } from "../ui/field";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";

/** A picture or a sound: what it is called, the words that stand for it, and where it is used. */
export function MediumDialog(props: {
  card: MediumCard;
  removed: (card: MediumCard) => void;
  onClose: () => void;
}) {
  const { card, removed, onClose } = props;
  const queries = useQueryClient();
  const [title, setTitle] = useState(card.title);
  const [said, setSaid] = useState(card.words);
  const [asking, setAsking] = useState(false);
  const [problem, setProblem] = useState("");
  const close = async () => {
    const changed = title.trim() !== card.title || said.trim() !== card.words;
    if (!changed) return onClose();
    try {
      await describeMedium(card.medium, { title: title.trim() || card.title, words: said });
      await listAnew(queries, mediaKeys.all);
      onClose();
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  const remove = async () => {
    try {
      await removeMedium(card.medium);
      removed(card);
      await listAnew(queries, mediaKeys.all);
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  const used = card.uses.length;
  return (
    <Dialog title={card.title} onClose={close} wide>
      <div className="grid items-start gap-6 md:grid-cols-[1fr_1fr]">
        {card.kind === "picture" ? (
          <img
            src={mediumAddress(card.medium)}
            alt={card.words}
            className="max-h-[55vh] w-full rounded-[4px] bg-base-200 object-contain"
          />
        ) : card.kind === "video" ? (
          // biome-ignore lint/a11y/useMediaCaption: what it shows stands beside it in words
          <video
            src={mediumAddress(card.medium)}
            controls
            preload="metadata"
            className="max-h-[55vh] w-full rounded-[4px] bg-base-200"
          />
        ) : (
          // biome-ignore lint/a11y/useMediaCaption: what is heard stands beside it in words
          <audio src={mediumAddress(card.medium)} controls className="w-full" />
        )}
        <div className="grid gap-4">
          <label>
            {words.media.title}
            <input
              className={FIELD}
              value={title}
              maxLength={200}
              onChange={(event) => setTitle(event.target.value)}
            />
          </label>
          <label>
            {words.media.wordsOf[card.kind]}
            <textarea
              rows={3}
              className={FIELD}
              value={said}
              maxLength={2000}
              onChange={(event) => setSaid(event.target.value)}
            />
            <span className="block text-sm text-soft">{words.media.wordsHint[card.kind]}</span>
          </label>
          <p className="text-soft">{words.media.facts(card)}</p>
          <div>
            <h3 className="font-display font-semibold">{words.media.usedIn(used)}</h3>
            <ul>
              {card.uses.map((use) => (
                <li key={use.id}>
                  <Link className="text-primary underline" to={`/activities/${use.id}`}>
                    {use.title || words.activities.untitled}
                  </Link>
                </li>
              ))}
            </ul>
          </div>
          {problem && <p role="alert">{problem}</p>}
          {asking ? (
            <div role="alert" className="rounded-[14px] border-2 border-error p-4">
              <p className="mb-3">{words.media.removeUsed(card.kind, used)}</p>
              <div className="flex flex-wrap gap-3">
                <button type="button" className="btn btn-error" onClick={remove}>
                  {words.media.removeAnyway}
                </button>
                <button type="button" className="btn btn-ghost" onClick={() => setAsking(false)}>
                  {words.cancel}
                </button>
              </div>
            </div>
          ) : (
            <div className="flex flex-wrap gap-3">
              <button type="button" className="btn btn-primary" onClick={close}>
                {words.media.done}
              </button>
              <a
                className="btn btn-outline"
                href={mediumAddress(card.medium)}
                download={card.title}
              >
                <Download size={18} aria-hidden="true" />
                {words.media.download}
              </a>
              <button
                type="button"
                className="btn btn-ghost"
                onClick={() => (used > 0 ? setAsking(true) : remove())}
              >
                <Trash2 size={18} aria-hidden="true" />
                {words.media.remove}
              </button>
            </div>
          )}
        </div>
      </div>
    </Dialog>
  );
}
