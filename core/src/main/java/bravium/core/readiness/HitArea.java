package bravium.core.readiness;

import bravium.core.question.Area;
import bravium.core.question.Spot;
import java.util.List;
import java.util.TreeSet;

/**
 * How many places of a picture lie in any of some areas, counted exactly: along each row what is in
 * and what is out changes only at a few places. Linear in the rows, quadratic in the corners.
 */
final class HitArea {

  /** The places of a picture, in thousandths both ways, edges and all. */
  static final double PLACES = (Spot.WHOLE + 1.0) * (Spot.WHOLE + 1.0);

  private final List<Area> areas;

  private HitArea(List<Area> areas) {
    this.areas = areas;
  }

  static double of(List<Area> areas) {
    HitArea hit = new HitArea(areas);
    int top = Spot.WHOLE;
    int bottom = 0;
    for (Area area : areas) {
      for (Spot corner : area.corners()) {
        top = Math.min(top, corner.y());
        bottom = Math.max(bottom, corner.y());
      }
    }
    double count = 0;
    for (int y = Math.max(0, top); y <= Math.min(Spot.WHOLE, bottom); y++) {
      count += hit.inRow(y);
    }
    return count;
  }

  private int inRow(int y) {
    TreeSet<Integer> turns = new TreeSet<>(List.of(0, Spot.WHOLE));
    areas.forEach(area -> turns(area, y, turns));
    int count = 0;
    int before = -1;
    for (int x : turns) {
      if (x < 0 || x > Spot.WHOLE) {
        continue;
      }
      int between = x - before - 1;
      count += between > 0 && in(before + 1, y) ? between : 0;
      count += in(x, y) ? 1 : 0;
      before = x;
    }
    return count;
  }

  private boolean in(int x, int y) {
    return areas.stream().anyMatch(area -> area.contains(x, y));
  }

  /** Places at which an area can begin or end in a row. */
  private static void turns(Area area, int y, TreeSet<Integer> turns) {
    List<Spot> corners = area.corners();
    if (area.form() == Area.Form.ELLIPSE) {
      int left = Math.min(corners.get(0).x(), corners.get(1).x());
      int right = Math.max(corners.get(0).x(), corners.get(1).x());
      int middle = (left + right) / 2;
      if (area.contains(middle, y)) {
        turns.add(edge(area, y, middle, left - 1));
        turns.add(edge(area, y, middle, right + 1));
      }
      return;
    }
    for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
      Spot a = corners.get(i);
      Spot b = corners.get(j);
      turns.add(a.x());
      if (a.y() != b.y() && (a.y() - y) * (b.y() - y) <= 0) {
        int x = a.x() + Math.floorDiv((b.x() - a.x()) * (y - a.y()), b.y() - a.y());
        turns.add(x);
        turns.add(x + 1);
      }
    }
  }

  /** The last place in the area on the way from one in it to one out of it. */
  private static int edge(Area area, int y, int in, int out) {
    int inside = in;
    int outside = out;
    while (Math.abs(outside - inside) > 1) {
      int middle = (inside + outside) / 2;
      if (area.contains(middle, y)) {
        inside = middle;
      } else {
        outside = middle;
      }
    }
    return inside;
  }
}
