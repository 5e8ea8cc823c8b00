import { useEffect, useState } from "react";
import { FIELD } from "../ui/field";
import { words } from "../words/en";

const split = (text: string) =>
  [...new Set(text.split(",").map((tag) => tag.trim()))].filter(Boolean);

/** Tags, with commas between them. */
export function TagsField(props: { tags: string[]; change: (tags: string[]) => void }) {
  const { tags, change } = props;
  const written = tags.join(", ");
  const [text, setText] = useState(written);
  useEffect(() => {
    setText((now) => (split(now).join(", ") === written ? now : written));
  }, [written]);
  return (
    <label className="sm:col-span-2">
      {words.details.tags}
      <input
        className={FIELD}
        maxLength={300}
        placeholder={words.details.tagsPlaceholder}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          change(split(event.target.value));
        }}
        onBlur={() => setText(written)}
      />
    </label>
  );
}
