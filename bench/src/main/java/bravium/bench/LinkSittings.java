package bravium.bench;

import bravium.bench.Load.Begun;
import bravium.core.codec.Codec;
import com.eclipsesource.json.JsonObject;
import java.util.function.Supplier;

/** Begins sittings of those who play by link. */
final class LinkSittings implements Supplier<Begun> {

  /** A code opens so many games and then slows down: a few hundred are opened by each. */
  private static final int BY_ONE_CODE = 500;

  private final Http teacher;
  private String code = "";
  private int opened;

  LinkSittings(Http teacher) {
    this.teacher = teacher;
  }

  @Override
  public Begun get() {
    if (opened++ % BY_ONE_CODE == 0) {
      String id =
          teacher.post("/api/activities", Codec.ACTIVITY.write(Load.QUIZ)).getString("id", "");
      code = teacher.post("/api/activities/" + id + "/link", "").getString("code", "");
    }
    JsonObject one = teacher.post("/api/links/" + code + "/sittings", "");
    return new Begun(one.getString("sitting", ""), one.getString("token", ""));
  }
}
