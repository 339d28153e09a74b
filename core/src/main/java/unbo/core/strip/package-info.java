/**
 * Taking an arrangement apart: in which order its parts come off, and by which ways a tight ring
 * can be got off its seat. Worked out from the outlines of the section and from what the contacts
 * hold, never from a list for an arrangement. Start at {@link unbo.core.strip.StripOrder} and
 * {@link unbo.core.strip.Routes}.
 */
package unbo.core.strip;
