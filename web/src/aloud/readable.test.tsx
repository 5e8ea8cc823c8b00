// @vitest-environment jsdom
import { expect, test } from "vitest";
import { readableOf } from "./readable";

function page(html: string): NodeListOf<Element> {
  document.body.innerHTML = html;
  return document.querySelectorAll("[data-read]");
}

test("headings and options are read, and what is only for the eye or for pressing is not", () => {
  const { text } = readableOf(
    page(`
      <h2 data-read>Who lays <b>eggs</b>?</h2>
      <span data-read><span class="sr-only">A: </span>the queen</span>
      <span data-read>a drone<button>Listen</button><i aria-hidden="true">x</i></span>
      <p>not this</p>`),
  );
  expect(text).toBe("Who lays eggs? the queen. a drone. ");
});

test("formulas are read as they are said, pictures by what they show", () => {
  const { text } = readableOf(
    page(
      '<p data-read>What is <span data-formula="3 \\times 4">###</span>? <img alt="A comb"></p>',
    ),
  );
  expect(text).toBe("What is 3 × 4? A comb . ");
});

test("a word is found where it stands on the page", () => {
  const { text, rangeAt } = readableOf(page("<h2 data-read>Who lays <b>eggs</b>?</h2>"));
  expect(rangeAt(text.indexOf("lays"))?.toString()).toBe("lays");
  expect(rangeAt(text.indexOf("eggs"))?.toString()).toBe("eggs");
  expect(rangeAt(999)).toBeUndefined();
});
