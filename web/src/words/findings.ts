import type { Check, Mend } from "../generated/types";
import { lasting, minutes, oneIn, plural, yearName } from "./format";

/** What readiness found, and what its mends are called. */

const points = (n?: string) => plural(Number(n), "point");

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

export const findingWords: Record<Check, (values: string[]) => string> = {
  "no-title": () => "The activity has no title yet.",
  "nothing-to-ask": () => "There is nothing to ask yet. Write a question and two options.",
  "empty-question": () => "This question has options but no text. It is left out of the game.",
  "no-options": () => "There is nothing to pick. The question is left out until it has options.",
  "one-option": () => "There is only one option, so nobody can miss it.",
  "empty-option": ([letter]) => `Option ${letter} is empty. It is left out of the game.`,
  "no-right-option": () => "No option is marked right, so nobody can get it right.",
  "two-right-options": ([n]) =>
    `${n} options are marked right, but only one can be picked. Each of them counts as right.`,
  "same-options": ([text]) => `Two options read the same: “${text}”.`,
  "unknown-question": () =>
    "This kind of question comes from a newer version. It is kept, but not asked.",
  "unknown-game": () => "This game comes from a newer version. It is kept, but can’t be played.",
  "poor-contrast": ([contrast]) =>
    `Some words are too faint to read from the back row: their contrast is ${(Math.floor(Number(contrast) / 100) / 10).toFixed(1)} to 1, and it takes 7 to 1.`,
  "too-long-for-projector": () =>
    "This doesn’t fit on the projector in type that the back row can read. Use fewer words or options.",
  "unequal-turns": ([teams, , asked]) => `${asked} questions give ${teams} teams unequal turns.`,
  "asks-too-many": ([asked, there]) =>
    `The rules ask ${plural(Number(asked), "question")}, but only ${there} can be asked. All of them are.`,
  "no-points": () => "A question is worth 0 points, so everybody wins.",
  "always-won": () => "With a pass mark of 0% everybody wins.",
  "pass-mark-unreachable": ([needed, reach]) =>
    `Winning takes ${points(needed)}, but only ${reach} can be reached.`,
  "pass-mark-sometimes-unreachable": ([needed, reach]) =>
    `Winning takes ${points(needed)}. In an unlucky draw only ${reach} can be reached.`,
  "all-off": () => "All questions are switched off, so there is nothing to ask.",
  "same-questions": ([first]) => `This asks the same as question ${first}.`,
  "loose-last-option": ([letter]) =>
    `Option ${letter} speaks of the others, but mixing may put it among them.`,
  "right-in-one-place": ([letter]) =>
    `The right option is always ${letter}. A class soon finds that out.`,
  "longest-is-right": ([n, of]) =>
    `In ${n} of ${of} questions the right option is the longest. A class soon finds that out.`,
  "guessing-wins": ([chance]) =>
    `Guessing alone wins ${oneIn(Number(chance))}. A higher pass mark or more options help.`,
  "long-read": ([seconds, year]) =>
    `Most of ${yearName(Number(year))} take ${lasting(seconds)} to read this. Use shorter words or fewer options.`,
  "no-answer": () => "No answer is accepted yet. The question is left out until one is.",
  "mistake-is-right": ([text]) =>
    `“${text}” stands among the wrong answers, but would be right without that.`,
  "right-and-wrong": ([text]) =>
    `“${text}” stands among the right and the wrong answers. It counts as right.`,
  "number-two-ways": ([read, other]) =>
    `Your number is read as ${read}, but could be read as ${other}, too.`,
  "tolerance-unread": ([text]) =>
    `“${text}” isn’t a number, so only the exact number is right. Write 0.5 or 5%, for instance.`,
  "no-number": () => "There is no number to compare with. The question is left out until there is.",
  "no-gaps": () => "There is no gap yet. Put the words that are missing in [brackets].",
  "few-cards": () => "There are fewer than two cards to put in order. The question is left out.",
  "few-pairs": () => "There are fewer than two full pairs. The question is left out.",
  "few-groups": () =>
    "It takes two groups with a name, and a card that belongs to one. The question is left out.",
  "rings-apart": ([text]) =>
    `The card “${text}” belongs in rings that don’t overlap, so it is left out. Move their groups next to each other.`,
  "cards-alike": () => "All cards read the same, so nothing is right or wrong.",
  "any-order": () => "Any order is right here. The question is left out.",
  "fraction-not-there": ([over, under, cut]) =>
    `${over}/${under} can’t be shaded in ${cut} equal parts. The question is left out.`,
  "nothing-shaded": () => "Nothing is shaded in the figure.",
  "card-without-group": ([text]) => `The card “${text}” belongs to no group and is left out.`,
  "no-picture": () => "There is no picture to point at. The question is left out.",
  "no-right-area": () => "Nowhere in the picture is right, so nobody can get it right.",
  "no-alt": () => "A picture has no description for those who can’t see it.",
  "no-sound-words": () => "A sound has no words for those who can’t hear it.",
  "small-picture": ([width, height, needed]) =>
    `A picture of ${width} × ${height} pixels looks blurred here. From ${needed} pixels it is sharp.`,
  "all-options-right": () => "All options are right: picking everything is the answer.",
  "everything-earns": () => "Picking every option earns all the points.",
  "hint-gives-away": ([n, answer]) => `Hint ${n} says the answer word for word: “${answer}”.`,
  "lives-before-pass-mark": ([lives, misses]) =>
    `The game ends after ${plural(Number(lives) + 1, "mistake")}, though ${misses} still win by the pass mark.`,
  "price-above-worth": ([price, worth]) =>
    `A hint or a wrong answer costs ${points(price)}, more than a question worth ${worth} earns.`,
  "lives-too-few": ([lives, lost]) =>
    `${plural(Number(lost), "question")} can’t be got right by anybody, but the game allows ${plural(Number(lives), "mistake")}.`,
  "until-right-wins": ([chance]) =>
    `Each question may be tried until it is right, so guessing alone wins ${oneIn(Number(chance))}.`,
  "pass-mark-of-teams": ([percent]) =>
    `Teams play for the most points. The pass mark of ${percent}% counts only for anyone who plays alone.`,
  "lives-of-teams": () =>
    "Teams may make any number of mistakes. Lives count only for anyone who plays alone.",
  "no-decider-left": () => "A tie may find no question that is left to decide it.",
  "speed-without-clock": ([without, of]) =>
    without === of
      ? "There are points for speed, but no clock of the questions to measure it by."
      : `There are points for speed, but ${without} of ${of} questions have no clock to measure it by.`,
  "clock-short": ([there, needed, year]) =>
    `${capital(lasting(there))} is short: slower readers of ${yearName(Number(year))} need ${lasting(needed)} to read it.`,
  "clock-before-read-aloud": ([there, needed]) =>
    `Reading it aloud takes ${lasting(needed)}, but there are only ${lasting(there)}.`,
  "game-clock-short": ([seconds, least, most]) =>
    `The clock gives ${minutes(Number(seconds))} min; your class will take ${minutes(Number(least))} to ${minutes(Number(most))}.`,
  "game-clock-hopeless": ([seconds, needed]) =>
    `Nobody can beat this clock: it gives ${lasting(seconds)}, and reading the questions alone takes ${lasting(needed)}.`,
  // Its game says it.
  "of-game": () => "",
  "long-game": ([asked, , least, most, lesson]) =>
    `${asked} questions take your class ${minutes(Number(least))} to ${minutes(Number(most))} minutes; a lesson has about ${lesson}.`,
};

