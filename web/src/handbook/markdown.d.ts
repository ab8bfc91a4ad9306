declare module '*.md' {
  const chapter: import('./chapter').Chapter
  export default chapter
}
