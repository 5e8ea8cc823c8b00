// @vitest-environment jsdom
import { expect, test } from "vitest";
import { picturesIn, saysMore, withoutPictures } from "./pasted";

const DOT = "data:image/png;base64,iVBORw0KGgo=";

test("formatting is told from a plain text that only comes as HTML", () => {
  expect(saysMore("<span style='color:red'>Bees</span>")).toBe(false);
  expect(saysMore("<b style='font-weight:normal'><p>Bees</p></b>")).toBe(false);
  expect(saysMore("H<sub>2</sub>O")).toBe(true);
  expect(saysMore("<ul><li>wax</li></ul>")).toBe(true);
});

test("pictures that are there themselves are taken, others are counted", () => {
  const html = `<p>A<img src="${DOT}" alt="dot"><img src="file:///C:/bee.png"><img src="https://example.org/a.png"></p>`;
  const { files, left } = picturesIn(html);
  expect(files.map((file) => [file.name, file.type])).toEqual([["dot", "image/png"]]);
  expect(left).toBe(2);
  expect(withoutPictures(html)).toBe("<p>A</p>");
});

test("a script in a picture’s place is no picture", () => {
  expect(picturesIn('<img src="data:text/html;base64,PHNjcmlwdD4=">')).toEqual({
    files: [],
    left: 1,
  });
});
