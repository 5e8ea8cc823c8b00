// @vitest-environment jsdom
import { afterEach, beforeEach, expect, test } from "vitest";
import { beginning, isMeant } from "./tapsStay";

beforeEach(() => {
  document.body.innerHTML =
    "<p>How many?</p><button id='answer'><span>Answer</span></button><button id='leave'>Leave</button>";
});

afterEach(() => {
  document.body.innerHTML = "";
});

const at = (selector: string) => document.querySelector(selector);

test("a press that ends where it began is meant, on any part of it", () => {
  expect(isMeant(beginning(at("#answer span")), at("#answer"))).toBe(true);
  expect(isMeant(beginning(at("#answer")), at("#answer span"))).toBe(true);
});

test("a press that began on something else isn’t", () => {
  expect(isMeant(beginning(at("p")), at("#leave"))).toBe(false);
  expect(isMeant(beginning(at("#answer")), at("#leave"))).toBe(false);
});

test("nor is one on a button that is another now, though it stands in the same place", () => {
  const began = beginning(at("#answer span"));
  const button = at("#answer") as HTMLElement;
  button.textContent = "Next";
  expect(isMeant(began, button)).toBe(false);
});

test("what is no button may be pressed, and so may all that no press began", () => {
  expect(isMeant(beginning(at("#answer")), at("p"))).toBe(true);
  expect(isMeant(undefined, at("#leave"))).toBe(true);
});
