import type { Chapter } from './chapter'
import news from '../../../CHANGELOG.md'

/** What changed with each release, the newest first. */
export const NEWS: Chapter = news

/** The release that is running. */
export const VERSION = NEWS.sections[0]?.title ?? ''
