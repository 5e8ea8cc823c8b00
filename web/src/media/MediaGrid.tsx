import { Film, Music } from "lucide-react";
import { useMedia, type Wanted } from "../api/media";
import type { MediumCard } from "../generated/types";
import { smallAddress } from "../rich/media";
import { More } from "../ui/More";
import { Failed, Loading } from "../ui/Notice";
import { words } from "../words/en";

/** The teacher's media that fit, each a button. */
export function MediaGrid(props: { wanted: Wanted; press: (card: MediumCard) => void }) {
  const { wanted, press } = props;
  const media = useMedia(wanted);
  if (media.isPending) return <Loading inside />;
  if (media.isError) return <Failed error={media.error} again={media.refetch} inside />;
  const cards = media.data.pages.flatMap((page) => page.media);
  if (cards.length === 0) {
    return (
      <p className="py-10 text-lg" role="status">
        {wanted.search
          ? words.media.noneFound
          : wanted.removed
            ? words.media.noneRemoved
            : words.media.empty(wanted.kind)}
      </p>
    );
  }
  return (
    <>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(min(11rem,45%),1fr))] gap-4">
        {cards.map((card) => (
          <li key={card.medium}>
            <button
              type="button"
              onClick={() => press(card)}
              className="flex h-full w-full cursor-pointer flex-col overflow-hidden rounded-[14px] border border-line bg-card text-start shadow-lift hover:border-edge"
            >
              <Face card={card} removed={wanted.removed} />
              <span className="flex flex-1 flex-col px-3 py-2">
                <span className="line-clamp-2 font-display font-semibold [overflow-wrap:anywhere]">
                  {card.title}
                </span>
                <span className="text-sm text-soft">{words.media.facts(card)}</span>
                {wanted.removed && (
                  <span className="font-medium text-primary">{words.media.bringBack}</span>
                )}
                {!wanted.removed && !card.words && (
                  <span className="text-sm font-medium text-error">
                    <span aria-hidden="true">△ </span>
                    {words.media.undescribed[card.kind]}
                  </span>
                )}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {media.hasNextPage && (
        <More fetching={media.isFetchingNextPage} fetch={media.fetchNextPage} />
      )}
    </>
  );
}

/** A picture small, or the sign of what it is; how long that lasts stands in its words. */
function Face({ card, removed }: { card: MediumCard; removed?: boolean }) {
  const Sign = card.kind === "video" ? Film : Music;
  return card.kind === "picture" ? (
    <img
      src={`${smallAddress(card.medium)}${removed ? "?removed=true" : ""}`}
      alt=""
      loading="lazy"
      className="aspect-4/3 w-full bg-base-200 object-contain"
    />
  ) : (
    <span className="grid aspect-4/3 w-full place-items-center bg-base-200 text-soft">
      <Sign size={48} strokeWidth={1.5} aria-hidden="true" />
    </span>
  );
}
