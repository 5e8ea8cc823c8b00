package bravium.server.activities;

import static bravium.server.data.schema.Tables.ACTIVITY;
import static bravium.server.data.schema.Tables.ACTIVITY_TAG;

import bravium.server.activities.ActivityQuery.Sort;
import bravium.server.activities.Facets.Facet;
import bravium.server.data.schema.tables.records.ActivityRecord;
import bravium.server.limits.SearchText;
import java.util.ArrayList;
import java.util.List;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.OrderField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Lists of a teacher's activities: a page at a time, found, filtered and sorted by indexes. */
@Repository
class ActivityLists {

  private final DSLContext database;

  ActivityLists(DSLContext database) {
    this.database = database;
  }

  ActivityList list(long teacher, ActivityQuery query) {
    Condition which = which(teacher, query);
    List<ActivityCard> cards =
        database
            .selectFrom(ACTIVITY)
            .where(which)
            .orderBy(order(query.sorting()))
            .limit(ActivityQuery.PAGE)
            .offset(query.offset())
            .fetch(ActivityLists::card);
    return new ActivityList(cards, database.fetchCount(ACTIVITY, which));
  }

  Facets facets(long teacher) {
    Condition there = ACTIVITY.TEACHER_ID.eq(teacher).and(ACTIVITY.REMOVED_AT.isNull());
    Condition gone = ACTIVITY.TEACHER_ID.eq(teacher).and(ACTIVITY.REMOVED_AT.isNotNull());
    return new Facets(
        database.fetchCount(ACTIVITY, there),
        database.fetchCount(ACTIVITY, gone),
        facet(ACTIVITY.KIND, there),
        facet(ACTIVITY.SUBJECT, there),
        facet(ACTIVITY.YEAR, there),
        database
            .select(ACTIVITY_TAG.TAG, DSL.count())
            .from(ACTIVITY_TAG)
            .join(ACTIVITY)
            .on(ACTIVITY.ID.eq(ACTIVITY_TAG.ACTIVITY_ID))
            .where(there)
            .groupBy(ACTIVITY_TAG.TAG)
            .orderBy(ACTIVITY_TAG.TAG.collate("NOCASE"))
            .fetch(row -> new Facet(row.value1(), row.value2())));
  }

  private <T> List<Facet> facet(Field<T> field, Condition there) {
    return database
        .select(field, DSL.count())
        .from(ACTIVITY)
        .where(there, field.isNotNull(), field.cast(String.class).ne(""))
        .groupBy(field)
        .orderBy(field)
        .fetch(row -> new Facet(String.valueOf(row.value1()), row.value2()));
  }

  private static Condition which(long teacher, ActivityQuery query) {
    List<Condition> all = new ArrayList<>();
    all.add(ACTIVITY.TEACHER_ID.eq(teacher));
    all.add(query.listsRemoved() ? ACTIVITY.REMOVED_AT.isNotNull() : ACTIVITY.REMOVED_AT.isNull());
    if (query.kind() != null) {
      all.add(ACTIVITY.KIND.eq(query.kind()));
    }
    if (query.subject() != null) {
      all.add(ACTIVITY.SUBJECT.eq(query.subject()));
    }
    if (query.year() != null) {
      all.add(ACTIVITY.YEAR.eq(query.year().longValue()));
    }
    if (query.tag() != null) {
      all.add(
          ACTIVITY.ID.in(
              DSL.select(ACTIVITY_TAG.ACTIVITY_ID)
                  .from(ACTIVITY_TAG)
                  .where(ACTIVITY_TAG.TAG.eq(query.tag()))));
    }
    if (query.search() != null) {
      Folded.words(SearchText.checked(query.search()))
          .forEach(word -> all.add(ACTIVITY.SEARCH_TEXT.contains(word)));
    }
    return DSL.and(all);
  }

  private static List<OrderField<?>> order(Sort sort) {
    return switch (sort) {
      case TITLE -> List.of(ACTIVITY.SEARCH_TEXT, ACTIVITY.ID);
      case YEAR -> List.of(ACTIVITY.YEAR.asc().nullsLast(), ACTIVITY.SEARCH_TEXT, ACTIVITY.ID);
      case CHANGED -> List.of(ACTIVITY.CHANGED_AT.desc(), ACTIVITY.ID.desc());
    };
  }

  private static ActivityCard card(ActivityRecord row) {
    return new ActivityCard(
        row.getPublicId(),
        row.getTitle(),
        row.getKind(),
        row.getSubject(),
        row.getYear() == null ? null : row.getYear().intValue(),
        row.getQuestionCount().intValue(),
        row.getFindingCount().intValue(),
        row.getIsPlayable(),
        row.getChangedAt(),
        row.getFaceMedium(),
        row.getFaceGround(),
        row.getFaceAccent());
  }
}
