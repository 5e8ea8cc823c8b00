-- What an activity shows of itself in the list: a picture that gives nothing away, and its colours.
ALTER TABLE activity ADD COLUMN face_medium TEXT;
ALTER TABLE activity ADD COLUMN face_ground TEXT;
ALTER TABLE activity ADD COLUMN face_accent TEXT;

UPDATE activity SET
  face_medium = (
    SELECT coalesce(
      json_extract(document, '$.game.board.picture.medium'),
      json_extract(document, '$.game.rooms[0].picture.medium'))
    FROM activity_version
    WHERE activity_version.activity_id = activity.id AND activity_version.version = activity.version),
  face_ground = (
    SELECT json_extract(document, '$.look.ground')
    FROM activity_version
    WHERE activity_version.activity_id = activity.id AND activity_version.version = activity.version),
  face_accent = (
    SELECT json_extract(document, '$.look.accent')
    FROM activity_version
    WHERE activity_version.activity_id = activity.id AND activity_version.version = activity.version);

-- A link can be switched off: nobody new begins by it then.
ALTER TABLE play_link ADD COLUMN shut_at BIGINT;
