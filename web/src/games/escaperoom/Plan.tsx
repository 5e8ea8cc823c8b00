import type { EditorStore } from "../../build/editor";
import type { EscapeOrders, EscapePlan, EscapeRoom } from "../../generated/types";
import { OUT, type PlanNode } from "./planGraph";
import type { Laid, PlanLayout } from "./planLayout";
import { sheetWords, titleOf } from "./sheetWords";
import { usePlan } from "./usePlan";
import "./plan.css";

/** The plan in ink: rooms, what stands in them, locks as seals, and what leads to what. */
export function Plan(props: { useEditor: EditorStore; game: EscapeRoom }) {
  const { useEditor, game } = props;
  const { plan, layout, orders } = usePlan(game);
  return (
    <section aria-label={sheetWords.plan} className="mt-1">
      <div className="plan" style={{ minHeight: "9rem" }}>
        {plan && layout && (
          <Drawing useEditor={useEditor} game={game} plan={plan} layout={layout} />
        )}
      </div>
      {plan && <PlanText game={game} plan={plan} orders={orders} />}
    </section>
  );
}

/** What the plan says, in words: also for who can't see it. */
function PlanText(props: { game: EscapeRoom; plan: EscapePlan; orders?: EscapeOrders }) {
  const { game, plan, orders } = props;
  const says = sheetWords.planText;
  const names = (ids: string[]) => ids.map((id) => titleOf(game, id));
  if (!plan.escapable) return <p className="py-1 text-sm text-soft">{says.none}</p>;
  return (
    <details className="py-1 text-sm">
      <summary className="min-h-9 cursor-pointer py-1.5 text-soft">
        {orders ? says.orders(orders.count, orders.exact, orders.widest) : says.counting}
      </summary>
      <p>{says.chain(names(plan.chain))}</p>
      <p>{says.necessary(names(plan.necessary), plan.locks.length)}</p>
      {orders && (
        <p>{orders.example.length > 0 ? says.example(names(orders.example)) : says.outAtOnce}</p>
      )}
    </details>
  );
}

interface DrawingProps {
  useEditor: EditorStore;
  game: EscapeRoom;
  plan: EscapePlan;
  layout: PlanLayout;
}

/** The drawing; everything in it stands in the lines below, too. */
function Drawing({ useEditor, game, plan, layout }: DrawingProps) {
  const open = useEditor((editor) => editor.open);
  const { unfold } = useEditor.getState();
  const never = new Set(plan.never);
  const necessary = new Set(plan.necessary);
  return (
    <svg
      aria-hidden="true"
      viewBox={`0 0 ${layout.width} ${layout.height}`}
      style={{ width: layout.width, minWidth: layout.width * LEAST }}
    >
      <defs>
        <pattern id="plan-never" width="7" height="7" patternUnits="userSpaceOnUse">
          <path d="M0 7L7 0" className="plan-hatch" />
        </pattern>
        <marker
          id="plan-arrow"
          viewBox="0 0 8 8"
          refX="7"
          refY="4"
          markerWidth="7"
          markerHeight="7"
          orient="auto"
        >
          <path d="M0 0L8 4L0 8Z" className="plan-tip" />
        </marker>
      </defs>
      {layout.rooms.map((room) => (
        // biome-ignore lint/a11y/noStaticElementInteractions: the lines below are for the keyboard
        <g key={room.id} data-open={open === room.id} onClick={() => unfold(room.id, false)}>
          <rect {...cornered(room)} rx={4} className="plan-room" />
          {never.has(room.id) && (
            <rect {...cornered(room)} rx={4} fill="url(#plan-never)" className="plan-hatched" />
          )}
          <text
            x={room.x - room.width / 2 + 7}
            y={room.y - room.height / 2 + 13}
            className="plan-room-name"
          >
            {shortened(titleOf(game, room.id), Math.max(12, room.width / 8))}
          </text>
        </g>
      ))}
      {layout.edges.map(({ from, to, helps, points }) => (
        <path
          key={`${from} ${to}`}
          d={`M${points.map(({ x, y }) => `${x} ${y}`).join("L")}`}
          data-helps={helps}
          className="plan-way"
          markerEnd="url(#plan-arrow)"
        />
      ))}
      {layout.nodes.map((node) => (
        // biome-ignore lint/a11y/noStaticElementInteractions: the lines below are for the keyboard
        <g
          key={node.id}
          data-kind={node.kind}
          data-open={open === node.id}
          data-necessary={necessary.has(node.id)}
          className="plan-node"
          onClick={() => node.kind !== "way-in" && node.id !== OUT && unfold(node.id, false)}
        >
          <Node node={node} title={nodeTitle(game, node)} />
          {never.has(node.id) && (
            <rect {...cornered(node)} rx={8} fill="url(#plan-never)" className="plan-hatched" />
          )}
        </g>
      ))}
    </svg>
  );
}

const nodeTitle = (game: EscapeRoom, node: PlanNode) =>
  node.kind === "out" ? sheetWords.out : node.kind === "way-in" ? "" : titleOf(game, node.id);

/** Smaller than this share of its size nobody can read it: then it is moved to and fro. */
const LEAST = 0.75;

const CHARACTER = 6.6;

function Node({ node, title }: { node: Laid & PlanNode; title: string }) {
  if (node.kind === "way-in") return <circle cx={node.x} cy={node.y} r={4} className="plan-in" />;
  const seal = node.kind === "lock";
  const room = node.width - (seal ? 34 : 10);
  return (
    <>
      <title>{title}</title>
      <rect {...cornered(node)} rx={seal ? node.height / 2 : 4} className="plan-box" />
      {seal && (
        <g className="plan-seal" transform={`translate(${node.x - node.width / 2 + 17} ${node.y})`}>
          <circle r={11} />
          <path d="M-3.5 -1V-3.5a3.5 3.5 0 0 1 7 0V-1M-5 -1h10v6.5h-10Z" />
        </g>
      )}
      <text x={node.x + (seal ? 12 : 0)} y={node.y + 4} textAnchor="middle">
        {shortened(title, room / CHARACTER)}
      </text>
    </>
  );
}

const cornered = ({ x, y, width, height }: Laid) => ({
  x: x - width / 2,
  y: y - height / 2,
  width,
  height,
});

const shortened = (text: string, most: number) =>
  text.length <= most ? text : `${text.slice(0, Math.max(1, Math.floor(most) - 1)).trimEnd()}…`;
