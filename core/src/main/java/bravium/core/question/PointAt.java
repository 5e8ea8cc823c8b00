package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Flat;
import bravium.core.json.Range;
import bravium.core.rich.MediumName;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A picture in which a place is pointed at. Pointing at any area that is marked right counts; where
 * areas overlap, a right one decides.
 *
 * @param picture the name of the picture, see {@link MediumName}; null while there is none
 * @param alt what the picture shows, in words
 */
public record PointAt(
    @Flat @JsonUnwrapped Basics basics,
    @Nullable String picture,
    String alt,
    @Range(max = MOST_AREAS) List<Area> areas,
    @JsonIgnore Extra extra)
    implements Question {

  /** The most areas of a picture. */
  public static final int MOST_AREAS = 40;

  /** Checks the picture's name, and the areas' number and ids. */
  public PointAt {
    if (picture != null) {
      MediumName.require(picture);
    }
    if (areas.size() > MOST_AREAS) {
      throw new IllegalArgumentException("a picture has at most " + MOST_AREAS + " areas");
    }
    Ids.requireDistinct("area", areas.stream().map(Area::id).toList());
  }

  @Override
  public PointAt with(Basics changed) {
    return new PointAt(changed, picture, alt, areas, extra);
  }

  /** The areas that are right. */
  public List<Area> rightAreas() {
    return areas.stream().filter(Area::right).toList();
  }

  @Override
  public boolean complete() {
    return picture != null && !areas.isEmpty();
  }

  @Override
  public boolean takes(Response response) {
    return response instanceof Response.Pointed(int x, int y)
        && x >= 0
        && x <= Spot.WHOLE
        && y >= 0
        && y <= Spot.WHOLE;
  }

  @Override
  public Mark mark(Response response) {
    Response.Pointed at = (Response.Pointed) response;
    Optional<Area> right = hit(rightAreas(), at);
    Optional<Area> any = right.or(() -> hit(areas, at));
    return Mark.whole(right.isPresent(), any.map(Area::feedback).orElse(null));
  }

  private static Optional<Area> hit(List<Area> areas, Response.Pointed at) {
    return areas.stream().filter(area -> area.contains(at.x(), at.y())).findFirst();
  }

  @Override
  public Optional<Response> rightResponse() {
    return pointing(true).or(this::thin);
  }

  /** A place in a right area that is too thin for the grid. */
  private Optional<Response> thin() {
    return rightAreas().stream()
        .flatMap(area -> area.inside().stream())
        .findFirst()
        .map(spot -> new Response.Pointed(spot.x(), spot.y()));
  }

  @Override
  public Optional<Response> wrongResponse() {
    return pointing(false);
  }

  /** The first place on a coarse grid that is right, or not. */
  private Optional<Response> pointing(boolean right) {
    List<Area> areas = rightAreas();
    for (int step = 50; step >= 1; step /= 5) {
      for (int y = 0; y <= Spot.WHOLE; y += step) {
        for (int x = 0; x <= Spot.WHOLE; x += step) {
          Response.Pointed at = new Response.Pointed(x, y);
          if (hit(areas, at).isPresent() == right) {
            return Optional.of(at);
          }
        }
      }
    }
    return Optional.empty();
  }

  @Override
  public boolean canBeRight() {
    return rightAreas().stream().anyMatch(area -> area.inside().isPresent());
  }
}
