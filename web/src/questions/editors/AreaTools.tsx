import { Circle, Pentagon, Square } from "lucide-react";
import type { Form, Spot } from "../../generated/types";

const ICONS = { rectangle: Square, ellipse: Circle, polygon: Pentagon };

const FORMS = Object.keys(ICONS) as Form[];

const BOX: Spot[] = [
  { x: 400, y: 400 },
  { x: 600, y: 600 },
];

/** A new area where no pointer has drawn one. */
const MIDDLE: Record<Form, Spot[]> = {
  rectangle: BOX,
  ellipse: BOX,
  polygon: [
    { x: 500, y: 380 },
    { x: 620, y: 600 },
    { x: 380, y: 600 },
  ],
};

/** The forms that can be drawn over a picture: by pointer on it, by keyboard at once in its middle. */
export function AreaTools(props: {
  names: Record<Form, string>;
  forms?: Form[];
  tool?: Form;
  choose: (tool?: Form) => void;
  draw: (form: Form, corners: Spot[]) => void;
  disabled?: boolean;
}) {
  const { names, forms = FORMS, tool, choose, draw, disabled } = props;
  return forms.map((form) => {
    const Icon = ICONS[form];
    return (
      <button
        key={form}
        type="button"
        aria-pressed={tool === form}
        disabled={disabled}
        className={`btn btn-sm h-11 ${tool === form ? "btn-primary" : "btn-outline"}`}
        onClick={(event) => {
          if (event.detail === 0) draw(form, MIDDLE[form]);
          else choose(tool === form ? undefined : form);
        }}
      >
        <Icon size={16} aria-hidden="true" />
        {names[form]}
      </button>
    );
  });
}
