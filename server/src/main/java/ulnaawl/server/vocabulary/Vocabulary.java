package ulnaawl.server.vocabulary;

import ulnaawl.figure.FigureBook;
import ulnaawl.level.LevelTable;

/**
 * What the club understands by its words, at one moment.
 *
 * @param number another one for each change since the start of the server
 * @param book the figure book with the club's own figures and words
 * @param table the table of levels with the club's own lines
 */
public record Vocabulary(long number, FigureBook book, LevelTable table) {}
