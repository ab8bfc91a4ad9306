/** A part of a chapter of the handbook. */
export interface Section {
  /** Its part of the address. */
  name: string
  title: string
  html: string
  /** Its words, to search in. */
  text: string
}

/** A chapter of the handbook, rendered when the app was built. */
export interface Chapter {
  name: string
  title: string
  /** What stands before its first section. */
  intro: string
  sections: Section[]
}
