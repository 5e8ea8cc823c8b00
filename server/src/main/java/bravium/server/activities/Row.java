package bravium.server.activities;

import bravium.core.activity.Activity;
import bravium.core.activity.Look;
import bravium.core.activity.TitlePage;
import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.readiness.Readiness;
import bravium.core.readiness.Weight;
import bravium.core.rich.Picture;
import bravium.server.data.schema.tables.records.ActivityRecord;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What the tables hold of an activity: worked out before anybody has to wait for the writer. */
record Row(
    TitlePage page,
    String kind,
    int askable,
    int findings,
    boolean playable,
    String document,
    Set<String> media,
    @Nullable String faceMedium,
    @Nullable Look look) {

  static Row of(Activity activity) {
    Readiness readiness = Games.readiness(activity);
    return new Row(
        activity.titlePage(),
        activity.game().kind(),
        readiness.askable(),
        readiness.findings().size(),
        readiness.findings().stream().noneMatch(finding -> finding.weight() == Weight.STOP),
        Codec.ACTIVITY.write(activity),
        activity.media(),
        activity.coverPicture().map(Picture::medium).orElse(null),
        activity.look());
  }

  void fill(ActivityRecord row) {
    row.setTitle(page.title());
    row.setKind(kind);
    row.setSubject(page.subject());
    row.setYear(page.year() == null ? null : page.year().longValue());
    row.setSearchText(Folded.of(page));
    row.setQuestionCount((long) askable);
    row.setFindingCount((long) findings);
    row.setIsPlayable(playable);
    row.setFaceMedium(faceMedium);
    row.setFaceGround(look == null ? null : look.ground());
    row.setFaceAccent(look == null ? null : look.accent());
  }

  List<String> tags() {
    return page.tags().stream().map(String::strip).filter(t -> !t.isEmpty()).distinct().toList();
  }
}
