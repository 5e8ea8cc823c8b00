package bravium.server.media;

import bravium.server.problems.Problem;

/** Why a file is not taken in, with what would be. */
final class MediumRefusal {

  private static final String TAKEN =
      " Pictures as PNG, JPEG, WebP, GIF or SVG and sounds as MP3, M4A, Ogg, WAV or WebM are taken.";

  private MediumRefusal() {}

  static Problem empty() {
    return Problem.badRequest(
        "medium-empty", "This file is empty. Nothing was added; choose another one.");
  }

  static Problem otherType(String recognised) {
    return Problem.badRequest(
        "medium-type",
        "What is in this file is neither a picture nor a sound that can be shown or played here ("
            + recognised
            + ")."
            + TAKEN
            + " Nothing was added.");
  }

  static Problem tooLarge(int megabytes) {
    return Problem.tooLarge(
        "This file is larger than the "
            + megabytes
            + " MB that are taken. Make it smaller, then try again. Nothing was added.");
  }

  static Problem tooManyPixels(long width, long height, int most) {
    return Problem.badRequest(
        "medium-pixels",
        "This picture says that it is "
            + width
            + " × "
            + height
            + " pixels. Up to "
            + most
            + " million pixels are taken. Make it smaller, then try again. Nothing was added.");
  }

  static Problem damaged() {
    return Problem.badRequest(
        "medium-damaged",
        "This file is damaged, or of a sort that can't be read here."
            + TAKEN
            + " Save it anew in one of these, then try again. Nothing was added.");
  }

  static Problem tooMuchIn() {
    return Problem.badRequest(
        "too-much-in-it",
        "This picture is made so that it takes minutes to draw. Save it anew, as PNG or as a simple"
            + " JPEG, then try again. Nothing was added.");
  }

  static Problem full(long megabytes) {
    return Problem.tooLarge(
        "Your pictures and sounds fill the "
            + megabytes
            + " MB that there are. Delete some that you don't use any more: what is deleted makes"
            + " room after 30 days, for so long it can be brought back. Nothing was added.");
  }
}
