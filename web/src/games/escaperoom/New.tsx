import { escapeWords } from "./words";

/** The mark of what was not there before. */
export const New = () => <span className="escape-new">{escapeWords.isNew}</span>;
