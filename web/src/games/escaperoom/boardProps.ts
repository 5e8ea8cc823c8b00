import type { ReactNode } from "react";
import type { EscapeScene } from "../../generated/types";
import type { StageProps } from "../../stage/stage";

/** What every part of the stage of an escape room is given. */
export type BoardProps = StageProps & { scene: EscapeScene; read: ReactNode };
