package bravium.server.sittings;

import bravium.core.play.Prepared;
import bravium.core.play.Stage;
import bravium.server.accounts.Teacher;
import bravium.server.limits.LongWork;
import bravium.server.limits.Pools;
import bravium.server.problems.Problem;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/**
 * What lies on the pages of games at the front. Much of it is understood where long work is done.
 */
@Service
class BesideService {

  private static final byte[] NO_PAGES = "{}".getBytes(StandardCharsets.UTF_8);

  /** The pages on which no question is asked: the board, the end. */
  private static final Set<String> STAGES =
      Arrays.stream(Stage.values())
          .map(stage -> stage.name().toLowerCase(Locale.ROOT))
          .collect(Collectors.toUnmodifiableSet());

  private final WarmSittings warm;
  private final BesideRepository rows;
  private final LongWork texts;
  private final JsonMapper mapper;

  BesideService(
      WarmSittings warm,
      BesideRepository rows,
      @Qualifier(Pools.TEXTS) LongWork texts,
      JsonMapper mapper) {
    this.warm = warm;
    this.rows = rows;
    this.texts = texts;
    this.mapper = mapper;
  }

  /** All pages on which something lies, by their names, as JSON. */
  byte[] pages(Teacher teacher, String sitting) {
    Map<String, String> kept = rows.of(warm.read(sitting, FrontService.of(teacher)));
    return kept.isEmpty() ? NO_PAGES : texts.run(() -> pages(kept));
  }

  private byte[] pages(Map<String, String> kept) {
    Map<String, BesidePage> pages = new LinkedHashMap<>();
    kept.forEach((page, document) -> pages.put(page, Ink.read(document)));
    return mapper.writeValueAsBytes(pages);
  }

  /** Keeps what lies on a page now. */
  void keep(Teacher teacher, String sitting, String page, BesidePage now) {
    StoredSitting stored = warm.read(sitting, FrontService.of(teacher));
    if (!hasPage(stored.game(), page)) {
      throw Problem.badRequest("no-such-page", "This game has no such page. Nothing was changed.");
    }
    now.check();
    rows.keep(stored, page, now.blank() ? null : texts.run(() -> Ink.written(now)));
  }

  private static boolean hasPage(Prepared game, String page) {
    return game.question(page).isPresent() || game.item(page).isPresent() || STAGES.contains(page);
  }
}
