import { type ComponentType, lazy } from "react";
import type { EditorStore } from "../build/editor";
import type { SheetActions } from "../build/sheetActions";
import type {
  Activity,
  GameDataUnion,
  PassMark,
  Readiness,
  Rules,
  Showing,
} from "../generated/types";
import { words } from "../words/en";
import { escapeRoom } from "./escaperoom";
import { pictureReveal } from "./picturereveal";
import { questionVideo } from "./questionvideo";
import { quizShow } from "./quizshow";
import { whiteboard } from "./whiteboard";
import { wordHunt } from "./wordhunt";

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

/** What a game's part of the teacher's own screen is given. */
export interface NotesProps {
  activity: Activity;
  showing: Showing;
}

/** What the rules of a game say otherwise than those of most. */
export interface OwnRules {
  /** Whether its points are no sum of what single questions bring. */
  ownPoints: boolean;
  /** What the usual worth is there. */
  worth: string;
  wins: (mark: PassMark) => string;
  /** Whether a share of the points wins at all. */
  passMark?: false;
  passes: (mark: PassMark) => string;
  /** Whether everything is asked in its own order, so that nobody is asked about that. */
  asksAll?: true;
}

/** A way to begin a game, and what makes it around a first id. */
export interface Start {
  words: string;
  blank: (id: string) => Activity;
}

/** All that a teacher writes a game with, loaded when it is needed; its stage is in `stages`. */
export interface GameParts<K extends GameKind> {
  /** What it is called. */
  name: string;
  /** So many questions, or whatever it has instead. */
  counted: (n: number) => string;
  /** What the class does in it. */
  does: string;
  /** What the choice among its starts is called. */
  startsLabel: string;
  /** What a teacher can begin with; the first is the usual one. */
  starts: Start[];
  Sheet: ComponentType<SheetProps>;
  Sentence?: ComponentType<SentenceProps>;
  /** What the teacher's own screen shows of it besides the question that is asked. */
  Notes?: ComponentType<NotesProps>;
  ownRules?: (game: GameOf<K>) => OwnRules | undefined;
  /** Whether it asks questions, under the rules that all games with questions share. */
  asks?: false;
  /** What readiness finds in this game alone, by the name that its checks give it. */
  findings?: Record<string, (values: string[]) => string>;
  /** What its own mends are called, by the name of the finding. */
  mends?: Record<string, (values: string[]) => string>;
  /** What takes time to think in it besides questions, by the name in the time line. */
  thinking?: Record<string, string>;
  /** What is still to be written before it can be tried; without it, a question. */
  blankHow?: string;
  /** How far it had come when it was left, by how many items were right. */
  left?: (right: number, of: number) => string;
  /** What an item of it is called that is no question; nothing where it isn't there. */
  item?: (game: GameOf<K>, id: string) => string | undefined;
  /** What the actions of a sheet do, where more than questions stands on it. */
  actions?: (useEditor: EditorStore) => Partial<SheetActions>;
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
  "picture-reveal": {
    ...pictureReveal,
    Sheet: lazy(() => import("./picturereveal/Sheet")),
    Sentence: lazy(() => import("./picturereveal/Sentence")),
    Notes: lazy(() => import("./picturereveal/Notes")),
  },
  "word-hunt": {
    ...wordHunt,
    Sheet: lazy(() => import("./wordhunt/Sheet")),
    Sentence: lazy(() => import("./wordhunt/Sentence")),
    Notes: lazy(() => import("./wordhunt/Notes")),
  },
  "escape-room": {
    ...escapeRoom,
    Sheet: lazy(() => import("./escaperoom/Sheet")),
    Sentence: lazy(() => import("./escaperoom/Sentence")),
    Notes: lazy(() => import("./escaperoom/Notes")),
  },
  "question-video": {
    ...questionVideo,
    Sheet: lazy(() => import("./questionvideo/Sheet")),
    Sentence: lazy(() => import("./questionvideo/Sentence")),
  },
  whiteboard: {
    ...whiteboard,
    Sheet: lazy(() => import("./whiteboard/Sheet")),
    Sentence: lazy(() => import("./whiteboard/Sentence")),
  },
};

/** The parts of a game; nothing where this version doesn't know it. */
export const partsOf = <K extends GameKind>(kind: K | string): GameParts<K> | undefined =>
  (games as Record<string, unknown>)[kind] as GameParts<K> | undefined;

/** Every game, with what a teacher can begin with. */
export const allGames: Pick<GameParts<GameKind>, "name" | "does" | "startsLabel" | "starts">[] =
  Object.values(games);

/** What a game is called. */
export const nameOfGame = (kind: string) => partsOf(kind)?.name ?? words.activities.otherKind;

/** What the rules of this game say otherwise than those of most. */
export const ownRulesOf = (game: GameDataUnion): OwnRules | undefined =>
  partsOf(game.kind)?.ownRules?.(game);
