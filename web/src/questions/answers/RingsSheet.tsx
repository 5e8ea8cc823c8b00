import type { CSSProperties, ReactNode } from "react";
import type { Asked, CardRoom } from "../../generated/types";
import { Rich } from "../../rich/Rich";
import { keyOf, placeName, type SortingPlaces } from "./sorting";

const SHEET = "rings";

/** What a point on the sheet of rings means: the rings in which it lies, where that is a place. */
export function ringSlot(sheet: SortingPlaces, element: Element, x: number, y: number) {
  const slot = (element as HTMLElement).dataset.slot;
  if (slot !== SHEET) return slot;
  // In a narrow view no rings are drawn: beside the places nothing is meant.
  if (element.querySelector(".rings-ink")?.getClientRects().length === 0) return undefined;
  const box = element.getBoundingClientRect();
  const atX = ((x - box.left) / box.width) * 1000;
  const atY = ((y - box.top) / box.height) * 1000;
  const targets = sheet.places.flatMap((place) => (place.groups.length === 1 ? place.groups : []));
  const inside = sheet.rings.flatMap((ring, i) => {
    const dx = (atX - ring.x) / ring.rx;
    const dy = (atY - ring.y) / ring.ry;
    return dx * dx + dy * dy < 1 ? [targets[i] ?? ""] : [];
  });
  const key = keyOf(inside);
  return sheet.places.some((place) => keyOf(place.groups) === key) ? key : undefined;
}

/**
 * Rings that overlap, with room for cards in each of their regions. Where the view is narrow, the
 * regions stand below each other by their names.
 */
export function RingsSheet(props: {
  question: Asked;
  sheet: SortingPlaces;
  slot: (key: string, name: string) => ReactNode;
}) {
  const { question, sheet, slot } = props;
  return (
    <div className="rings" data-slot={SHEET} data-rings={sheet.rings.length}>
      <svg
        viewBox="0 0 1000 1000"
        preserveAspectRatio="none"
        aria-hidden="true"
        className="rings-ink"
      >
        {sheet.rings.map((ring, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a ring is its place
          <ellipse key={i} cx={ring.x} cy={ring.y} rx={ring.rx} ry={ring.ry} />
        ))}
      </svg>
      {question.targets.map((target, i) => (
        <p key={target.id} className="ring-name" style={nameAt(sheet, i)}>
          <span data-read>
            <Rich words={target.text} still />
          </span>
        </p>
      ))}
      {sheet.places
        .filter((place) => place.groups.length > 0)
        .map(({ groups, room }) => {
          const key = keyOf(groups);
          return (
            <div key={key} className="ring-region" style={room && boxOf(room)}>
              <p className="ring-region-name text-soft">{placeName(question, key)}</p>
              {slot(key, placeName(question, key))}
            </div>
          );
        })}
    </div>
  );
}

/** Where a region has room, said to the style: where the view is narrow it stands elsewhere. */
const boxOf = (room: CardRoom) =>
  ({
    "--left": `${room.left / 10}%`,
    "--top": `${room.top / 10}%`,
    "--width": `${room.width / 10}%`,
    "--height": `${room.height / 10}%`,
  }) as CSSProperties;

/** A ring's name stands in it, at its outer edge. */
function nameAt(sheet: SortingPlaces, place: number) {
  const ring = sheet.rings[place];
  if (!ring) return {};
  const below = ring.y > 500;
  // Two stand side by side, and their upper edges meet: their names keep apart from that.
  const aside = sheet.rings.length === 2 ? (ring.x - 500) * 0.12 : 0;
  return {
    left: `${(ring.x + aside) / 10}%`,
    top: `${(below ? ring.y + ring.ry : ring.y - ring.ry) / 10}%`,
    maxWidth: `${ring.rx / 6}%`,
    transform: `translate(-50%, ${below ? "calc(-100% - 0.6em)" : "0.6em"})`,
  };
}
