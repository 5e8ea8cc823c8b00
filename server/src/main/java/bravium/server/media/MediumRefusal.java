package bravium.server.media;

import bravium.server.problems.Problem;

/** Why a file is not taken in, with what would be. */
final class MediumRefusal {

  private static final String TAKEN =
      " Pictures as PNG, JPEG, WebP, GIF or SVG, sounds as MP3, M4A, Ogg, WAV or WebM, and videos as"
          + " MP4 (H.264) or WebM are taken.";

  private MediumRefusal() {}

  static Problem empty() {
    return Problem.badRequest(
        "medium-empty", "This file is empty. Nothing was added; choose another one.");
  }

  static Problem otherType(String recognised) {
    return Problem.badRequest(
        "medium-type",
        "What is in this file is no picture, sound or video that can be shown or played here ("
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

  static Problem unplayable(FilmTracks.Track track) {
    return Problem.badRequest(
        "medium-unplayable",
        "The "
            + (track.video() ? "pictures" : "sound")
            + " of this video are written in a way that not every browser can play ("
            + track.codec()
            + "). Save it as MP4 with H.264 and AAC, or as WebM, then try again. Nothing was"
            + " added.");
  }

  static Problem damagedFilm() {
    return Problem.badRequest(
        "medium-damaged",
        "This video is damaged: it doesn't say how long it lasts, or claims to last far longer than"
            + " what is in it. Save it anew as MP4 (H.264) or WebM, then try again. Nothing was"
            + " added.");
  }

  static Problem cutOff() {
    return Problem.badRequest(
        "medium-cut-off",
        "The end of this video is missing, as after a download or a copy that broke off. Copy it anew"
            + " from where it came from, then try again. Nothing was added.");
  }

  static Problem fullOfVideos(long megabytes) {
    return Problem.tooLarge(
        "Your videos fill the "
            + megabytes
            + " MB that there are, or would with this one. Delete some that you don't use any more:"
            + " what is deleted makes room after 30 days, for so long it can be brought back."
            + " Nothing was added.");
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
