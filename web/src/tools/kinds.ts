import type { OwnedTool } from '../api/types';

/** A name that no tool has yet. */
export function freeTool(tools: readonly OwnedTool[]): string {
  for (let n = 1; ; n++) {
    const id = `tool-${n}`;
    if (!tools.some((t) => t.id === id)) return id;
  }
}

/** A round tool where it lies on the mat, mm. */
export interface Laid {
  tool: OwnedTool;
  /** middle from the left, mm */
  xMm: number;
  /** middle from the top, mm */
  yMm: number;
}

const APART_MM = 4;
const WORDS_MM = 5;

/** Lays circles in rows of a width, each resting on the line of its row; says how high that is. */
export function laidOut(tools: readonly OwnedTool[], widthMm: number): { laid: Laid[]; heightMm: number } {
  const laid: Laid[] = [];
  let row: OwnedTool[] = [];
  let x = APART_MM;
  let y = APART_MM;
  const close = () => {
    const highest = Math.max(0, ...row.map((t) => t.sizeMm));
    let at = APART_MM;
    for (const tool of row) {
      const room = Math.max(tool.sizeMm, MOST_WORDS_MM);
      laid.push({ tool, xMm: at + room / 2, yMm: y + highest - tool.sizeMm / 2 });
      at += room + APART_MM;
    }
    y += highest + WORDS_MM + APART_MM;
    row = [];
    x = APART_MM;
  };
  for (const tool of tools) {
    const room = Math.max(tool.sizeMm, MOST_WORDS_MM) + APART_MM;
    if (row.length > 0 && x + room > widthMm) close();
    row.push(tool);
    x += room;
  }
  close();
  return { laid, heightMm: y };
}

const MOST_WORDS_MM = 9;
