package ulnaawl.people;

/**
 * What people are called now. A name is put to a number where it is said, and kept nowhere else.
 */
public interface PeopleNames {

  /** What is said of somebody who is to be forgotten, and of whom nothing is known. */
  String FORMER = "a former leader";

  /** Nobody is known by name. */
  PeopleNames NONE = _ -> FORMER;

  /** What somebody is called; {@link #FORMER} where they are to be forgotten. */
  String of(PersonId person);
}
