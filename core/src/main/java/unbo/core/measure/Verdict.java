package unbo.core.measure;

/** A three-valued answer: a measurement near an edge cannot tell. */
public enum Verdict {
  YES,
  NO,
  CANNOT_TELL
}
