/** Files that hold lists: texts, tables, spreadsheets; any other one is named in words. */
export const LIST_FILES =
  ".csv,.tsv,.txt,.md,.xlsx,text/csv,text/plain,text/markdown,application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";

/** A text whose lines end as a text field shows them: slides end them with a vertical tab. */
export const endedLines = (text: string) => text.replace(/\r\n|[\r\v\f\u0085\u2028\u2029]/g, "\n");

/** Whether a pasted text is a list: what is pasted into a line and has one line stays there. */
export const isList = (text: string) => /[\n\t]/.test(endedLines(text).trim());