export const mendWords: Record<Mend, (values: string[]) => string> = {
  "remove-option": () => "Remove this option",
  "keep-first-right": () => "Keep the first as right",
  "pin-last": () => "Pin it at the end",
  "switch-off": () => "Switch it off for now",
  "switch-on-all": () => "Switch all on",
  "ask-all": () => "Ask all there are",
  "ask-fewer": ([, most]) => `Ask ${most} of them`,
  "mend-look": () => "Fix the colours",
  "mix-options": () => "Mix the options",
  "usual-worth": () => "Give 10 points each",
  "usual-pass-mark": () => "Win with 80%",
  "wrong-costs": () => "Let wrong ones cost",
  "set-lives": ([, misses]) => `Allow ${plural(Number(misses), "mistake")}`,
  "lower-prices": ([, worth]) => `Lower it to ${worth}`,
  "usual-clock": () => "Give each question a time",
  "set-tries": ([, tries]) => (tries === "1" ? "One try each" : `Allow ${tries} tries`),
  "write-number": ([read]) => `Write ${read}`,
  "no-lives": () => "Leave the lives out",
  "no-decider": () => "Let a tie be a tie",
  "ask-so-many": ([asked]) => `Ask ${asked} of them`,
  "set-seconds": (values) => `Give it ${lasting(values.at(-1))}`,
  "set-clock": (values) => `Give ${minutes(Number(values.at(-1)))} min`,
  "remove-hint": () => "Remove this hint",
  "of-game": () => "",
  "set-pass-mark": (values) => `Win with ${values.at(-1)}%`,
};
