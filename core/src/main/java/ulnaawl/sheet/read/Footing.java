package ulnaawl.sheet.read;

import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Weight;

/** How somebody stands between two lines: on which foot, and where to. */
record Footing(Weight weight, RelativeFacing facing) {}
