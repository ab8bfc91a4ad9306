/** Walls that are named in the drawing; all of them stand in the list below it. */
const MOST = 10

/** Walls in short rows, so that they fit beside the floor. */
export function rowsOf(walls: number[], inARow: number): string[] {
  const shown = walls.slice(0, MOST).map(String)
  if (walls.length > MOST) shown.push('…')
  const rows: string[] = []
  for (let i = 0; i < shown.length; i += inARow) rows.push(shown.slice(i, i + inARow).join(' '))
  return rows
}
