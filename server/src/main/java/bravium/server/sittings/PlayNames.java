package bravium.server.sittings;

import bravium.core.json.Names;

/** What a player's media and ids are called in her play. */
record PlayNames(MediaNames media, PlayIds ids) implements Names {

  @Override
  public String medium(String name) {
    return media.apply(name);
  }

  @Override
  public String id(String id) {
    return ids.id(id);
  }

  @Override
  public String part(String question, String id) {
    return ids.part(question, id);
  }
}
