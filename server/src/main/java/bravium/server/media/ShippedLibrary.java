package bravium.server.media;

import bravium.server.problems.Problem;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

/** The clips that ship with Bravium: the stand-in for a school's own library. */
@Component
class ShippedLibrary implements VideoLibrary {

  private static final String FOLDER = "library/";

  private final Map<String, LibraryClip> clips = new LinkedHashMap<>();

  ShippedLibrary() throws IOException {
    String list = resource("library.json").getContentAsString(StandardCharsets.UTF_8);
    for (var value : Json.parse(list).asObject().get("clips").asArray()) {
      LibraryClip clip = clip(value.asObject());
      clips.put(clip.name(), clip);
    }
  }

  private static LibraryClip clip(JsonObject said) {
    String name = said.getString("name", "");
    List<String> tags = new ArrayList<>();
    said.get("tags").asArray().forEach(tag -> tags.add(tag.asString()));
    return new LibraryClip(
        name,
        said.getString("title", ""),
        said.getString("words", ""),
        List.copyOf(tags),
        said.getString("licence", ""),
        said.getInt("millis", 0),
        resource(name + ".vtt").exists(),
        "/api/library/" + name + "/film");
  }

  @Override
  public List<LibraryClip> search(String search) {
    List<String> wanted =
        List.of(search.strip().toLowerCase(Locale.ROOT).split("\\s+")).stream()
            .filter(word -> !word.isEmpty())
            .toList();
    return clips.values().stream()
        .filter(clip -> wanted.stream().allMatch(word -> text(clip).contains(word)))
        .toList();
  }

  private static String text(LibraryClip clip) {
    return (clip.title() + " " + clip.words() + " " + String.join(" ", clip.tags()))
        .toLowerCase(Locale.ROOT);
  }

  @Override
  public Optional<LibraryClip> find(String name) {
    return Optional.ofNullable(clips.get(name));
  }

  @Override
  public Resource fetch(LibraryClip clip, Part part) {
    Resource found =
        switch (part) {
          case FILM -> film(clip.name());
          case POSTER -> resource(clip.name() + ".png");
          case CAPTIONS -> resource(clip.name() + ".vtt");
        };
    if (!found.exists()) {
      throw Problem.notFound("no-such-clip", "This clip has no such part.");
    }
    return found;
  }

  private static Resource film(String name) {
    Resource mp4 = resource(name + ".mp4");
    return mp4.exists() ? mp4 : resource(name + ".webm");
  }

  private static Resource resource(String file) {
    return new ClassPathResource(FOLDER + file);
  }
}
