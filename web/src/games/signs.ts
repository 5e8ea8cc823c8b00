import {
  Clapperboard,
  Images,
  KeyRound,
  type LucideIcon,
  MessageCircleQuestion,
  Presentation,
  ScanSearch,
} from "lucide-react";
import type { GameDataUnion } from "../generated/types";

/** What stands for each game where it has no picture: one line a game. */
const signs: Record<GameDataUnion["kind"], LucideIcon> = {
  "escape-room": KeyRound,
  "picture-reveal": Images,
  "question-video": Clapperboard,
  "quiz-show": MessageCircleQuestion,
  whiteboard: Presentation,
  "word-hunt": ScanSearch,
};

/** The sign of a game; nothing where this version doesn't know it. */
export const signOf = (kind: string): LucideIcon | undefined =>
  signs[kind as GameDataUnion["kind"]];
