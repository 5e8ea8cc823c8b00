import type { ComponentType } from "react";
import type { EditorStore } from "../build/editor";
import type { SheetActions } from "../build/sheetActions";
import type { GameDataUnion } from "../generated/types";
import { QuizShowSheet } from "./quizshow/Sheet";
import { QuizShowStage } from "./quizshow/Stage";
import type { StageProps } from "./stage";

/** What a game's sheet is given. */
export interface SheetProps {
  useEditor: EditorStore;
  sheet: SheetActions;
  showKeys: () => void;
  /** Shows what a text with several questions in it would become. */
  takeIn: (text: string, html?: string) => void;
}

interface GameParts {
  Sheet: ComponentType<SheetProps>;
  Stage: ComponentType<StageProps>;
}

/** The games, by their kind in the format. */
export const games: Record<GameDataUnion["kind"], GameParts> = {
  "quiz-show": { Sheet: QuizShowSheet, Stage: QuizShowStage },
};
