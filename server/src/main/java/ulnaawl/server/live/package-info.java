/**
 * Who is where just now, and what has just changed: told to every open page, so that two people on
 * one thing see each other. It lives in memory; nothing here is the truth, pages ask for that.
 */
@NullMarked
package ulnaawl.server.live;

import org.jspecify.annotations.NullMarked;
