import type { Schemas } from '@/api/client'

/** What the editor asks the page for. */
export interface Help {
  /** What can come at an offset of the text. */
  possible: (text: string, offset: number) => Promise<Schemas['PossibleView']>
  /** The figure with a name or synonym. */
  figure: (name: string) => Schemas['FigureSheet'] | undefined
  /** Tidies the text. */
  format: () => void
}
