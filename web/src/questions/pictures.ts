import { words } from "../words/en";

/** The pictures that ship with the application; the teacher's own come with Media. */
export const PICTURES = Object.keys(words.pictures) as (keyof typeof words.pictures)[];

export const pictureAddress = (name: string) => `/pictures/${encodeURIComponent(name)}.svg`;
