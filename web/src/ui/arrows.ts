/** Where an arrow key leads, as steps to the right and down; nothing for another key. */
export const arrowOf = (key: string): [number, number] | undefined =>
  ({ ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] })[key] as
    | [number, number]
    | undefined;
