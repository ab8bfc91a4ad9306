-- When a dance of the term's plan was to be known, as it was settled; nothing where that is not said.
alter table term_planned add column known_on date;
