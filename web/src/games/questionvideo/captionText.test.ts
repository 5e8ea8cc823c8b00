import { expect, test } from "vitest";
import { decoded } from "./captionText";

const bytes = (...all: number[]) => new Uint8Array(all).buffer;

test("a file is read as it was written: UTF-8, what Windows wrote, UTF-16 either way", () => {
  // "Bées", by the tables of RFC 3629, of Windows-1252 (WHATWG Encoding), and of RFC 2781.
  const said = "B\u00e9es";
  expect(decoded(bytes(0x42, 0xc3, 0xa9, 0x65, 0x73))).toBe(said);
  expect(decoded(bytes(0x42, 0xe9, 0x65, 0x73))).toBe(said);
  expect(decoded(bytes(0xff, 0xfe, 0x42, 0, 0xe9, 0, 0x65, 0, 0x73, 0))).toBe(said);
  expect(decoded(bytes(0xfe, 0xff, 0, 0x42, 0, 0xe9, 0, 0x65, 0, 0x73))).toBe(said);
});
