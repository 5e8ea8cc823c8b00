-- Revision 6 of the engine counts a climb whose worth grows otherwise than revision 5, and nothing
-- else that a running game has come by. So what has none such goes on as it was begun.
UPDATE sitting SET opened_revision = 6
WHERE opened_revision = 5 AND outcome IS NULL
  AND NOT EXISTS (
    SELECT 1 FROM activity_version
    WHERE activity_version.id = sitting.activity_version_id
      AND json_extract(activity_version.document, '$.game.board.rise') = 'doubling');
