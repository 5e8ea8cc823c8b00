import type { ItemReading, ItemsRead, OpenedText } from "../generated/types";
import { call } from "./client";

const BYTES = { "Content-Type": "application/octet-stream" };

/** What stands in a file: a text, a table, a spreadsheet. */
export const opened = (file: Blob) =>
  call<OpenedText>("/api/lists/opened", { method: "POST", body: file, headers: BYTES });

/** What is read in a list; nothing is changed. */
export const itemsRead = (text: Blob, of: string, reading?: ItemReading) =>
  call<ItemsRead>(`/api/lists/items?${new URLSearchParams({ of, ...(reading && { reading }) })}`, {
    method: "POST",
    body: text,
    headers: BYTES,
  });
