import { type ComponentType, lazy } from "react";
import type { EditorStore } from "../build/editor";
import type { SheetActions } from "../build/sheetActions";
import type { Activity, GameDataUnion, PassMark, Readiness, Rules } from "../generated/types";
import { quizShow } from "./quizshow";

export type GameKind = GameDataUnion["kind"];

/** The game of one kind, as it is written down. */
export type GameOf<K extends GameKind> = Extract<GameDataUnion, { kind: K }>;

/** What a game's sheet is given. */
export interface SheetProps {
  useEditor: EditorStore;
  sheet: SheetActions;
  showKeys: () => void;
  /** Shows what a text with several questions in it would become. */
  takeIn: (text: string, html?: string) => void;
}

/** What a game's sentence in the rules is given. */
export interface SentenceProps {
  useEditor: EditorStore;
  readiness: Readiness;
  change: (part: Partial<Rules>) => void;
}

/** What the rules say where points are not a sum of what single questions bring. */
export interface OwnRules {
  /** What the usual worth is there. */
  worth: string;
  wins: (mark: PassMark) => string;
  passes: (mark: PassMark) => string;
}

/** All that a teacher writes a game with, loaded when it is needed; its stage is in `stages`. */
export interface GameParts<K extends GameKind> {
  /** What a teacher can begin with, by the name that words give it; the first is the usual one. */
  starts: Record<string, (id: string) => Activity>;
  Sheet: ComponentType<SheetProps>;
  Sentence?: ComponentType<SentenceProps>;
  ownRules?: (game: GameOf<K>) => OwnRules | undefined;
  /** The game without what belongs to questions that are taken out. */
  without?: (game: GameOf<K>, questions: string[]) => GameOf<K>;
}

/** The games, by their kind in the format: one line a game. */
const games: { [K in GameKind]: GameParts<K> } = {
  "quiz-show": {
    ...quizShow,
    Sheet: lazy(() => import("./quizshow/Sheet")),
    Sentence: lazy(() => import("./quizshow/BoardSentence")),
  },
};

/** The parts of a game; nothing where this version doesn't know it. */
export const partsOf = <K extends GameKind>(kind: K | string): GameParts<K> | undefined =>
  (games as Record<string, unknown>)[kind] as GameParts<K> | undefined;

/** What a teacher can begin with, of all games. */
export const starts: [string, (id: string) => Activity][] = Object.values(games).flatMap((game) =>
  Object.entries(game.starts),
);

/** What the rules of this game say otherwise than those of most. */
export const ownRulesOf = (game: GameDataUnion): OwnRules | undefined =>
  partsOf(game.kind)?.ownRules?.(game);
