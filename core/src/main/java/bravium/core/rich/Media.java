package bravium.core.rich;

/** A picture or a sound among words. */
public sealed interface Media extends Block permits Picture, Sound {

  /** The name of the medium; see {@link MediumName}. */
  String medium();

  @Override
  default boolean blank() {
    return false;
  }
}
