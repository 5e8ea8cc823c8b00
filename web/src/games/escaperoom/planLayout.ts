import { Graph, layout } from "@dagrejs/dagre";
import type { PlanGraph, PlanNode } from "./planGraph";

/** Where something lies on the plan, by its middle. */
export interface Laid {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** The plan laid out: the same every time for the same plan. */
export interface PlanLayout {
  width: number;
  height: number;
  rooms: (Laid & { id: string })[];
  nodes: (Laid & PlanNode)[];
  edges: { from: string; to: string; helps: boolean; points: { x: number; y: number }[] }[];
}

const SIZES: Record<PlanNode["kind"], [width: number, height: number]> = {
  room: [0, 0],
  lock: [148, 34],
  thing: [128, 26],
  cover: [128, 26],
  piece: [54, 26],
  out: [60, 30],
  "way-in": [12, 12],
};

/** Lays a plan out from top to bottom; rooms are boxes round what stands in them. */
export function laidOut({ rooms, nodes, edges }: PlanGraph): PlanLayout {
  const graph = new Graph({ compound: true });
  graph.setGraph({ rankdir: "TB", nodesep: 12, ranksep: 24, marginx: 8, marginy: 8 });
  graph.setDefaultEdgeLabel(() => ({}));
  for (const room of rooms) graph.setNode(room, { label: room });
  for (const node of nodes) {
    const [width, height] = SIZES[node.kind];
    graph.setNode(node.id, { width, height });
    if (node.room !== undefined) graph.setParent(node.id, node.room);
  }
  for (const edge of edges) graph.setEdge(edge.from, edge.to, {});
  layout(graph);
  const at = (id: string) => graph.node(id) as unknown as Laid;
  const size = graph.graph() as { width?: number; height?: number };
  const box = ({ x, y, width, height }: Laid): Laid => ({ x, y, width, height });
  return {
    width: size.width ?? 0,
    height: size.height ?? 0,
    rooms: rooms.map((id) => ({ id, ...box(at(id)) })),
    nodes: nodes.map((node) => ({ ...node, ...box(at(node.id)) })),
    edges: edges
      .filter((edge) => !edge.unseen)
      .map((edge) => ({
        ...edge,
        points: (graph.edge(edge.from, edge.to) as { points: { x: number; y: number }[] }).points,
      })),
  };
}
