/** A page of the app with the section of the handbook that says how it is used. */
interface Page {
  path: RegExp
  chapter: string
  section: string
}

/** What a page is for; the first that fits counts. */
export const PAGES: Page[] = [
  { path: /^\/first$/, chapter: 'first-evening', section: 'groups' },
  { path: /^\/dances\/read$/, chapter: 'a-sheet', section: 'what-was-understood' },
  { path: /^\/dances\/\d+\/teach/, chapter: 'teaching', section: 'what-it-makes' },
  { path: /^\/dances\/\d+\/run-through/, chapter: 'running-it-through', section: 'slow-to-full-speed' },
  { path: /^\/run-through/, chapter: 'running-it-through', section: 'sound' },
  { path: /^\/dances\/\d+\/(walls|calls|where)/, chapter: 'a-dance', section: 'judging-it' },
  { path: /^\/dances\/\d+\/sheet/, chapter: 'a-sheet', section: 'the-sheet-stays' },
  { path: /^\/dances(\/new.*|\/\d+)$/, chapter: 'a-dance', section: 'step-text' },
  { path: /^\/dances$/, chapter: 'first-evening', section: 'first-dances' },
  { path: /^\/figures$/, chapter: 'a-dance', section: 'step-text' },
  { path: /^\/songs/, chapter: 'first-evening', section: 'songs' },
  { path: /^\/classes\/\d+\/brief$/, chapter: 'handing-over', section: 'the-brief' },
  { path: /^\/classes\/\d+\/floor$/, chapter: 'the-evening', section: 'on-the-floor' },
  { path: /^\/classes\/\d+\/log$/, chapter: 'the-evening', section: 'writing-it-down' },
  { path: /^\/classes\/\d+$/, chapter: 'planning-a-class', section: 'changing-it' },
  { path: /^\/classes$/, chapter: 'planning-a-class', section: 'what-a-plan-weighs' },
  { path: /^\/groups\/matrix$/, chapter: 'the-evening', section: 'what-fades' },
  { path: /^\/groups\/taught$/, chapter: 'handing-over', section: 'history' },
  { path: /^\/groups\/\d+$/, chapter: 'the-evening', section: 'what-fades' },
  { path: /^\/groups$/, chapter: 'first-evening', section: 'groups' },
  { path: /^\/terms\/\d+/, chapter: 'term-and-social', section: 'changing-a-term' },
  { path: /^\/terms$/, chapter: 'term-and-social', section: 'planning-a-term' },
  { path: /^\/socials/, chapter: 'term-and-social', section: 'running-a-social' },
  { path: /^\/waiting$/, chapter: 'handing-over', section: 'proposals' },
  { path: /^\/files$/, chapter: 'taking-it-along', section: 'bringing-what-you-have' },
  { path: /^\/print$/, chapter: 'the-evening', section: 'before' },
  { path: /^\/(account|club)/, chapter: 'first-evening', section: 'people' },
]

/** What says how a page is used. */
export const pageOf = (path: string) => PAGES.find((one) => one.path.test(path))
