import type { EscapeRoom } from "../../generated/types";
import type { SheetProps } from "..";

/** What everything that is written on the sheet of an escape room is given. */
export type FieldsProps = SheetProps & { game: EscapeRoom };
