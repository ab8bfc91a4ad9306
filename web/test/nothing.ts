/** In place of the component library's styles: nothing is drawn in these tests. */
export {}
