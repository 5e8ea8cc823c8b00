import { type CSSProperties, useEffect } from "react";
import type { Dress, Type } from "../generated/types";
import type { MediaAddress } from "../rich/media";

const FONTS: Record<Type, { display: string; sans: string }> = {
  clear: {
    display: '"Lexend Variable", system-ui, sans-serif',
    sans: '"Atkinson Hyperlegible", system-ui, sans-serif',
  },
  book: {
    display: '"Literata Variable", Georgia, serif',
    sans: '"Literata Variable", Georgia, serif',
  },
  round: {
    display: '"Nunito Variable", system-ui, sans-serif',
    sans: '"Nunito Variable", system-ui, sans-serif',
  },
};

/** The type of most games comes with the page; other type is fetched when a look wears it. */
const FETCHED: Partial<Record<Type, () => Promise<unknown>>> = {
  book: () => import("@fontsource-variable/literata"),
  round: () => import("@fontsource-variable/nunito"),
};

/** Has the type of a look there. */
export function useFonts(type: Type | undefined) {
  useEffect(() => {
    if (type) FETCHED[type]?.().catch(() => undefined);
  }, [type]);
}

const CORNERS = { round: "14px", soft: "6px", square: "0px" };

/** The colours, type and corners of a look, as the names by which the page knows them. */
export function dressStyle(dress: Dress, address: MediaAddress): CSSProperties {
  const { ground, ink, accent, accentInk } = dress;
  return {
    "--color-base-100": ground,
    "--color-base-200": dress.card,
    "--color-base-300": dress.line,
    "--color-base-content": ink,
    "--color-primary": accent,
    "--color-primary-content": accentInk,
    "--color-secondary-content": ink,
    "--color-accent": dress.now,
    "--color-accent-content": "#1b2b34",
    "--color-neutral": ink,
    "--color-neutral-content": ground,
    "--color-success": dress.right,
    "--color-success-content": ground,
    "--color-error": dress.wrong,
    "--color-error-content": ground,
    "--soft": dress.soft,
    "--color-soft": dress.soft,
    "--card": dress.card,
    "--color-card": dress.card,
    "--line": dress.line,
    "--color-line": dress.line,
    "--edge": dress.edge,
    "--color-edge": dress.edge,
    "--radius-selector": CORNERS[dress.corner],
    "--radius-field": CORNERS[dress.corner],
    "--radius-box": CORNERS[dress.corner],
    "--corner": CORNERS[dress.corner],
    "--font-display": FONTS[dress.type].display,
    "--font-sans": FONTS[dress.type].sans,
    fontFamily: FONTS[dress.type].display,
    color: ink,
    background: backdrop(dress, address),
  } as CSSProperties;
}

function backdrop(dress: Dress, address: MediaAddress): string {
  const { ground, second, picture, veil } = dress;
  if (picture) {
    const veiled = `color-mix(in srgb, ${ground} ${veil / 10}%, transparent)`;
    return `linear-gradient(${veiled}, ${veiled}), url("${address(picture.medium)}") center / cover, ${ground}`;
  }
  return second ? `linear-gradient(160deg, ${ground}, ${second})` : ground;
}
